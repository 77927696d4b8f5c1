export { type CapFrame, type CapTask, type NamedSolution, wantedSeams } from "./cap-frame";
export { BACK_SHAPE, type CapShape, FRONT_SHAPE, halfCap, halfCapLength } from "./cap-shape";
export { type FeasibleRange, widthAtHeight } from "./fit";
export { fitFirstRange, LOWEST_CAP_MM } from "./fit-first";
export { methodOf, SET_IN_METHODS, type SetInMethod } from "./methods";
export { type SeamNotch, usualNotches } from "./notches";
export { hemOf, type SleeveLengths, type SleeveOutline } from "./outline";
export { draftSetInSleeve, LEAST_BELOW_CAP_MM, type SetInSleeve } from "./set-in-sleeve";
export type { SetInTask } from "./task";
