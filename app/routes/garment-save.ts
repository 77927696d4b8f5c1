import { attemptInStudio, idFrom } from "@app/server/database";
import { keptGarment } from "@app/server/kept-garment";
import { postedJson } from "@app/server/posted-json";
import { storable } from "@app/server/posted-texts";
import { putTogether } from "@app/server/put-together";
import type { SaveAnswer } from "@app/work/save-answer";
import { readGarment } from "@core/spec/index";
import { z } from "zod";
import type { Route } from "./+types/garment-save";

/** What the database counts to. */
const LARGEST_VERSION = 2_147_483_647;
const LONGEST_NOTE = 300;
const SAVE = z.object({
  file: z.unknown(),
  basedOn: z.number().int().nonnegative().max(LARGEST_VERSION),
  note: z.string().max(LONGEST_NOTE).default(""),
});

/** Keeps the work on a garment as a new version. Every answer is a sentence that the page can show. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const sent = SAVE.safeParse(await postedJson(request));
  const read = sent.success ? readGarment(sent.data.file) : null;
  if (!sent.success || !read) return answer({ saved: false, reason: "What was sent is not a garment." }, 400);
  if (!read.ok) return answer({ saved: false, reason: read.issues.map((issue) => issue.message).join(" ") }, 422);
  const { basedOn, note } = sent.data;
  const attempt = await attemptInStudio(context, async (queries) => {
    const saved = await queries.saveVersion(garmentId, { ...keptGarment(read.spec), basedOn, note: storable(note) });
    if (!saved) return null;
    const { number, besides } = saved;
    const together =
      besides === null ? null : await putTogether(queries, garmentId, read.spec, { number, besides }, basedOn);
    return { ...saved, together };
  });
  if (!attempt.ok) return answer({ saved: false, reason: attempt.sentence }, 503);
  if (!attempt.value) return answer({ saved: false, reason: "This garment is not in the workroom any more." }, 404);
  return answer({ saved: true, ...attempt.value }, 200);
}

function answer(body: SaveAnswer, status: number): Response {
  return Response.json(body, { status });
}
