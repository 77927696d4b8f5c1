import PDFDocument from "pdfkit";
import type { PatternSheet } from "./pattern-sheet";
import { collectPdf, POINTS_PER_MM } from "./pdf-document";
import { drawPieces, SAYS_LINES, testSquare, write } from "./pdf-draw";
import { registerFaces } from "./pdf-text";
import { PAGE_MARGIN_MM } from "./tiling";

/** The whole sheet on one page of its own size, at true size for a roll, or smaller for trying out; a scale that is not 1 is written on it. */
export function writeSinglePagePdf(sheet: PatternSheet, scale: 1 | 0.5 | 0.25 = 1): Promise<Uint8Array> {
  const below = BELOW_MM / scale;
  const size: [number, number] = [
    Math.max(LEAST_PAGE_MM, sheet.width * scale) * POINTS_PER_MM,
    (sheet.height + below) * scale * POINTS_PER_MM,
  ];
  const document = new PDFDocument({
    size,
    margin: 0,
    autoFirstPage: false,
    info: { Title: sheet.title, Creator: "Gamine" },
  });
  registerFaces(document);
  document.addPage();
  document.save();
  document.scale(scale);
  drawPieces(document, sheet, () => true, 1);
  document.restore();
  const top = sheet.height * scale;
  testSquare(document, PAGE_MARGIN_MM, top + 2, 100, "100 mm");
  const words =
    scale === 1
      ? SAYS_LINES[sheet.lines]
      : `At ${scale === 0.5 ? "half" : "a quarter of"} its size: for trying out, not for cutting.`;
  write(document, sheet.title, PAGE_MARGIN_MM + 108, top + 8, 8, size[0] / POINTS_PER_MM - 130);
  write(document, words, PAGE_MARGIN_MM + 108, top + 24, 4.5, size[0] / POINTS_PER_MM - 130);
  return collectPdf(document);
}

/** Every piece on a page of its own size, at true size: for a printer that takes any, or a screen. */
export function writePiecePagesPdf(sheet: PatternSheet): Promise<Uint8Array> {
  const document = new PDFDocument({
    size: [LEAST_PAGE_MM * POINTS_PER_MM, LEAST_PAGE_MM * POINTS_PER_MM],
    margin: 0,
    autoFirstPage: false,
    info: { Title: sheet.title, Creator: "Gamine" },
  });
  registerFaces(document);
  for (const piece of sheet.pieces) {
    const [xs, ys] = [piece.outer.map(({ x }) => x), piece.outer.map(({ y }) => y)];
    const [left, top] = [Math.min(...xs) - PAGE_MARGIN_MM, Math.min(...ys) - PAGE_MARGIN_MM];
    const [wide, high] = [Math.max(...xs) + PAGE_MARGIN_MM - left, Math.max(...ys) + PAGE_MARGIN_MM - top];
    document.addPage({ size: [wide * POINTS_PER_MM, high * POINTS_PER_MM], margin: 0 });
    drawPieces(document, { ...sheet, pieces: [{ ...piece, x: -left, y: -top, turn: 0 }] }, () => true, 1);
  }
  return collectPdf(document);
}

/** The test square and the words stand in a strip of this height below the pieces. */
const BELOW_MM = 112;
/** A page on which they have room. */
const LEAST_PAGE_MM = 260;
