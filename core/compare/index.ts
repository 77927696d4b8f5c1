export { type BlockOfSchool, compareBlocks } from "./compare-blocks";
export {
  compareMethods,
  type MethodCompared,
  type MethodFigures,
  type Swept,
  sweepMethods,
  tradeOffOf,
} from "./compare-methods";
export { type EdgeWay, edgeLength, type GivingEdge, waysToMeet } from "./meet-part";
export { type ChangedFigure, type OverlaidPiece, type Overlay, overlayOf } from "./overlay";
