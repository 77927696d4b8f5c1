export { type FormatOptions, formatForTyping, formatLength } from "./format";
export { type ParsedLength, parseLength } from "./parse";
export {
  fromMm,
  graduationMm,
  INCH_MARKS,
  INCH_MM,
  type InchMarks,
  isTapeUnit,
  TAPE_UNITS,
  type Tape,
  type TapeUnit,
  tapeOf,
  toMm,
  unitOf,
} from "./units";
