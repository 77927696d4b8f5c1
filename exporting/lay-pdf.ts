import type { Garment } from "@core/garment/index";
import type { Tape } from "@core/tape/index";
import PDFDocument from "pdfkit";
import { layDrawing, NAME_HIGH_MM, outlineData } from "./lay-drawing";
import { collectPdf, POINTS_PER_MM } from "./pdf-document";
import { FAINT, write } from "./pdf-draw";
import { registerFaces, widthOfText, writeTextLine } from "./pdf-text";

/** A4 lying down, in millimetres. */
const PAGE = { width: 297, height: 210 };
const MARGIN_MM = 12;
const HEAD_MM = 24;
/** Smaller than this a name on the page is no longer read; its number is written as large as that. */
const LEAST_NAME_MM = 2.4;

/** The lay plan on one page to lay the pieces out by: as large as the page takes it, its scale written on it. */
export function writeLayPdf(garment: Garment, tape: Tape): Promise<Uint8Array> {
  const { title, says, length, across, isFolded, pieces } = layDrawing(garment, tape);
  const document = new PDFDocument({
    size: [PAGE.width * POINTS_PER_MM, PAGE.height * POINTS_PER_MM],
    margin: 0,
    info: { Title: title, Creator: "Gamine" },
  });
  registerFaces(document);
  const [room, high] = [PAGE.width - 2 * MARGIN_MM, PAGE.height - 2 * MARGIN_MM - HEAD_MM];
  const scale = Math.min(room / Math.max(length, 1), high / across);
  write(document, title, MARGIN_MM, MARGIN_MM, 6, room);
  write(document, `${says} Drawn at 1 to ${(1 / scale).toFixed(1)}.`, MARGIN_MM, MARGIN_MM + 9, 3.8, room);
  document.save();
  document.translate(MARGIN_MM * POINTS_PER_MM, (MARGIN_MM + HEAD_MM) * POINTS_PER_MM).scale(scale * POINTS_PER_MM);
  document.lineWidth(0.25 / scale).strokeColor(FAINT);
  if (isFolded) document.dash(12, { space: 6 });
  document.rect(0, 0, length, across).stroke().undash();
  document.strokeColor("#000000").lineWidth(0.35 / scale);
  for (const { outline } of pieces) document.path(outlineData(outline)).stroke();
  document.restore();
  for (const { words, name, at } of pieces) {
    const isSmall = NAME_HIGH_MM * scale < LEAST_NAME_MM;
    const text = isSmall ? (name.split(" ")[0] ?? words) : words;
    const size = Math.max(NAME_HIGH_MM * scale, LEAST_NAME_MM) * POINTS_PER_MM;
    const x = (MARGIN_MM + at.x * scale) * POINTS_PER_MM - widthOfText(document, text, size) / 2;
    document.fillColor("#000000");
    writeTextLine(document, text, x, (MARGIN_MM + HEAD_MM + at.y * scale) * POINTS_PER_MM - size, size);
  }
  return collectPdf(document);
}
