export type { Drawing, DrawingProblem, DrawingUnit, ReadDrawing } from "./drawing";
export { type DrawnEdge, drawnEdges, joinEdges } from "./edges";
export { type EdgeRole, type Guess, guessEdges } from "./guess-edges";
export { type ReadMeasuresCsv, readMeasuresCsv } from "./measures-csv";
export { isTooLarge, readDrawing, TOO_LARGE } from "./read-drawing";
