export {
  ARMHOLE_RULES,
  type ArmholeRule,
  BLOCK_STYLES,
  type BlockChoices,
  type BlockMeasures,
  type BlockStyle,
  BODY_LENGTHS,
  type BodyLength,
  DART_INTAKE_MM,
  GATHERS,
  type Gathers,
  NECK_RULES,
  NECK_SHAPES,
  type NeckRule,
  type NeckShape,
  SHAPINGS,
  SHOULDER_DART_INTAKE_MM,
  type Shaping,
  STYLE_DEFAULTS,
} from "./choices";
export { type DraftedBlock, draftBlock } from "./draft-block";
export type { BlockObstacle } from "./obstacle";
