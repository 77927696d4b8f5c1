export {
  type CapFrame,
  type CapTask,
  type Placement,
  shapesOf,
  wantedSeams,
} from "../cap/cap-frame";
export {
  CAP_SHAPES,
  type CapCurve,
  type CapGuides,
  type CapShape,
  type CapShapes,
  FULLNESS_CHANGE,
  type Guide,
  halfCap,
  halfCapLength,
} from "../cap/cap-shape";
export { type FeasibleRange, widthAtHeight } from "../cap/fit";
export { fitFirstRange, isInFitFirstRange, LOWEST_CAP_MM, type TradeOff, tradeOff } from "../cap/fit-first";
export { missedGuides, throughGuides } from "../cap/guides";
export { type LowerHollows, lowerHollows } from "../cap/lower-cap";
export { methodOf, SET_IN_METHODS, type SetInMethod } from "../cap/methods";
export { lowerCapFigures, sleeveSeams } from "./armhole-seams";
export { finishedLength, hemWidthOf, pleatsFor } from "./figures";
export { DOUBLE_NOTCH_GAP_MM, onCap, type SeamNotch, usualNotches } from "./notches";
export { cutAcross, type ElbowDart, foldedOver, type SleeveLengths, type SleeveOutline, type TurnUp } from "./outline";
export { sleevePieces, wholeSleeve } from "./pieces";
export {
  capOnCapLine,
  draftSetInSleeve,
  LEAST_BELOW_CAP_MM,
  leastHem,
  type SetInSleeve,
  whyNotDrawable,
} from "./set-in-sleeve";
export type { SetInTask, SleeveCut, SleeveSide, SurplusWay } from "./task";
export {
  LEAST_UNDER_MM,
  roomForSeams,
  type SleevePart,
  type TwoPiece,
  type TwoPieceChoices,
} from "./two-piece";
