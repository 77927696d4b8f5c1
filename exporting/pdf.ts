import PDFDocument from "pdfkit";
import { LINE_DASHES, LINE_WIDTHS, type LineStyle, type Mark } from "./mark";
import { type PatternSheet, usedSheets } from "./pattern-sheet";
import { collectPdf, POINTS_PER_MM } from "./pdf-document";
import { registerFaces, widthOfText, writeParagraph, writeTextLine } from "./pdf-text";
import {
  OVERLAP_MM,
  PAGE_MARGIN_MM,
  PAPERS,
  type PaperId,
  printableArea,
  type Tile,
  type Tiling,
  tile,
} from "./tiling";

const FAINT = "#888888";
const INK = "#000000";

type Document = PDFKit.PDFDocument;

/**
 * The pattern at true size on sheets of a desk printer: a first sheet with the page map and the two test squares,
 * then the tiles with their overlap. Nothing is scaled: a millimetre of pattern is a millimetre of paper.
 */
export function writePdf(sheet: PatternSheet, paper: PaperId): Promise<Uint8Array> {
  const area = printableArea(paper, sheet.isLandscape);
  const size: [number, number] = [
    (area.width + 2 * PAGE_MARGIN_MM) * POINTS_PER_MM,
    (area.height + 2 * PAGE_MARGIN_MM) * POINTS_PER_MM,
  ];
  const document = new PDFDocument({
    size,
    margin: 0,
    autoFirstPage: false,
    info: { Title: sheet.title, Creator: "Gamine" },
  });
  registerFaces(document);
  const tiling = tile(sheet.width, sheet.height, paper, sheet.isLandscape, usedSheets(sheet, paper));
  coverPage(document, sheet, paper, tiling);
  for (const one of tiling.tiles) tilePage(document, sheet, tiling, one);
  return collectPdf(document);
}

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

function coverPage(document: Document, sheet: PatternSheet, paper: PaperId, tiling: Tiling): void {
  document.addPage();
  const left = PAGE_MARGIN_MM;
  const top = PAGE_MARGIN_MM;
  const column = left + 101.6 + 8;
  const columnWidth = tiling.tileWidth + PAGE_MARGIN_MM - column;
  testSquare(document, left, top + 2, 100, "100 mm");
  testSquare(document, left, top + 2 + 100 + 8, 101.6, "4 in");
  const below = write(document, sheet.title, column, top, 8, columnWidth);
  const lines = [
    `${tiling.tiles.length} sheets of ${PAPERS[paper].name}, laid ${tiling.columns} across and ${tiling.rows} down; places where nothing lies have none.`,
    "Print at 100 %, actual size, never fitted to the page. Measure both squares before you go on: a square that is off means every seam is off.",
    `Sheets overlap by ${OVERLAP_MM} mm. Trim the right and lower strip off each sheet along the dashed line, lay the next sheet's frame on the cut and glue.`,
    SAYS_LINES[sheet.lines],
    "Cut with the blade away from you and your other hand clear of it.",
  ];
  let y = below + 3;
  for (const line of lines) y = write(document, line, column, y, 4, columnWidth) + 2.5;
  pageMap(document, sheet, tiling, column, y + 4, columnWidth, tiling.tileHeight + PAGE_MARGIN_MM - y - 4);
}

const SAYS_LINES: Readonly<Record<PatternSheet["lines"], string>> = {
  both: "The whole line is cut, the dashed line inside it is sewn.",
  cutting: "The outline is the cutting line, with the allowances in it.",
  stitching: "The outline is the stitching line, with no allowance.",
};

const isOutline = (style: LineStyle) => style === "cutting" || style === "stitching";

/** All sheets at a glance, numbered, with the pieces in small. */
function pageMap(
  document: Document,
  sheet: PatternSheet,
  tiling: Tiling,
  left: number,
  top: number,
  width: number,
  height: number,
): void {
  const fullWidth = tiling.columns * (tiling.tileWidth - OVERLAP_MM) + OVERLAP_MM;
  const fullHeight = tiling.rows * (tiling.tileHeight - OVERLAP_MM) + OVERLAP_MM;
  const scale = Math.min(width / fullWidth, height / fullHeight);
  document.save();
  document.translate(left * POINTS_PER_MM, top * POINTS_PER_MM).scale(scale);
  for (const { left: x, top: y, label } of tiling.tiles) {
    document.lineWidth(1.5 * POINTS_PER_MM).strokeColor(FAINT);
    document
      .rect(x * POINTS_PER_MM, y * POINTS_PER_MM, tiling.tileWidth * POINTS_PER_MM, tiling.tileHeight * POINTS_PER_MM)
      .stroke();
    writeLine(document, label, x + 20, y + 20, 26, FAINT);
  }
  drawPieces(document, sheet, (mark) => mark.kind === "line" && isOutline(mark.style), 4);
  document.restore();
}

