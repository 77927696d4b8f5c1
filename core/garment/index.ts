export { applyChange } from "./apply-change";
export type { DraftedBodiceSleeve, SeamMark } from "./bodice-sleeve";
export {
  compareMethods,
  type MethodCompared,
  type MethodFigures,
  type Swept,
  sweepMethods,
  tradeOffOf,
} from "./compare-methods";
export type { DraftedCollar } from "./draft-collar";
export { draftGarment } from "./draft-garment";
export { bodiceSleeve, type DraftedSleeve, sewnSleeve } from "./draft-sleeve";
export { edgePaths } from "./edge-paths";
export { estimateBody } from "./estimate-body";
export { type Bounds, type Field, fieldPath, LENGTH_FIELDS, labelOf } from "./fields";
export { UNFORESEEN } from "./guarded";
export {
  capLineHandle,
  collarHandle,
  crownHandle,
  type Handle,
  styleHandle,
} from "./handles";
export type { Issue } from "./issues";
export { provenFindings } from "./prove-remedies";
export { nestsTooDeep, type ReadGarment, readGarment, readGarmentText } from "./read";
export { type ReadLength, readLength } from "./read-length";
export { type ReadMeasures, readMeasures } from "./read-measures";
export type { DefaultTaken } from "./resolve";
export { writeResult } from "./result";
export type { SewnSleeve } from "./sewn-sleeve";
export { type Garment, sketchGarment } from "./sketch-garment";
export {
  type BlockSource,
  type BlockSpec,
  type DraftedBlockSpec,
  emptyGarment,
  GARMENT_FORMAT,
  type GarmentSpec,
  type NotchMark,
  type OutlineBlockSpec,
  type OutlineHalfSpec,
  type SleeveSpec,
} from "./spec";
export { STATIONS, type Station, type StationState, stationState } from "./stations";
export { type GarmentSummary, summaryOf, UNREADABLE_SUMMARY } from "./summary";
export { writeGarment } from "./write";
