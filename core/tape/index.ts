export { type FormatOptions, formatForTyping, formatLength } from "./format";
export { type ParsedLength, parseLength } from "./parse";
export { fromMm, GRADUATION_MM, INCH_MM, isTapeUnit, TAPE_UNITS, type TapeUnit, toMm } from "./units";
