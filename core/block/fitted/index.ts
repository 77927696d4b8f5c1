export { draftFitted, type FittedBlock } from "./draft-fitted";
export { EASE_GARMENT_NAMES, EASE_GARMENTS, type EaseGarment, usualEase, usualGarment } from "./ease";
export { fittedShoulderLength } from "./neck";
export type { FittedObstacle } from "./obstacle";
export {
  BUST_DARTS,
  type BustDartPlace,
  EASE_LEVELS,
  type FittedBody,
  type FittedChoices,
  type FittedEase,
  type FittedTask,
  type FittedTold,
} from "./task";
