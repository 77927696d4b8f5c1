import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom, inStudio, notFound } from "@app/server/database";
import { postedJson } from "@app/server/posted-json";
import type { PracticeAnswer } from "@app/stations/card/use-practice";
import { draftGarment } from "@core/garment/index";
import { judgeAnswer, questionsOf } from "@core/practice/index";
import { readGarment } from "@core/spec/index";
import { z } from "zod";
import type { Route } from "./+types/garment-practice";

const SENT = z.object({
  file: z.unknown(),
  part: z.string().max(40),
  figure: z.string().max(80),
  answerMm: z.number().min(0).max(3000),
});

/** What was answered on this garment's card before, newest first. */
export async function loader({ params, context }: Route.LoaderArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const attempts = await inStudio(context, (queries) => queries.listAttempts(garmentId));
  return attempts ?? notFound("This garment");
}

/** Judges an answer by the garment as it stands on the table, and keeps it. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const sent = SENT.safeParse(await postedJson(request));
  const read = sent.success ? readGarment(sent.data.file) : null;
  if (!sent.success || !read?.ok) return answer({ ok: false, reason: "What was sent is no answer to this card." }, 400);
  const draft = draftGarment(read.spec).drafts.find((one) => one.id === sent.data.part);
  const question = draft?.steps.flatMap((step) => questionsOf(draft, step)).find((one) => one.id === sent.data.figure);
  if (!question) return answer({ ok: false, reason: "This card does not ask for that figure." }, 422);
  const verdict = judgeAnswer(question, sent.data.answerMm);
  const kept = await attemptInStudio(context, actOf(request), (queries) =>
    queries.addAttempt(garmentId, {
      figure: question.id,
      label: question.label,
      valueMm: question.value,
      answerMm: sent.data.answerMm,
      grade: verdict.grade,
      slip: verdict.slip,
    }),
  );
  // An answer that cannot be kept is judged all the same.
  return answer({ ok: true, verdict, isKept: kept.ok && kept.value }, 200);
}

function answer(body: PracticeAnswer, status: number): Response {
  return Response.json(body, { status });
}
