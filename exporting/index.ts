export { writeBlockDxf } from "./block-dxf";
export { writeBlockSvg } from "./block-svg";
export { writeMeasuresCsv } from "./measures-csv";
export { writeMethodsPdf } from "./methods-pdf";
export { drawingSheet, type PatternSheet, printSheet } from "./pattern-sheet";
export { writePdf } from "./pdf";
export { writeSvg } from "./svg";
export { isPaper, PAPERS, type PaperId } from "./tiling";
