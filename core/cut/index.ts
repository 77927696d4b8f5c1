export type { EdgeAllowance } from "./allowances";
export { type CutGarment, type CutPiece, cutGarment } from "./cut-garment";
export { type Filled, fill, type Item } from "./lay/fill";
export { type Shape, shapeOf } from "./lay/raster";
export type { EdgeRole } from "./roles";
