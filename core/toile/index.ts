export { type ArmPose, HANGING } from "./body/arm";
export { buffersOf, type HalfPicture, pictureOf, type Side, type ToilePicture } from "./picture";
export { type WornFinding, wornFindings } from "./reads/findings";
export { raisedReads, readsOf } from "./reads/reads";
export type { WornRead } from "./reads/worn-read";
export type { Progress } from "./sewing/hang";
export { COARSE, ended, FINE, type NotWorn, type Report, type WearOptions, type Worn, wear, wearFrom } from "./wear";
