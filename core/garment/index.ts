export {
  blockDimensions,
  collarDimensions,
  distanceDimension,
  type HalfPlaces,
  pieceDimensions,
  sleeveDimensions,
} from "./dimensions";
export { beyondBlock, blockEdges, edgePaths } from "./edge-paths";
export {
  capLineHandle,
  collarHandle,
  crownHandle,
  type DragRange,
  dartHandle,
  handlePlaces,
  styleHandle,
} from "./handles";
export { type GarmentPicture, pictureOf } from "./picture";
export { draftGarment, provenFindings } from "./prove-remedies";
export { type Garment, sketchGarment } from "./sketch-garment";
export { STATIONS, type Station, type StationState, stationState } from "./stations";
export { type GarmentSummary, STAGES, type Stage, summaryOf, UNREADABLE_SUMMARY } from "./summary";