function tilePage(document: Document, sheet: PatternSheet, tiling: Tiling, one: Tile): void {
  document.addPage();
  const { tileWidth, tileHeight } = tiling;
  const frame: [number, number, number, number] = [
    PAGE_MARGIN_MM * POINTS_PER_MM,
    PAGE_MARGIN_MM * POINTS_PER_MM,
    tileWidth * POINTS_PER_MM,
    tileHeight * POINTS_PER_MM,
  ];
  document.save();
  document.rect(...frame).clip();
  document.translate((PAGE_MARGIN_MM - one.left) * POINTS_PER_MM, (PAGE_MARGIN_MM - one.top) * POINTS_PER_MM);
  drawPieces(document, sheet, () => true, 1);
  document.restore();
  document
    .lineWidth(0.5)
    .strokeColor(FAINT)
    .rect(...frame)
    .stroke();
  overlapLines(document, tiling, one);
  const place = `${sheet.title}  ·  sheet ${one.label}  ·  row ${one.row + 1} of ${tiling.rows}, column ${one.column + 1} of ${tiling.columns}`;
  writeLine(document, place, PAGE_MARGIN_MM + 3, tileHeight + PAGE_MARGIN_MM + 2, 3.2, FAINT);
}

/** Where the next sheet's frame is laid, dashed, on the sides that have a neighbour. */
function overlapLines(
  document: Document,
  { columns, rows, tileWidth, tileHeight }: Tiling,
  { row, column }: Tile,
): void {
  const right = PAGE_MARGIN_MM + tileWidth;
  const bottom = PAGE_MARGIN_MM + tileHeight;
  document.dash(6, { space: 4 });
  if (column < columns - 1) rule(document, right - OVERLAP_MM, PAGE_MARGIN_MM, right - OVERLAP_MM, bottom);
  if (row < rows - 1) rule(document, PAGE_MARGIN_MM, bottom - OVERLAP_MM, right, bottom - OVERLAP_MM);
  document.undash();
}

function rule(document: Document, x1: number, y1: number, x2: number, y2: number): void {
  document
    .moveTo(x1 * POINTS_PER_MM, y1 * POINTS_PER_MM)
    .lineTo(x2 * POINTS_PER_MM, y2 * POINTS_PER_MM)
    .stroke();
}

function drawPieces(document: Document, sheet: PatternSheet, wanted: (mark: Mark) => boolean, thickness: number): void {
  for (const { x, y, turn, marks } of sheet.pieces) {
    document.save();
    document.translate(x * POINTS_PER_MM, y * POINTS_PER_MM).rotate(turn);
    for (const mark of marks.filter(wanted)) drawMark(document, mark, thickness);
    document.restore();
  }
}

function drawMark(document: Document, mark: Mark, thickness: number): void {
  document.save();
  if (mark.kind === "line") {
    document.scale(POINTS_PER_MM);
    const dash = LINE_DASHES[mark.style];
    if (dash) document.dash(dash[0], { space: dash[1] });
    document
      .path(mark.data)
      .lineWidth(LINE_WIDTHS[mark.style] * thickness)
      .strokeColor(INK)
      .stroke();
  } else {
    document.translate(mark.at.x * POINTS_PER_MM, mark.at.y * POINTS_PER_MM).rotate(mark.turn);
    document.fillColor(INK);
    const size = mark.size * POINTS_PER_MM;
    const left = mark.anchor === "middle" ? -widthOfText(document, mark.text, size) / 2 : 0;
    writeTextLine(document, mark.text, left, -size, size);
  }
  document.restore();
}

function testSquare(document: Document, x: number, y: number, size: number, label: string): void {
  document.lineWidth(0.5).strokeColor(INK);
  document.rect(x * POINTS_PER_MM, y * POINTS_PER_MM, size * POINTS_PER_MM, size * POINTS_PER_MM).stroke();
  write(document, `This square is ${label}.`, x + 4, y + 4, 4.5, size - 8);
}

/** Wraps a paragraph; gives where it ends. Millimetres. */
function write(document: Document, text: string, x: number, y: number, size: number, width: number): number {
  document.fillColor(INK);
  const place = { x: x * POINTS_PER_MM, y: y * POINTS_PER_MM, width: width * POINTS_PER_MM };
  return writeParagraph(document, text, place, size * POINTS_PER_MM) / POINTS_PER_MM;
}

/** Inside a scaled drawing the page's own bounds mean nothing: one line, never wrapped. Millimetres. */
function writeLine(document: Document, text: string, x: number, y: number, size: number, color: string): void {
  document.fillColor(color);
  writeTextLine(document, text, x * POINTS_PER_MM, y * POINTS_PER_MM, size * POINTS_PER_MM);
}
