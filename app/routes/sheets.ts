import { membershipOf, personOf } from "@app/server/database";
import { madeFile } from "@app/server/files/made-files";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { readGarment, readGarmentText } from "@core/spec/index";
import { isTapeUnit, tapeOf } from "@core/tape/index";
import type { Route } from "./+types/sheets";

const MOST_CHARACTERS = 200_000;

/**
 * The garment as it stands on the screen, saved or not, as a file to keep or print. Nothing is stored: the posted garment
 * file is drafted again, by the same core.
 */
export async function action({ request, params, context }: Route.ActionArgs) {
  const { garment = "", unit, lines, about, paper, scale } = textsOf(await postedForm(request));
  const read = garment.length <= MOST_CHARACTERS ? readGarmentText(garment) : readGarment(null);
  if (!read.ok) return new Response(read.issues.map((issue) => issue.message).join("\n"), { status: 422 });
  const tape = tapeOf(isTapeUnit(unit) ? unit : "in", membershipOf(context).studio.settings.inchMarks);
  const asked = { file: params.file ?? "", spec: read.spec, tape, lines, about, paper, isQuarter: scale === "quarter" };
  return madeFile(personOf(context).userId, asked, request.signal);
}

/** The address is for the download button only; opened by hand it leads back. */
export function loader() {
  return new Response("Open a garment and choose what to download.", { status: 404 });
}
