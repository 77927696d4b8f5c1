export {
  ARMHOLE_RULES,
  type ArmholeRule,
  BLOCK_SCHOOLS,
  BLOCK_STYLES,
  type BlockChoices,
  type BlockMeasures,
  type BlockSchool,
  type BlockStyle,
  BODY_LENGTHS,
  type BodyLength,
  DART_INTAKE_MM,
  GATHERS,
  type Gathers,
  isPrincess,
  NECK_RULES,
  NECK_SHAPES,
  type NeckRule,
  type NeckShape,
  SHAPINGS,
  SHOULDER_DART_INTAKE_MM,
  type Shaping,
  SIDE_SEAMS,
  type SideSeam,
  STYLE_DEFAULTS,
  TYPED_FIGURES,
  type TypedFigure,
  type TypedFigures,
  UNDERBUSTS,
} from "./choices";
export { type DraftedBlock, draftBlock } from "./draft-block";
export type { BlockObstacle } from "./obstacle";
export { planBlock, typedFigureOf } from "./plan";
export { usualGathers } from "./plan-widths";
