export { HEM_FINISHES, type HemFinish } from "./finish";
export { SLEEVE_KINDS, type SleeveKind, type SleeveStyle, styleOf } from "./styles";
