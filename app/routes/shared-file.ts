import { notFound } from "@app/server/database";
import { readPreferences } from "@app/server/preferences";
import { sharedBy } from "@app/server/shared-link";
import {
  drawingSheet,
  printSheet,
  writeBookletPdf,
  writeDxfR12,
  writeHpgl,
  writePdf,
  writeSvg,
} from "@exporting/index";
import type { Route } from "./+types/shared-file";

/** A file of what a link shows; of a card no pattern, and of a pattern no card. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const shared = await sharedBy(params.token);
  if (!shared || shared.garment.pieces.length === 0) notFound("What this link showed");
  const { unit } = readPreferences(request);
  const { garment, shows } = shared;
  const options = { unit, lines: "both", about: "" } as const;
  switch (`${shows}/${params.file}`) {
    case "card/booklet.pdf":
      return sent(await writeBookletPdf(garment, unit, ""), "application/pdf", params.file);
    case "pattern/sheets-a4.pdf":
      return sent(await writePdf(printSheet(garment, options, "a4"), "a4"), "application/pdf", params.file);
    case "pattern/sheets-letter.pdf":
      return sent(await writePdf(printSheet(garment, options, "letter"), "letter"), "application/pdf", params.file);
    case "pattern/drawing.svg":
      return sent(writeSvg(drawingSheet(garment, options)), "image/svg+xml", params.file);
    case "pattern/pattern-r12.dxf":
      return sent(writeDxfR12(drawingSheet(garment, options)), "image/vnd.dxf", params.file);
    case "pattern/pattern.hpgl":
      return sent(writeHpgl(drawingSheet(garment, options)).text, "application/vnd.hp-hpgl", params.file);
    default:
      return notFound("What this link showed");
  }
}

const sent = (body: string | Uint8Array, type: string, name: string) =>
  new Response(typeof body === "string" ? body : new Uint8Array(body), {
    headers: { "content-type": type, "content-disposition": `attachment; filename="${name}"` },
  });
