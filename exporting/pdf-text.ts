import { createRequire } from "node:module";
import { type Font, openSync } from "fontkit";

/**
 * The faces that together hold every letter of the Latin, Greek and Cyrillic scripts, in the order in which they are asked. They are
 * embedded: what a reader of PDF brings along writes little beyond English.
 */
const SUBSETS = ["latin", "latin-ext", "greek", "greek-ext", "cyrillic", "cyrillic-ext", "vietnamese"] as const;
type Subset = (typeof SUBSETS)[number];

/** Stands for a letter that no face has; an empty box would not even say that something is missing. */
const UNKNOWN = "?";

const resolve = createRequire(import.meta.url).resolve;
type Face = { readonly subset: Subset; readonly path: string; readonly face: Font };

let opened: readonly Face[] | null = null;

/** Opened when a first text is written: most processes write none. */
function faces(): readonly Face[] {
  opened ??= SUBSETS.map((subset) => {
    const path = resolve(`@fontsource/source-sans-3/files/source-sans-3-${subset}-400-normal.woff`);
    const face = openSync(path);
    if (face.type !== "WOFF") throw new Error(`${path} holds no single face.`);
    return { subset, path, face };
  });
  return opened;
}

/** A stretch of text that one face can write. */
export type TextRun = { readonly face: Subset; readonly text: string };

/** The text in stretches, each with the face that has its letters; a letter that none has is a question mark. */
export function textRuns(text: string): readonly TextRun[] {
  const runs: { face: Subset; text: string }[] = [];
  for (const letter of text.normalize("NFC")) {
    const last = runs.at(-1);
    const [subset, written] = faceFor(letter, last?.face);
    if (last?.face === subset) last.text += written;
    else runs.push({ face: subset, text: written });
  }
  return runs;
}

/** The face of what came before goes on as long as it can, so that words are not cut more than they need. */
function faceFor(letter: string, before: Subset | undefined): readonly [Subset, string] {
  const point = letter.codePointAt(0) ?? 0;
  const has = ({ face }: Face) => face.hasGlyphForCodePoint(point);
  const found = faces().find((one) => one.subset === before && has(one)) ?? faces().find(has);
  return found ? [found.subset, letter] : [SUBSETS[0], UNKNOWN];
}

export function registerFaces(document: PDFKit.PDFDocument): void {
  for (const { subset, path } of faces()) document.registerFont(subset, path);
}

/** How wide the text is in the document's units, at a size in points. */
export function widthOfText(document: PDFKit.PDFDocument, text: string, size: number): number {
  return textRuns(text).reduce((sum, run) => sum + document.font(run.face).fontSize(size).widthOfString(run.text), 0);
}

/** One line that is neither wrapped nor carried over, from its upper left corner. */
export function writeTextLine(document: PDFKit.PDFDocument, text: string, x: number, y: number, size: number): void {
  let at = x;
  for (const run of textRuns(text)) {
    document.font(run.face).fontSize(size).text(run.text, at, y, { lineBreak: false });
    at += document.widthOfString(run.text);
  }
}

/** A paragraph, wrapped at a width; gives where it ends. */
export function writeParagraph(
  document: PDFKit.PDFDocument,
  text: string,
  place: { readonly x: number; readonly y: number; readonly width: number },
  size: number,
): number {
  const runs = textRuns(text);
  runs.forEach((run, i) => {
    const options = { width: place.width, lineGap: 1, continued: i < runs.length - 1 };
    document.font(run.face).fontSize(size);
    if (i === 0) document.text(run.text, place.x, place.y, options);
    else document.text(run.text, options);
  });
  return document.y;
}
