export { type AlteredFitted, alterFitted } from "./alter-fitted";
export { draftFitted, type FittedBlock } from "./draft-fitted";
export {
  clothAdds,
  EASE_BASE_BUST_MM,
  EASE_GARMENT_NAMES,
  EASE_GARMENTS,
  type EaseGarment,
  easeAtBase,
  usualEase,
  usualGarment,
} from "./ease";
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
