export {
  DRAWING_UNITS,
  type Drawing,
  type DrawingProblem,
  type DrawingUnit,
  LIMITS,
  type ReadDrawing,
} from "./drawing";
export { type DrawnEdge, drawnEdges, joinEdges } from "./edges";
export { EDGE_ROLES, type EdgeRole, type Guess, guessEdges } from "./guess-edges";
export { type ReadMeasuresCsv, readMeasuresCsv } from "./measures-csv";
export { isTooLarge, readDrawing, TOO_LARGE } from "./read-drawing";
