export { type ArmPose, HANGING } from "./body/arm";
export { buffersOf, type HalfPicture, pictureOf, type Side, type ToilePicture } from "./picture";
export { type WornFinding, wornFindings } from "./reads/findings";
export { raisedReads, readsOf } from "./reads/reads";
export type { WornRead } from "./reads/worn-read";
export type { Progress } from "./sewing/hang";
export type { NotWorn, WearOptions } from "./task";
export { COARSE, ended, FINE, wear, wearFrom } from "./wear";
export type { Report, Worn } from "./worn";
