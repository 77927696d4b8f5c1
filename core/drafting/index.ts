export { type BodiceAttempt, bodiceBase, type DraftedBodiceSleeve, type SeamMark } from "./bodice-sleeve";
export { type BuiltBlock, buildBlock, NO_BLOCK } from "./build-block";
export { type CollarAttempt, type DraftedCollar, draftCollar, type NeckForCollar } from "./draft-collar";
export { bodiceSleeve, type DraftedSleeve, draftSleeve, type SleeveAttempt, sewnSleeve } from "./draft-sleeve";
export type { FinishedSleeve } from "./finish-sleeve";
export { isOfArm, type OtherSleeve } from "./other-arm";
export type { Part } from "./part";
export { draftSewnSleeve, type SewnAttempt, type SewnSleeve, setInTask } from "./sewn-sleeve";
export { type AssembledGarment, NOTHING_ASSEMBLED, wholeGarment } from "./whole-garment";
