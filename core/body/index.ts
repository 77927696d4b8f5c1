export { ARM_MEASURES, armsOf, type OtherArm } from "./arms";
export { findBodySlips, findSlips, type Slip } from "./cross-checks";
export {
  type Estimate,
  estimateArmhole,
  estimateArmLength,
  estimateAroundShoulders,
  estimateBackLength,
  estimateBust,
  estimateElbow,
  estimateFromBust,
  estimateNeck,
  estimateShoulderToElbow,
  estimateUpperArm,
  estimateWrist,
  limbAt,
  type SleeveBody,
} from "./estimates";
export { type FittedEstimates, fittedEstimates, type Proportions } from "./fitted-estimates";
export {
  type Body,
  MEASURE_IDS,
  MEASURING_ORDER,
  type Measure,
  type MeasureId,
  measureNamed,
  measureOf,
  searchMeasures,
} from "./measures";
export {
  BODY_SIDES,
  type BodySide,
  bodyOf,
  type Changed,
  changesBetween,
  isTakenId,
  latestOf,
  splitTakenId,
  TAKEN_IDS,
  type Taken,
  type TakenId,
} from "./measuring";
export { type PlausibleRange, plausibleRange } from "./ranges";
