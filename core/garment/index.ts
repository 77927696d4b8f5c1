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
export { bodiceSleeve, type DraftedSleeve, sewnSleeve } from "./draft-sleeve";
export { edgePaths } from "./edge-paths";
export { UNFORESEEN } from "./guarded";
export {
  capLineHandle,
  collarHandle,
  crownHandle,
  type Handle,
  styleHandle,
} from "./handles";
export { draftGarment, provenFindings } from "./prove-remedies";
export type { DefaultTaken } from "./resolve";
export { estimateBody } from "./resolve";
export { writeResult } from "./result";
export type { SewnSleeve } from "./sewn-sleeve";
export { type Garment, sketchGarment } from "./sketch-garment";
export { STATIONS, type Station, type StationState, stationState } from "./stations";
export { type GarmentSummary, summaryOf, UNREADABLE_SUMMARY } from "./summary";
