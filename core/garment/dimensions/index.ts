export { blockDimensions, type HalfPlaces } from "./block-dimensions";
export { collarDimensions } from "./collar-dimensions";
export { straight as distanceDimension } from "./dimension";
export { pieceDimensions } from "./pieces-dimensions";
export { sleeveDimensions } from "./sleeve-dimensions";
