import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom, inStudio, notFound } from "@app/server/database";
import { postedJson } from "@app/server/posted-json";
import { z } from "zod";
import type { Route } from "./+types/garment-made";

const TICK = z.object({ step: z.string().min(1).max(80), isDone: z.boolean() });

/** The steps of the making notes that are done, by whoever did them. */
export async function loader({ params, context }: Route.LoaderArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  return Response.json(
    (await inStudio(context, (queries) => queries.stepsMade(garmentId))) ?? notFound("This garment"),
  );
}

/** Ticks a step, or takes its tick away. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const sent = TICK.safeParse(await postedJson(request));
  if (!sent.success) return Response.json({ reason: "What was sent is no step." }, { status: 400 });
  const made = await attemptInStudio(context, actOf(request), (queries) => queries.tickStep(garmentId, sent.data));
  if (!made.ok) return Response.json({ reason: made.sentence }, { status: 503 });
  if (!made.value) return Response.json({ reason: "This garment is not in the workroom any more." }, { status: 404 });
  return Response.json(made.value);
}
