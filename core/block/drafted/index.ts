export {
  type ArmholeRule,
  BLOCK_SCHOOLS,
  type BlockChoices,
  type BlockMeasures,
  type BlockSchool,
  type BlockStyle,
  type BodyLength,
  DART_INTAKE_MM,
  type Gathers,
  isPrincess,
  type NeckRule,
  type NeckShape,
  SHAPINGS,
  SHOULDER_DART_INTAKE_MM,
  type Shaping,
  type SideSeam,
  STYLE_DEFAULTS,
  TYPED_FIGURES,
  type TypedFigure,
  type TypedFigures,
  type Underbust,
} from "./choices";
export { type DraftedBlock, draftBlock } from "./draft-block";
export type { BlockObstacle } from "./obstacle";
export { planBlock, typedFigureOf } from "./plan";
export { usualGathers } from "./plan-widths";
