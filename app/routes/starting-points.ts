import { actOf } from "@app/server/acts";
import { attemptInStudio } from "@app/server/database";
import { postedForm, storable } from "@app/server/posted-texts";
import { readGarmentText, writeGarment } from "@core/spec/index";
import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/starting-points";

const MOST_CHARACTERS = 200_000;
const LONGEST_NAME = 120;

const ASKED = z.discriminatedUnion("act", [
  z.object({ act: z.literal("keep"), garment: z.string().max(MOST_CHARACTERS) }),
  z.object({ act: z.literal("remove"), id: z.uuid() }),
]);

/** Keeps a garment, without its body, as what others of the workroom start from; or takes such a one away. */
export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const asked = ASKED.safeParse(Object.fromEntries(form));
  const act = actOf(request, form);
  if (!asked.success) return data({ problem: "Nothing was kept: what was sent is no garment." }, { status: 422 });
  if (asked.data.act === "remove") {
    const { id } = asked.data;
    const removed = await attemptInStudio(context, act, (queries) => queries.removeStartingPoint(id));
    if (!removed.ok) return data({ problem: removed.sentence }, { status: 503 });
    return removed.value
      ? redirect("/garments/new")
      : data({ problem: "This starting point is not here any more." }, { status: 404 });
  }
  const read = readGarmentText(asked.data.garment);
  if (!read.ok) return data({ problem: read.issues[0]?.message ?? "" }, { status: 422 });
  const name = storable(read.spec.name).slice(0, LONGEST_NAME);
  const file = writeGarment({ ...read.spec, name, body: {} }, "mm");
  const kept = await attemptInStudio(context, act, (queries) => queries.addStartingPoint({ name, file }));
  if (!kept.ok) return data({ problem: kept.sentence }, { status: 503 });
  return kept.value === null
    ? data({ problem: "As many starting points are kept as a page holds: take one away first." }, { status: 409 })
    : redirect("/garments/new");
}
