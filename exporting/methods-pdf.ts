import { compareMethods, type MethodCompared } from "@core/compare/index";
import type { Garment } from "@core/garment/index";
import { boxOf, svgPathData } from "@core/geometry/index";
import { capOnCapLine } from "@core/sleeve/set-in/index";
import { formatLength, type Tape } from "@core/tape/index";
import PDFDocument from "pdfkit";
import { collectPdf, POINTS_PER_MM as MM } from "./pdf-document";
import { registerFaces, writeTextLine } from "./pdf-text";

const PAGE = { width: 297, height: 210, margin: 14 };
const INK = "#000000";
const SOFT = "#666666";
/** The caps are drawn at this share of their size: told on the page. */
const SCALE = 0.4;
/** Columns of the table, from the left margin, in millimetres. */
const COLUMNS = [
  { head: "Method", at: 0, width: 52 },
  { head: "typical of", at: 52, width: 46 },
  { head: "Cap height", at: 98, width: 30 },
  { head: "Width", at: 128, width: 30 },
  { head: "Slants, front · back", at: 158, width: 44 },
  { head: "Cap seam", at: 202, width: 30 },
  { head: "Off by", at: 232, width: 34 },
] as const;
const ROW_MM = 7.2;

/** One page to teach from: what every method gives for this client and armhole, and the caps over each other. */
export function writeMethodsPdf(garment: Garment, tape: Tape): Promise<Uint8Array> {
  const document = new PDFDocument({
    size: [PAGE.width * MM, PAGE.height * MM],
    margin: 0,
    info: { Title: `Methods side by side: ${garment.spec.name}`, Creator: "Gamine" },
  });
  registerFaces(document);
  const compared = compareMethods(garment.spec);
  heading(document, garment, tape);
  table(document, compared, tape);
  overlay(document, compared);
  return collectPdf(document);
}

function heading(document: PDFKit.PDFDocument, { spec, block, resolved }: Garment, tape: Tape): void {
  const size = (mm: number) => formatLength(mm, tape);
  line(document, `Methods side by side: ${spec.name}`, 0, 0, 6.5);
  if (!block) return;
  const facts = [
    `front armhole ${size(block.front.armhole.length)}`,
    `back armhole ${size(block.back.armhole.length)}`,
    `depth ${size(block.depth)}`,
    `upper arm ${size(resolved.body.upperArm)}`,
    ...(resolved.sleeve ? [`wanted cap ease ${size(resolved.sleeve.capEase)}`] : []),
  ];
  line(document, facts.join(" · "), 0, 9, 4, SOFT);
}

function table(document: PDFKit.PDFDocument, compared: readonly MethodCompared[], tape: Tape): void {
  const size = (mm: number, signed = false) => formatLength(mm, tape, { signed });
  const top = 18;
  for (const { head, at } of COLUMNS) line(document, head, at, top, 3.6, SOFT);
  rule(document, top + 6);
  compared.forEach(({ name, typicalOf, figures }, index) => {
    const y = top + 8 + index * ROW_MM;
    const cells = figures
      ? [
          name,
          typicalOf,
          size(figures.capHeight),
          size(figures.capWidth),
          `${size(figures.slantFront)} · ${size(figures.slantBack)}`,
          size(figures.capLength),
          Math.abs(figures.surplus) < 25.4 / 8 ? "fits" : size(figures.surplus, true),
        ]
      : [name, typicalOf, "gives no cap for this armhole"];
    cells.forEach((cell, i) => void line(document, cell, COLUMNS[i]?.at ?? 0, y, 4));
  });
}

function overlay(document: PDFKit.PDFDocument, compared: readonly MethodCompared[]): void {
  const caps = compared.flatMap(({ name, drafted }) => (drafted ? [{ name, path: capOnCapLine(drafted.sleeve) }] : []));
  if (caps.length === 0) return;
  const box = boxOf(caps.map((cap) => cap.path));
  const capLine = PAGE.height - 2 * PAGE.margin - 10;
  const left = 20 - box.left * SCALE;
  line(document, `The caps over each other on their cap line, at ${SCALE * 100} % of their size`, 0, 84, 3.6, SOFT);
  caps.forEach(({ name, path }, index) => {
    document.save();
    document.translate((PAGE.margin + left) * MM, (PAGE.margin + capLine) * MM).scale(SCALE * MM);
    document.lineWidth((index === 0 ? 1.4 : 0.6) / SCALE / 2).strokeColor(index === 0 ? INK : SOFT);
    document.path(svgPathData(path)).stroke();
    document.restore();
    // Names down the side, from the highest cap.
    const height = -Math.min(...path.flat().map((p) => p.y));
    line(document, `${name}: ${Math.round(height)} mm high`, 190, 96 + index * 6.5, 3.8, index === 0 ? INK : SOFT);
  });
}

function rule(document: PDFKit.PDFDocument, y: number): void {
  document
    .lineWidth(0.4)
    .strokeColor(SOFT)
    .moveTo(PAGE.margin * MM, (PAGE.margin + y) * MM)
    .lineTo((PAGE.width - PAGE.margin) * MM, (PAGE.margin + y) * MM)
    .stroke();
}

function line(document: PDFKit.PDFDocument, text: string, x: number, y: number, size: number, color = INK): void {
  document.fillColor(color);
  writeTextLine(document, text, (PAGE.margin + x) * MM, (PAGE.margin + y) * MM, size * MM);
}
