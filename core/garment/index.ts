export { edgePaths } from "./edge-paths";
export {
  capLineHandle,
  collarHandle,
  crownHandle,
  type DragRange,
  styleHandle,
} from "./handles";
export { draftGarment, provenFindings } from "./prove-remedies";
export { writeResult } from "./result";
export { type Garment, sketchGarment } from "./sketch-garment";
export { STATIONS, type Station, type StationState, stationState } from "./stations";
export { type GarmentSummary, summaryOf, UNREADABLE_SUMMARY } from "./summary";
