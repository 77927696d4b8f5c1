import type { Garment } from "@core/garment/index";
import { type Box, boxOf } from "@core/geometry/index";
import type { TapeUnit } from "@core/tape/index";
import PDFDocument from "pdfkit";
import { LINE_DASHES, LINE_WIDTHS, type Mark } from "./mark";
import { pieceMarks } from "./marks";
import { collectPdf, POINTS_PER_MM, TEXT_FONT } from "./pdf-document";
import { OVERLAP_MM, PAGE_MARGIN_MM, PAPERS, type PaperId, type Tile, type Tiling, tile } from "./tiling";

/** Room round the pieces, so that no line runs along the edge of a sheet. */
const BORDER_MM = 5;
const FAINT = "#888888";
const INK = "#000000";

type Document = PDFKit.PDFDocument;

/**
 * The garment's pieces at true size on sheets of a desk printer: a first sheet with the page map and the two test squares,
 * then the tiles with their overlap. Nothing is scaled: a millimetre of pattern is a millimetre of paper.
 */
export function writePdf(garment: Garment, paper: PaperId, unit: TapeUnit): Promise<Uint8Array> {
  const size: [number, number] = [PAPERS[paper].width * POINTS_PER_MM, PAPERS[paper].height * POINTS_PER_MM];
  const document = new PDFDocument({
    size,
    margin: 0,
    autoFirstPage: false,
    info: { Title: garment.spec.name, Creator: "Gamine" },
  });
  document.registerFont("text", TEXT_FONT);
  const placed = placePieces(garment, unit);
  const tiling = tile(placed.width, placed.height, paper);
  coverPage(document, garment, paper, placed, tiling);
  for (const one of tiling.tiles) tilePage(document, garment, paper, placed, tiling, one);
  return collectPdf(document);
}

type Placed = {
  readonly width: number;
  readonly height: number;
  readonly pieces: readonly { readonly x: number; readonly y: number; readonly marks: readonly Mark[] }[];
};

/** The pieces side by side, each with its border. */
function placePieces(garment: Garment, unit: TapeUnit): Placed {
  const boxes: readonly Box[] = garment.pieces.map((piece) => boxOf([piece.outline]));
  let x = BORDER_MM;
  const pieces = garment.pieces.map((piece, index) => {
    const box = boxes[index] as Box;
    const placed = { x: x - box.left, y: BORDER_MM - box.top, marks: pieceMarks(garment, piece, unit) };
    x += box.right - box.left + 2 * BORDER_MM;
    return placed;
  });
  return {
    width: x - BORDER_MM,
    height: Math.max(0, ...boxes.map((box) => box.bottom - box.top)) + 2 * BORDER_MM,
    pieces,
  };
}

function coverPage(document: Document, garment: Garment, paper: PaperId, placed: Placed, tiling: Tiling): void {
  startPage(document);
  const left = PAGE_MARGIN_MM;
  const top = PAGE_MARGIN_MM;
  const column = left + 101.6 + 8;
  const columnWidth = PAPERS[paper].width - PAGE_MARGIN_MM - column;
  testSquare(document, left, top + 2, 100, "100 mm");
  testSquare(document, left, top + 2 + 100 + 8, 101.6, "4 in");
  write(document, garment.spec.name, column, top, 8, columnWidth);
  const lines = [
    `${tiling.tiles.length} sheets of ${PAPERS[paper].name}, ${tiling.columns} across and ${tiling.rows} down.`,
    "Print at 100 %, actual size, never fitted to the page. Measure both squares before you go on: a square that is off means every seam is off.",
    `Sheets overlap by ${OVERLAP_MM} mm. Trim the right and lower strip off each sheet along the dashed line, lay the next sheet's frame on the cut and glue.`,
    "The outline is the stitching line, with no allowance. Cut with the blade away from you and your other hand clear of it.",
  ];
  let y = document.y / POINTS_PER_MM + 3;
  for (const line of lines) {
    write(document, line, column, y, 4, columnWidth);
    y = document.y / POINTS_PER_MM + 2.5;
  }
  pageMap(document, placed, tiling, column, y + 4, columnWidth, PAPERS[paper].height - PAGE_MARGIN_MM - y - 4);
}

/** All sheets at a glance, numbered, with the pieces in small. */
function pageMap(
  document: Document,
  placed: Placed,
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
  drawPieces(document, placed, (mark) => mark.kind === "line" && mark.style === "stitching", 4);
  document.restore();
}

function tilePage(
  document: Document,
  garment: Garment,
  paper: PaperId,
  placed: Placed,
  tiling: Tiling,
  one: Tile,
): void {
  startPage(document);
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
  drawPieces(document, placed, () => true, 1);
  document.restore();
  document
    .lineWidth(0.5)
    .strokeColor(FAINT)
    .rect(...frame)
    .stroke();
  overlapLines(document, tiling, one);
  const place = `${garment.spec.name}  ·  sheet ${one.label}  ·  row ${one.row + 1} of ${tiling.rows}, column ${one.column + 1} of ${tiling.columns}`;
  writeLine(document, place, PAGE_MARGIN_MM + 3, PAPERS[paper].height - PAGE_MARGIN_MM + 2, 3.2, FAINT);
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

function drawPieces(document: Document, placed: Placed, wanted: (mark: Mark) => boolean, thickness: number): void {
  for (const { x, y, marks } of placed.pieces) {
    document.save();
    document.translate(x * POINTS_PER_MM, y * POINTS_PER_MM);
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
    document
      .font("text")
      .fontSize(mark.size * POINTS_PER_MM)
      .fillColor(INK);
    const width = document.widthOfString(mark.text);
    document.text(mark.text, mark.anchor === "middle" ? -width / 2 : 0, -mark.size * POINTS_PER_MM, {
      lineBreak: false,
    });
  }
  document.restore();
}

function testSquare(document: Document, x: number, y: number, size: number, label: string): void {
  document.lineWidth(0.5).strokeColor(INK);
  document.rect(x * POINTS_PER_MM, y * POINTS_PER_MM, size * POINTS_PER_MM, size * POINTS_PER_MM).stroke();
  write(document, `This square is ${label}.`, x + 4, y + 4, 4.5, size - 8);
}

function write(document: Document, text: string, x: number, y: number, size: number, width: number, color = INK): void {
  document
    .font("text")
    .fontSize(size * POINTS_PER_MM)
    .fillColor(color);
  document.text(text, x * POINTS_PER_MM, y * POINTS_PER_MM, { width: width * POINTS_PER_MM, lineGap: 1 });
}

/** One line that is neither wrapped nor carried over: inside a scaled drawing the page's own bounds mean nothing. */
function writeLine(document: Document, text: string, x: number, y: number, size: number, color: string): void {
  document
    .font("text")
    .fontSize(size * POINTS_PER_MM)
    .fillColor(color);
  document.text(text, x * POINTS_PER_MM, y * POINTS_PER_MM, { lineBreak: false });
}

function startPage(document: Document): void {
  document.addPage();
  document.font("text");
}
