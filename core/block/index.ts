export {
  ALTERATION_KINDS,
  ALTERATIONS,
  type Alteration,
  type AlterationKind,
  type AlterationTaken,
  type BodyAlteration,
  type BodyAlterationKind,
  type CurveLengths,
  curveLengths,
  type DrawnAlteration,
  isOfBody,
  isOfDrawing,
} from "./alteration-kinds";
export { byAmount, withAlterationSteps } from "./alteration-steps";
export { alterBlock, closingShoulderDarts, withEasedArmhole } from "./alterations";
export type { Contradiction, WayOut } from "./contradiction";
export {
  type ArmholeRule,
  BLOCK_SCHOOLS,
  type BlockChoices,
  type BlockMeasures,
  type BlockObstacle,
  type BlockSchool,
  type BlockStyle,
  type BodyLength,
  DART_INTAKE_MM,
  type DraftedBlock,
  draftBlock,
  type Gathers,
  isPrincess,
  type NeckRule,
  type NeckShape,
  planBlock,
  SHAPINGS,
  SHOULDER_DART_INTAKE_MM,
  type Shaping,
  type SideSeam,
  STYLE_DEFAULTS,
  TYPED_FIGURES,
  type TypedFigure,
  typedFigureOf,
  type Underbust,
  usualGathers,
} from "./drafted";
export {
  type AlteredFitted,
  alterFitted,
  BUST_DARTS,
  type BustDartPlace,
  clothAdds,
  draftFitted,
  EASE_BASE_BUST_MM,
  EASE_GARMENT_NAMES,
  EASE_GARMENTS,
  EASE_LEVELS,
  type EaseGarment,
  easeAtBase,
  type FittedBlock,
  type FittedBody,
  type FittedEase,
  type FittedObstacle,
  type FittedTask,
  type FittedTold,
  fittedShoulderLength,
  usualEase,
  usualGarment,
} from "./fitted";
export {
  armholeDepth,
  type Block,
  type BodiceHalf,
  type BustShaping,
  type Curve,
  centreDown,
  dartLine,
  dartPoint,
  type Level,
  type LevelName,
  lengthToLevel,
  levelOf,
  type NeckTurn,
  SIDES,
  type Side,
  type SideDart,
  sewnArmhole,
} from "./half";
export { type BlockMeasured, measureBlock } from "./measured";
export { DART_AS_EASE_MM, DART_AS_MUCH_EASE_MM } from "./move-dart";
export { withNeckAbove } from "./neckline-curve";
export {
  type BlockOutline,
  blockFromOutline,
  type OutlineFault,
  type OutlineStandIns,
} from "./outline";
export type { OutlineHalf } from "./place-outline";
export { fitToArmhole, fitToNeckline, type ReadOver } from "./read-over";
export type { BlockReadings, NeckReadings, Reading, ReadingPath } from "./readings";
export { type RebuiltBlock, rebuildBlock } from "./rebuild";
export { type ReadingOffsets, stitchingLineOffsets } from "./seam-allowance";
