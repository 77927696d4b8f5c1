import { membershipOf } from "@app/server/database";
import { download } from "@app/server/download";
import { postedForm } from "@app/server/posted-texts";
import { draftGarment, type Garment } from "@core/garment/index";
import { writeResult } from "@core/result/index";
import { readGarment, readGarmentText, writeGarment } from "@core/spec/index";
import { isTapeUnit, type TapeUnit, tapeOf, unitOf } from "@core/tape/index";
import {
  drawingSheet,
  isPaper,
  isRoll,
  LINES_SHOWN,
  laySvg,
  printSheet,
  ROLLS,
  rollSheet,
  type SheetOptions,
  writeBlockDxf,
  writeBlockSvg,
  writeBookletPdf,
  writeDxfR12,
  writeDxfSplines,
  writeFiguresCsv,
  writeHpgl,
  writeLayPdf,
  writeMethodsPdf,
  writeNotchesCsv,
  writePdf,
  writePiecePagesPdf,
  writeSeamsCsv,
  writeSinglePagePdf,
  writeSvg,
  writeTablesPdf,
} from "@exporting/index";
import type { Route } from "./+types/sheets";

const MOST_CHARACTERS = 200_000;

/**
 * The garment as it stands on the screen, saved or not, as a file to keep or print. Nothing is stored: the posted garment
 * file is drafted again here, by the same core.
 */
export async function action({ request, params, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const text = String(form.get("garment") ?? "");
  const asked = form.get("unit");
  const unit: TapeUnit = isTapeUnit(asked) ? asked : "in";
  const tape = tapeOf(unit, membershipOf(context).studio.settings.inchMarks);
  const read = text.length <= MOST_CHARACTERS ? readGarmentText(text) : readGarment(null);
  if (!read.ok) return new Response(read.issues.map((issue) => issue.message).join("\n"), { status: 422 });
  const garment = draftGarment(read.spec);
  const name = fileName(read.spec.name);
  const { file } = params;
  if (file === "garment.json")
    return download(JSON.stringify(writeGarment(read.spec, unit), null, 2), "application/json", `${name}.json`);
  if (file === "block.svg" || file === "block.dxf") {
    if (!garment.block) return new Response("There is no bodice block with these figures.", { status: 422 });
    return file === "block.svg"
      ? download(writeBlockSvg(garment.block), "image/svg+xml", `${name}-block.svg`)
      : download(writeBlockDxf(garment.block), "image/vnd.dxf", `${name}-block.dxf`);
  }
  if (garment.pieces.length === 0 && file !== "methods.pdf")
    return new Response("With these figures there is no piece to draw yet.", { status: 422 });
  if (file === "methods.pdf") {
    return download(Buffer.from(await writeMethodsPdf(garment, tape)), "application/pdf", `${name}-methods.pdf`);
  }
  const lines = form.get("lines");
  const options: SheetOptions = {
    tape,
    lines: LINES_SHOWN.find((one) => one === lines) ?? "both",
    about: String(form.get("about") ?? "").slice(0, MOST_ABOUT),
  };
  return (await pattern(file, form, garment, options, name)) ?? new Response("There is no such file.", { status: 404 });
}

/** Words for whom and when: longer is no name. */
const MOST_ABOUT = 200;

/** The pattern in one of the forms in which it goes to a printer, a plotter or another program; null for a name that is none of them. */
async function pattern(
  file: string | undefined,
  form: FormData,
  garment: Garment,
  options: SheetOptions,
  name: string,
): Promise<Response | null> {
  const { tape } = options;
  const unit = unitOf(tape);
  const drawing = () => drawingSheet(garment, options);
  switch (file) {
    case "drawing.svg":
      return download(writeSvg(drawing()), "image/svg+xml", `${name}.svg`);
    case "pattern-r12.dxf":
      return download(writeDxfR12(drawing()), "image/vnd.dxf", `${name}-r12.dxf`);
    case "pattern-splines.dxf":
      return download(writeDxfSplines(drawing()), "image/vnd.dxf", `${name}-splines.dxf`);
    case "pattern.hpgl":
      return download(writeHpgl(drawing()).text, "application/vnd.hp-hpgl", `${name}.hpgl`);
    case "figures.csv":
      return download(writeFiguresCsv(garment, unit), "text/csv", `${name}-figures.csv`);
    case "seams.csv":
      return download(writeSeamsCsv(garment, unit), "text/csv", `${name}-seams.csv`);
    case "notches.csv":
      return download(writeNotchesCsv(garment), "text/csv", `${name}-notches.csv`);
    case "result.json":
      return download(JSON.stringify(writeResult(garment), null, 2), "application/json", `${name}-result.json`);
    case "trial.pdf": {
      const scale = form.get("scale") === "quarter" ? 0.25 : 0.5;
      return download(
        new Uint8Array(await writeSinglePagePdf(drawing(), scale)),
        "application/pdf",
        `${name}-small.pdf`,
      );
    }
    case "pieces.pdf":
      return download(new Uint8Array(await writePiecePagesPdf(drawing())), "application/pdf", `${name}-pieces.pdf`);
    case "booklet.pdf": {
      const pdf = await writeBookletPdf(garment, tape, options.about);
      return download(new Uint8Array(pdf), "application/pdf", `${name}-booklet.pdf`);
    }
    case "tables.pdf":
      return download(
        new Uint8Array(await writeTablesPdf(garment, tape, options.about)),
        "application/pdf",
        `${name}-tables.pdf`,
      );
    case "lay-plan.pdf":
      return download(new Uint8Array(await writeLayPdf(garment, tape)), "application/pdf", `${name}-lay-plan.pdf`);
    case "lay-plan.svg":
      return download(laySvg(garment, tape), "image/svg+xml", `${name}-lay-plan.svg`);
    case "sheets.pdf": {
      const paper = form.get("paper");
      if (isRoll(paper)) {
        const sheet = rollSheet(garment, options, paper);
        if (!sheet)
          return new Response(`A piece is wider than a ${ROLLS[paper].name}: take a wider one.`, { status: 422 });
        return download(new Uint8Array(await writeSinglePagePdf(sheet)), "application/pdf", `${name}-${paper}.pdf`);
      }
      const size = isPaper(paper) ? paper : "a4";
      const pdf = await writePdf(printSheet(garment, options, size), size);
      return download(new Uint8Array(pdf), "application/pdf", `${name}.pdf`);
    }
    default:
      return null;
  }
}

/** The address is for the download button only; opened by hand it leads back. */
export function loader() {
  return new Response("Open a garment and choose what to download.", { status: 404 });
}

function fileName(name: string): string {
  const plain = name
    .normalize("NFKD")
    .replace(/[^A-Za-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 60)
    .toLowerCase();
  return plain || "garment";
}
