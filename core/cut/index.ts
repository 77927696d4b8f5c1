export type { EdgeAllowance } from "./allowances";
export { type CutGarment, type CutPiece, cutGarment } from "./cut-garment";
export { type CutLine, type CutList, cutList } from "./cut-list";
export { type Filled, fill, type Item } from "./lay/fill";
export { type ClothOnTable, LAY_CLOTHS, type LayCloth, type LayPiece, layPieces } from "./lay/lay-pieces";
export { type LaidPiece, type LayPlan, layPlans, lengthOf, outlineOnCloth, useOf } from "./lay/lay-plan";
export { type Shape, shapeOf } from "./lay/raster";
export { joinsWanted, type MakingStep, makingOrder } from "./making-order";
export type { EdgeRole } from "./roles";
