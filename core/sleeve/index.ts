export { SLEEVE_KINDS, type SleeveKind, type SleeveStyle, styleOf } from "./all-styles";
export { HEM_FINISHES, type HemFinish } from "./finish";
export { SLEEVE_REACHES, type SleeveReach } from "./reach";
export { SLEEVE_SEAMS } from "./sleeve-seams";
