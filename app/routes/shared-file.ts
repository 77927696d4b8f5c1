import { notFound } from "@app/server/database";
import { download } from "@app/server/download";
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
  const options = { tape: unit, lines: "both", about: "" } as const;
  switch (`${shows}/${params.file}`) {
    case "card/booklet.pdf":
      return download(await writeBookletPdf(garment, unit, ""), "application/pdf", params.file);
    case "pattern/sheets-a4.pdf":
      return download(await writePdf(printSheet(garment, options, "a4"), "a4"), "application/pdf", params.file);
    case "pattern/sheets-letter.pdf":
      return download(await writePdf(printSheet(garment, options, "letter"), "letter"), "application/pdf", params.file);
    case "pattern/drawing.svg":
      return download(writeSvg(drawingSheet(garment, options)), "image/svg+xml", params.file);
    case "pattern/pattern-r12.dxf":
      return download(writeDxfR12(drawingSheet(garment, options)), "image/vnd.dxf", params.file);
    case "pattern/pattern.hpgl":
      return download(writeHpgl(drawingSheet(garment, options)).text, "application/vnd.hp-hpgl", params.file);
    default:
      return notFound("What this link showed");
  }
}
