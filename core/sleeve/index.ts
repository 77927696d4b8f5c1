export { HEM_FINISHES, type HemFinish } from "./finish";
export { SLEEVE_KINDS, type SleeveKind, styleOf } from "./styles";
