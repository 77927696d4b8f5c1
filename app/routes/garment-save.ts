import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom } from "@app/server/database";
import { postedJson } from "@app/server/posted-json";
import { storable } from "@app/server/posted-texts";
import { saveGarment } from "@app/server/save-garment";
import type { SaveAnswer } from "@app/work/save-answer";
import { readGarment } from "@core/spec/index";
import { z } from "zod";
import type { Route } from "./+types/garment-save";

/** What the database counts to. */
const LARGEST_VERSION = 2_147_483_647;
const LONGEST_NOTE = 300;
const SAVE = z.object({
  file: z.unknown(),
  basedOn: z.number().int().positive().max(LARGEST_VERSION),
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
  const attempt = await attemptInStudio(context, actOf(request), (queries) =>
    saveGarment(queries, garmentId, read.spec, { basedOn, note: storable(note) }),
  );
  if (!attempt.ok) return answer({ saved: false, reason: attempt.sentence }, 503);
  if (!attempt.value) return answer({ saved: false, reason: "This garment is not in the workroom any more." }, 404);
  return answer({ saved: true, ...attempt.value }, 200);
}

function answer(body: SaveAnswer, status: number): Response {
  return Response.json(body, { status });
}
