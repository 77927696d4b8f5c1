export { SLEEVE_KINDS, type SleeveKind, type SleeveStyle, styleOf } from "./all-styles";
export { SLEEVE_SEAMS } from "./sleeve-seams";
