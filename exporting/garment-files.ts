import { draftGarment, type Garment } from "@core/garment/index";
import { writeResult } from "@core/result/index";
import { type GarmentSpec, writeGarment } from "@core/spec/index";
import { type Tape, unitOf } from "@core/tape/index";
import { writeBlockDxf } from "./block-dxf";
import { writeBlockSvg } from "./block-svg";
import { writeBookletPdf, writeTablesPdf } from "./booklet-pdf";
import { writeDxfR12, writeDxfSplines } from "./dxf";
import { writeHpgl } from "./hpgl";
import { writeLayPdf } from "./lay-pdf";
import { laySvg } from "./lay-svg";
import { LINES_SHOWN } from "./line-choice";
import { writeMethodsPdf } from "./methods-pdf";
import { drawingSheet, printSheet, rollSheet, type SheetOptions } from "./pattern-sheet";
import { writePdf } from "./pdf";
import { writePiecePagesPdf, writeSinglePagePdf } from "./pdf-pages";
import { writeSvg } from "./svg";
import { writeFiguresCsv, writeNotchesCsv, writeSeamsCsv } from "./tables-csv";
import { isPaper, isRoll, ROLLS } from "./tiling";

/** A file of a garment that is asked for. Plain data, so that it can be made in another thread. */
export type FileAsked = {
  readonly file: string;
  readonly spec: GarmentSpec;
  readonly tape: Tape;
  /** Which lines of the pieces are drawn; both where it is none of the choices. */
  readonly lines?: string;
  /** For whom and when, in somebody's own words. */
  readonly about?: string;
  /** A paper or a roll; A4 where it is none. */
  readonly paper?: string;
  /** A quarter of the true size; half of it where it is not that. */
  readonly isQuarter?: boolean;
};

export type MadeFile =
  | { readonly ok: true; readonly body: string | Uint8Array; readonly type: string; readonly name: string }
  | { readonly ok: false; readonly status: 404 | 422; readonly sentence: string };

type Order = {
  readonly garment: Garment;
  readonly options: SheetOptions;
  readonly asked: FileAsked;
};
type Maker = {
  readonly type: string;
  /** What the file's name has after the garment's. */
  readonly ending: string;
  /** What has to be there: a piece, or only the garment. */
  readonly needs: "piece" | "nothing";
  /** The file; a sentence says why there is none. */
  readonly make: (order: Order) => Promise<string | Uint8Array | Refusal> | string | Uint8Array | Refusal;
};
type Refusal = { readonly sentence: string };

const PDF = "application/pdf";
const CSV = "text/csv";
const SVG = "image/svg+xml";
const DXF = "image/vnd.dxf";
const JSON_FILE = "application/json";

const sheetOf = ({ garment, options }: Order) => drawingSheet(garment, options);

