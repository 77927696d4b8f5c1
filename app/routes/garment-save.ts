import { attemptInStudio, idFrom } from "@app/server/database";
import { postedJson } from "@app/server/posted-json";
import type { SaveAnswer } from "@app/work/save-answer";
import { summaryOf } from "@core/garment/index";
import { readGarment, writeGarment } from "@core/spec/index";
import { z } from "zod";
import type { Route } from "./+types/garment-save";

/** What the database counts to. */
const LARGEST_VERSION = 2_147_483_647;
const SAVE = z.object({ file: z.unknown(), basedOn: z.number().int().nonnegative().max(LARGEST_VERSION) });

/** Keeps the work on a garment as a new version. Every answer is a sentence that the page can show. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const body = await postedJson(request);
  const sent = SAVE.safeParse(body);
  const read = sent.success ? readGarment(sent.data.file) : null;
  if (!sent.success || !read) return answer({ saved: false, reason: "What was sent is not a garment." }, 400);
  if (!read.ok) return answer({ saved: false, reason: read.issues.map((issue) => issue.message).join(" ") }, 422);
  const attempt = await attemptInStudio(context, (queries) =>
    queries.saveVersion(garmentId, {
      name: read.spec.name,
      file: writeGarment(read.spec, "mm"),
      summary: summaryOf(read.spec),
      basedOn: sent.data.basedOn,
    }),
  );
  if (!attempt.ok) return answer({ saved: false, reason: attempt.sentence }, 503);
  if (!attempt.value) return answer({ saved: false, reason: "This garment is not in the workroom any more." }, 404);
  return answer({ saved: true, ...attempt.value }, 200);
}

function answer(body: SaveAnswer, status: number): Response {
  return Response.json(body, { status });
}
