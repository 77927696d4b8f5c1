export { cornersOf, KNOWN_SHEETS, type PhotoReference, paperFrom, pictureFrom } from "./reference";
export { type Traced, type TracedEdge, type TraceProblem, traceEdge } from "./trace-edge";