/** Every file of a garment, by the name that it is asked for with. */
const MAKERS: ReadonlyMap<string, Maker> = new Map<string, Maker>([
  [
    "garment.json",
    {
      type: JSON_FILE,
      ending: ".json",
      needs: "nothing",
      make: ({ asked: { spec, tape } }) => JSON.stringify(writeGarment(spec, unitOf(tape)), null, 2),
    },
  ],
  [
    "methods.pdf",
    {
      type: PDF,
      ending: "-methods.pdf",
      needs: "nothing",
      make: ({ garment, options }) => writeMethodsPdf(garment, options.tape),
    },
  ],
  [
    "block.svg",
    { type: SVG, ending: "-block.svg", needs: "nothing", make: ({ garment }) => ofBlock(garment, writeBlockSvg) },
  ],
  [
    "block.dxf",
    { type: DXF, ending: "-block.dxf", needs: "nothing", make: ({ garment }) => ofBlock(garment, writeBlockDxf) },
  ],
  ["drawing.svg", { type: SVG, ending: ".svg", needs: "piece", make: (order) => writeSvg(sheetOf(order)) }],
  ["pattern-r12.dxf", { type: DXF, ending: "-r12.dxf", needs: "piece", make: (order) => writeDxfR12(sheetOf(order)) }],
  [
    "pattern-splines.dxf",
    { type: DXF, ending: "-splines.dxf", needs: "piece", make: (order) => writeDxfSplines(sheetOf(order)) },
  ],
  [
    "pattern.hpgl",
    {
      type: "application/vnd.hp-hpgl",
      ending: ".hpgl",
      needs: "piece",
      make: (order) => writeHpgl(sheetOf(order)).text,
    },
  ],
  [
    "figures.csv",
    {
      type: CSV,
      ending: "-figures.csv",
      needs: "piece",
      make: ({ garment, options }) => writeFiguresCsv(garment, unitOf(options.tape)),
    },
  ],
  [
    "seams.csv",
    {
      type: CSV,
      ending: "-seams.csv",
      needs: "piece",
      make: ({ garment, options }) => writeSeamsCsv(garment, unitOf(options.tape)),
    },
  ],
  [
    "notches.csv",
    { type: CSV, ending: "-notches.csv", needs: "piece", make: ({ garment }) => writeNotchesCsv(garment) },
  ],
  [
    "result.json",
    {
      type: JSON_FILE,
      ending: "-result.json",
      needs: "piece",
      make: ({ garment }) => JSON.stringify(writeResult(garment), null, 2),
    },
  ],
  [
    "trial.pdf",
    {
      type: PDF,
      ending: "-small.pdf",
      needs: "piece",
      make: (order) => writeSinglePagePdf(sheetOf(order), order.asked.isQuarter ? 0.25 : 0.5),
    },
  ],
  [
    "pieces.pdf",
    { type: PDF, ending: "-pieces.pdf", needs: "piece", make: (order) => writePiecePagesPdf(sheetOf(order)) },
  ],
  [
    "booklet.pdf",
    {
      type: PDF,
      ending: "-booklet.pdf",
      needs: "piece",
      make: ({ garment, options }) => writeBookletPdf(garment, options.tape, options.about),
    },
  ],
  [
    "tables.pdf",
    {
      type: PDF,
      ending: "-tables.pdf",
      needs: "piece",
      make: ({ garment, options }) => writeTablesPdf(garment, options.tape, options.about),
    },
  ],
  [
    "lay-plan.pdf",
    {
      type: PDF,
      ending: "-lay-plan.pdf",
      needs: "piece",
      make: ({ garment, options }) => writeLayPdf(garment, options.tape),
    },
  ],
  [
    "lay-plan.svg",
    {
      type: SVG,
      ending: "-lay-plan.svg",
      needs: "piece",
      make: ({ garment, options }) => laySvg(garment, options.tape),
    },
  ],
  ["sheets.pdf", { type: PDF, ending: ".pdf", needs: "piece", make: sheets }],
]);

function ofBlock(garment: Garment, write: (block: NonNullable<Garment["block"]>) => string): string | Refusal {
  return garment.block ? write(garment.block) : { sentence: "There is no bodice block with these figures." };
}

async function sheets({ garment, options, asked: { paper } }: Order): Promise<Uint8Array | Refusal> {
  if (!isRoll(paper)) {
    const size = isPaper(paper) ? paper : "a4";
    return writePdf(printSheet(garment, options, size), size);
  }
  const sheet = rollSheet(garment, options, paper);
  return sheet
    ? writeSinglePagePdf(sheet)
    : { sentence: `A piece is wider than a ${ROLLS[paper].name}: take a wider one.` };
}

/**
 * Drafts the garment and makes the file of it that is asked for. A name that is none gives a 404, a garment that has no such file a 422, each
 * in a sentence.
 */
export async function makeGarmentFile(asked: FileAsked): Promise<MadeFile> {
  const maker = MAKERS.get(asked.file);
  if (!maker) return { ok: false, status: 404, sentence: "There is no such file." };
  const garment = draftGarment(asked.spec);
  if (maker.needs === "piece" && garment.pieces.length === 0)
    return { ok: false, status: 422, sentence: "With these figures there is no piece to draw yet." };
  const options: SheetOptions = {
    tape: asked.tape,
    lines: LINES_SHOWN.find((one) => one === asked.lines) ?? "both",
    about: (asked.about ?? "").slice(0, MOST_ABOUT),
  };
  const body = await maker.make({ garment, options, asked });
  if (typeof body !== "string" && "sentence" in body) return { ok: false, status: 422, sentence: body.sentence };
  const roll = asked.file === "sheets.pdf" && isRoll(asked.paper) ? `-${asked.paper}` : "";
  return { ok: true, body, type: maker.type, name: `${fileName(asked.spec.name)}${roll}${maker.ending}` };
}

/** Words for whom and when: longer is no name. */
const MOST_ABOUT = 200;

function fileName(name: string): string {
  const plain = name
    .normalize("NFKD")
    .replace(/[^A-Za-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 60)
    .toLowerCase();
  return plain || "garment";
}
