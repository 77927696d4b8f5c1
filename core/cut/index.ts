export type { EdgeAllowance } from "./allowances";
export { type CutGarment, type CutPiece, cutGarment } from "./cut-garment";
export type { EdgeRole } from "./roles";
