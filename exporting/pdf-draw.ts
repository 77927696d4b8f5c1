import { LINE_DASHES, LINE_WIDTHS, type Mark } from "./mark";
import type { PatternSheet } from "./pattern-sheet";
import { POINTS_PER_MM } from "./pdf-document";
import { widthOfText, writeParagraph, writeTextLine } from "./pdf-text";

export const FAINT = "#888888";
const INK = "#000000";

export type Document = PDFKit.PDFDocument;

/** What the lines on the paper mean. */
export const SAYS_LINES: Readonly<Record<PatternSheet["lines"], string>> = {
  both: "The whole line is cut, the dashed line inside it is sewn.",
  cutting: "The outline is the cutting line, with the allowances in it.",
  stitching: "The outline is the stitching line, with no allowance.",
};

export function drawPieces(
  document: Document,
  sheet: PatternSheet,
  wanted: (mark: Mark) => boolean,
  thickness: number,
): void {
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

export function testSquare(document: Document, x: number, y: number, size: number, label: string): void {
  document.lineWidth(0.5).strokeColor(INK);
  document.rect(x * POINTS_PER_MM, y * POINTS_PER_MM, size * POINTS_PER_MM, size * POINTS_PER_MM).stroke();
  write(document, `This square is ${label}.`, x + 4, y + 4, 4.5, size - 8);
}

/** Wraps a paragraph; gives where it ends. Millimetres. */
export function write(document: Document, text: string, x: number, y: number, size: number, width: number): number {
  document.fillColor(INK);
  const place = { x: x * POINTS_PER_MM, y: y * POINTS_PER_MM, width: width * POINTS_PER_MM };
  return writeParagraph(document, text, place, size * POINTS_PER_MM) / POINTS_PER_MM;
}

/** Inside a scaled drawing the page's own bounds mean nothing: one line, never wrapped. Millimetres. */
export function writeLine(document: Document, text: string, x: number, y: number, size: number, color: string): void {
  document.fillColor(color);
  writeTextLine(document, text, x * POINTS_PER_MM, y * POINTS_PER_MM, size * POINTS_PER_MM);
}
