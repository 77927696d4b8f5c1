export { blockDimensions, type HalfPlaces } from "./block-dimensions";
export { collarDimensions } from "./collar-dimensions";
export { sleeveDimensions } from "./sleeve-dimensions";
