export type { Dimension, DimensionPlace } from "./dimension";
export {
  composeDraft,
  type Draft,
  type DraftLine,
  type LetteredPoint,
  lettered,
  type Step,
  type StepRecord,
} from "./draft";
export type { Figure, Source } from "./figure";
export type { Handle } from "./handle";
export {
  change,
  length,
  type Phrase,
  type PhrasePart,
  percent,
  phrase,
  point,
  speak,
  speakPart,
  toSide,
  wholeUp,
} from "./phrase";
