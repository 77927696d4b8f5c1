import { postedForm } from "@app/server/posted-texts";
import { draftGarment } from "@core/garment/index";
import { readGarment, readGarmentText, writeGarment } from "@core/spec/index";
import { isTapeUnit, type TapeUnit } from "@core/tape/index";
import {
  drawingSheet,
  isPaper,
  printSheet,
  writeBlockDxf,
  writeBlockSvg,
  writeMethodsPdf,
  writePdf,
  writeSvg,
} from "@exporting/index";
import type { Route } from "./+types/sheets";

const MOST_CHARACTERS = 200_000;

/**
 * The garment as it stands on the screen, saved or not, as a file to keep or print. Nothing is stored: the posted garment
 * file is drafted again here, by the same core.
 */
export async function action({ request, params }: Route.ActionArgs) {
  const form = await postedForm(request);
  const text = String(form.get("garment") ?? "");
  const asked = form.get("unit");
  const unit: TapeUnit = isTapeUnit(asked) ? asked : "in";
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
  if (file === "drawing.svg") return download(writeSvg(drawingSheet(garment, unit)), "image/svg+xml", `${name}.svg`);
  if (file === "methods.pdf") {
    return download(Buffer.from(await writeMethodsPdf(garment, unit)), "application/pdf", `${name}-methods.pdf`);
  }
  if (file === "sheets.pdf") {
    const paper = form.get("paper");
    return download(
      new Uint8Array(await writePdf(printSheet(garment, unit), isPaper(paper) ? paper : "a4")),
      "application/pdf",
      `${name}.pdf`,
    );
  }
  return new Response("There is no such file.", { status: 404 });
}

/** The address is for the download button only; opened by hand it leads back. */
export function loader() {
  return new Response("Open a garment and choose what to download.", { status: 404 });
}

function download(body: string | Uint8Array<ArrayBuffer>, type: string, name: string): Response {
  return new Response(body, {
    headers: {
      "content-type": type,
      "content-disposition": `attachment; filename="${name}"`,
      "x-content-type-options": "nosniff",
    },
  });
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
