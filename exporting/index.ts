export { writePdf } from "./pdf";
export { writeSvg } from "./svg";
export { isPaper, PAPERS, type PaperId } from "./tiling";
