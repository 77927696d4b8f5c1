export {
  type Estimate,
  estimateArmLength,
  estimateBust,
  estimateElbow,
  estimateShoulderToElbow,
  estimateUpperArm,
  estimateWrist,
  type SleeveBody,
} from "./estimates";
export { type Body, MEASURE_IDS, type Measure, type MeasureId, measureOf } from "./measures";
