export { type EaseKnot, type EaseProfile, easeProfile, easeUpTo, FADE_AT_SHOULDER_MM, partAt } from "./ease";
export type { Finding, Remedy, Severity } from "./finding";
export { judgeFrontAndBack, judgeRoundArmhole } from "./judge-armhole";
export {
  judgeAlteration,
  judgeContradiction,
  judgeObstacle,
  judgeTooMuchAllowance,
} from "./judge-block";
export { judgeBodiceSleeve, judgeNoRoom } from "./judge-bodice";
export { judgeEase, judgeSurplus } from "./judge-cap";
export { type DeepenNeck, judgeCollar } from "./judge-collar";
export { type Enlarge, judgeNoCap } from "./judge-fit";
export { judgeMeasures } from "./judge-measures";
export { judgeNoCollar } from "./judge-no-collar";
export { judgeGrain, judgeOutline, judgeTraced } from "./judge-outline";
export { judgeOutlines } from "./judge-outlines";
export {
  judgeBulge,
  judgeElbowDart,
  judgeHand,
  judgeLength,
  judgeLowerEase,
  judgeNarrowHem,
  judgeNotches,
  judgeTurnUp,
  judgeUnderSleeve,
} from "./judge-sleeve";
export { judgeSolvers } from "./judge-solvers";
export { type FinishedStyle, judgeStyle } from "./judge-style";
export { judgeWidth } from "./judge-width";
export { draftByFitFirst } from "./reconcile";
export { lowerCapFigures, type Seam, type SeamId, type SeamSection, sleeveSeams, styleSeams } from "./seam";
export { layPart, type Walk, type WalkMoment, walkSeam } from "./walk";
