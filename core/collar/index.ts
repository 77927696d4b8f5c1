export {
  COLLAR_CHOICE_NAMES,
  COLLAR_CHOICES,
  COLLAR_FIELD_NAMES,
  COLLAR_FIELDS,
  type CollarChoiceName,
  type CollarChoiceOf,
  type CollarFieldName,
  optionsOf,
  STAND_SCHOOLS,
} from "./collar-fields";
export { LEAST_CLEARANCE_MM } from "./collar-figures";
export type {
  CollarBase,
  CollarChoices,
  CollarHandle,
  DrawnCollar,
  FrontClosing,
  JoinedNeck,
  Lapel,
  NoCollar,
  UpperEdge,
  UsualAt,
} from "./collar-kind";
export { COLLAR_KINDS, type CollarKindName, collarOf } from "./collars";
export { type AsWorn, asWorn } from "./lapel/as-worn";
export type { OuterEdge } from "./outer-edge";
