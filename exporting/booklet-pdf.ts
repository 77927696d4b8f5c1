import { cutList, makingOrder } from "@core/cut/index";
import { type Phrase, speak } from "@core/draft/index";
import type { Garment } from "@core/garment/index";
import { formatLength, type Tape } from "@core/tape/index";
import PDFDocument from "pdfkit";
import { collectPdf, POINTS_PER_MM as MM } from "./pdf-document";
import { registerFaces, writeParagraph } from "./pdf-text";

const PAGE = { width: 210, height: 297, margin: 18 };
const WIDTH = PAGE.width - 2 * PAGE.margin;
const INK = "#000000";
const SOFT = "#666666";
/** A paragraph begins on the next page where less than this is left of one. */
const LEAST_LEFT_MM = 16;

type Text = {
  readonly text: string;
  readonly size: number;
  readonly colour?: string;
  readonly indent?: number;
  readonly above?: number;
};

/**
 * The garment as a booklet of A4 pages for the table and the machine: the drafting card of every part, step by step with its tape checks;
 * what is cut of what; and the order of making with its cautions.
 */
export function writeBookletPdf(garment: Garment, tape: Tape, about: string): Promise<Uint8Array> {
  const say = (words: Phrase) => speak(words, tape);
  const list = cutList(garment);
  const lines = (title: string, of: typeof list.outer): Text[] =>
    of.length === 0
      ? []
      : [heading(title), ...of.map(({ piece, number, how }) => body(`${number}  ${piece.name}: ${how.toLowerCase()}`))];
  const texts: readonly Text[] = [
    { text: garment.spec.name, size: 9 },
    ...(about === "" ? [] : [{ text: about, size: 4.2, colour: SOFT, above: 1 }]),
    ...garment.drafts.flatMap((draft): Text[] => [
      heading(draft.title),
      ...draft.steps.flatMap((step): Text[] => [
        body(`${step.n}.  ${say(step.text)}`),
        ...(step.tapeCheck
          ? [{ text: `Tape: ${say(step.tapeCheck)}`, size: 3.8, colour: SOFT, indent: 8, above: 0.6 }]
          : []),
      ]),
    ]),
    ...lines("To cut", list.outer),
    ...lines("Interfacing", list.interfacing),
    ...(list.buttons > 0 ? [body(`${list.buttons} buttons`)] : []),
    ...list.elastic.map(({ name, length }) => body(`${name}: ${formatLength(length, tape)}`)),
    heading("Making notes"),
    ...makingOrder(garment).flatMap((step, i): Text[] => [
      body(`☐ ${i + 1}.  ${say(step.text)}`.replace("☐", "[  ]")),
      ...(step.caution ? [{ text: say(step.caution), size: 3.8, colour: SOFT, indent: 12, above: 0.6 }] : []),
    ]),
  ];
  return written(`${garment.spec.name}: booklet`, texts);
}

/** The tables of the garment on A4 pages: every figure with what it comes from, every seam with both sides, every piece. */
export function writeTablesPdf(garment: Garment, tape: Tape, about: string): Promise<Uint8Array> {
  const size = (mm: number) => formatLength(mm, tape);
  const seams = [...garment.seams, ...garment.joins];
  const texts: readonly Text[] = [
    { text: `${garment.spec.name}: tables`, size: 9 },
    ...(about === "" ? [] : [{ text: about, size: 4.2, colour: SOFT, above: 1 }]),
    heading("Figures"),
    ...garment.figures.map(({ label, value, kind, formula, rule, source }) =>
      body(
        `${label}: ${kind === "length" ? size(value) : Number(value.toFixed(3))}  (${speak(formula, tape)}; ${rule}, ${source})`,
      ),
    ),
    heading("Seams"),
    ...seams.map(({ name, bodyName, partName, bodyLength, partLength, ease }) =>
      body(
        `${name}: ${bodyName} ${size(bodyLength)}, ${partName} ${size(partLength)}${Math.abs(ease) < 0.05 ? "" : `, ${size(ease)} between them`}`,
      ),
    ),
    heading("Pieces"),
    ...cutList(garment).outer.map(({ piece, number, how }) =>
      body(
        `${number}  ${piece.name}: ${how.toLowerCase()}; ${piece.edges.map((edge) => `${edge.name.toLowerCase()} ${size(edge.length)}`).join(", ")}`,
      ),
    ),
  ];
  return written(`${garment.spec.name}: tables`, texts);
}

const heading = (text: string): Text => ({ text, size: 6, above: 7 });
const body = (text: string): Text => ({ text, size: 4.2, above: 2 });

function written(title: string, texts: readonly Text[]): Promise<Uint8Array> {
  const document = new PDFDocument({
    size: [PAGE.width * MM, PAGE.height * MM],
    margins: { top: PAGE.margin * MM, bottom: PAGE.margin * MM, left: PAGE.margin * MM, right: PAGE.margin * MM },
    info: { Title: title, Creator: "Gamine" },
  });
  registerFaces(document);
  let y = PAGE.margin;
  for (const { text, size, colour = INK, indent = 0, above = 0 } of texts) {
    y += above;
    if (y > PAGE.height - PAGE.margin - LEAST_LEFT_MM) {
      document.addPage();
      y = PAGE.margin;
    }
    document.fillColor(colour);
    const place = { x: (PAGE.margin + indent) * MM, y: y * MM, width: (WIDTH - indent) * MM };
    // A long paragraph goes on by itself on the next page.
    y = writeParagraph(document, text, place, size * MM) / MM;
  }
  return collectPdf(document);
}
