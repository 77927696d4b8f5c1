export { type Difference, differencesOf, differenceWords } from "./differences";
export type { Bounds, ChoiceField, Field, Fields, FigureField, OptionWords, UsualRange, When, Words } from "./field";
export { GARMENT_FIELDS, GARMENT_FORMAT } from "./garment-fields";
export {
  applyChange,
  type BlockSource,
  type BlockSpec,
  type CollarSpec,
  type DraftedBlockSpec,
  emptyGarment,
  type GarmentSpec,
  type HemSpec,
  type NotchMark,
  type OutlineBlockSpec,
  type OutlineHalfSpec,
  type ReadingsBlockSpec,
  type SleeveSpec,
  type SpecChange,
} from "./garment-spec";
export type { Issue } from "./issues";
export { type Conflict, type Merge, mergeGarments, withDifferences } from "./merge";
export {
  fieldAt,
  fieldPath,
  isWithin,
  LENGTH_FIELDS,
  labelOf,
  optionName,
  QUANTITY_FIELDS,
  readQuantity,
} from "./paths";
export { nestsTooDeep, type ReadGarment, readGarment, readGarmentText } from "./read";
export { type LengthBox, type ReadLength, readLength } from "./read-length";
export { type ReadMeasures, readMeasures } from "./read-measures";
export { inUnit, writeGarment } from "./write";
