import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { STAGES } from "@core/garment/index";
import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/garment-plan";

const DAY = z
  .union([z.iso.date(), z.literal("")])
  .transform((day) => (day === "" ? null : day))
  .optional();
const ASKED = z.object({ stage: z.enum(STAGES).optional(), dueOn: DAY, fittingOn: DAY });

/** How far a garment is, and by when what is to happen with it. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const form = await postedForm(request);
  const asked = ASKED.safeParse(textsOf(form));
  if (!asked.success) return data({ problem: "Give the day like 2026-11-27, or leave it open." }, { status: 422 });
  const change = Object.fromEntries(Object.entries(asked.data).filter(([, value]) => value !== undefined));
  const done = await attemptInStudio(context, actOf(request, form), (queries) =>
    queries.planGarment(garmentId, change),
  );
  if (!done.ok) return data({ problem: done.sentence }, { status: 503 });
  return done.value ? { problem: "" } : data({ problem: "This garment is not here any more." }, { status: 404 });
}
