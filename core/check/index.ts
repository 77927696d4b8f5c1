export { type EaseKnot, type EaseProfile, easeProfile, easeUpTo, FADE_AT_SHOULDER_MM, partAt } from "./ease";
export type { Finding, Remedy, Severity, SpecChange } from "./finding";
export { judgeContradiction, judgeFrontAndBack } from "./judge-armhole";
export { judgeEase, judgeSurplus } from "./judge-cap";
export { judgeNoCap } from "./judge-fit";
export { judgeHand, judgeLength, judgeNotches, judgeWidth } from "./judge-sleeve";
export { type Seam, type SeamSection, sleeveSeams } from "./seam";
