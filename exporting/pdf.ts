import PDFDocument from "pdfkit";
import type { LineStyle } from "./mark";
import { type PatternSheet, placedPoint, type SheetPiece, usedSheets } from "./pattern-sheet";
import { collectPdf, POINTS_PER_MM } from "./pdf-document";
import { type Document, drawPieces, FAINT, SAYS_LINES, testSquare, write, writeLine } from "./pdf-draw";
import { registerFaces } from "./pdf-text";
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
    `Sheets overlap by ${OVERLAP_MM} mm. Trim the right and lower strip off each sheet along the dashed line, lay the next sheet's frame on the cut and glue: equal numbers lie on each other.`,
    SAYS_LINES[sheet.lines],
    "Cut with the blade away from you and your other hand clear of it.",
  ];
  let y = below + 3;
  for (const line of lines) y = write(document, line, column, y, 4, columnWidth) + 2.5;
  pageMap(document, sheet, tiling, column, y + 4, columnWidth, tiling.tileHeight + PAGE_MARGIN_MM - y - 4);
}

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
  drawPieces(
    document,
    { ...sheet, pieces: sheet.pieces.filter((piece) => reaches(piece, one, tiling)) },
    () => true,
    1,
  );
  document.restore();
  document
    .lineWidth(0.5)
    .strokeColor(FAINT)
    .rect(...frame)
    .stroke();
  overlapLines(document, tiling, one);
  joinNumbers(document, tiling, one);
  const here = sheet.pieces.filter((piece) => reaches(piece, one, tiling)).map(({ name }) => name);
  writeLine(document, here.join(", "), PAGE_MARGIN_MM + 3, tileHeight + PAGE_MARGIN_MM + 5.5, 3.2, FAINT);
  const place = `${sheet.title}  ·  sheet ${one.label}  ·  row ${one.row + 1} of ${tiling.rows}, column ${one.column + 1} of ${tiling.columns}`;
  writeLine(document, place, PAGE_MARGIN_MM + 3, tileHeight + PAGE_MARGIN_MM + 2, 3.2, FAINT);
}

/** Does anything of a piece, its marks among it, come onto this sheet? */
function reaches(piece: SheetPiece, { left, top }: Tile, { tileWidth, tileHeight }: Tiling): boolean {
  const places = piece.outer.map((p) => placedPoint(p, piece));
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  return (
    Math.max(...xs) + BESIDE_MM > left &&
    Math.min(...xs) - BESIDE_MM < left + tileWidth &&
    Math.max(...ys) + BESIDE_MM > top &&
    Math.min(...ys) - BESIDE_MM < top + tileHeight
  );
}

/** No line of a piece is drawn further outside its outermost one. */
const BESIDE_MM = 20;

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

/** Each join of two sheets has its number, at the same place of the strip that both share. */
function joinNumbers(document: Document, { tiles, tileWidth, tileHeight }: Tiling, one: Tile): void {
  const joins = joinsOf(tiles);
  for (const [i, { first, second, isBeside }] of joins.entries()) {
    if (first !== one && second !== one) continue;
    const isFirst = first === one;
    const strip = OVERLAP_MM / 2;
    const along = isBeside ? tileWidth : tileHeight;
    const at = PAGE_MARGIN_MM + (isFirst ? along - strip : strip);
    const middle = PAGE_MARGIN_MM + (isBeside ? tileHeight : tileWidth) / 2;
    const [x, y] = isBeside ? [at, middle] : [middle, at];
    writeLine(document, `${i + 1}`, x - NUMBER_MM / 3, y - NUMBER_MM / 2, NUMBER_MM, FAINT);
  }
}

const NUMBER_MM = 5;

type SheetJoin = { readonly first: Tile; readonly second: Tile; readonly isBeside: boolean };

/** Every two sheets that lie beside or below each other, in reading order. */
export function joinsOf(tiles: readonly Tile[]): readonly SheetJoin[] {
  const find = (row: number, column: number) => tiles.find((one) => one.row === row && one.column === column);
  return tiles.flatMap((first): readonly SheetJoin[] => {
    const [beside, below] = [find(first.row, first.column + 1), find(first.row + 1, first.column)];
    return [
      ...(beside ? [{ first, second: beside, isBeside: true }] : []),
      ...(below ? [{ first, second: below, isBeside: false }] : []),
    ];
  });
}

function rule(document: Document, x1: number, y1: number, x2: number, y2: number): void {
  document
    .moveTo(x1 * POINTS_PER_MM, y1 * POINTS_PER_MM)
    .lineTo(x2 * POINTS_PER_MM, y2 * POINTS_PER_MM)
    .stroke();
}
