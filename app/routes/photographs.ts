import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom } from "@app/server/database";
import { readPhotograph } from "@app/server/photographs/read-photograph";
import { postedForm } from "@app/server/posted-texts";
import type { Route } from "./+types/photographs";

/** Takes a photograph of a try-on in, or one out again. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const fittingId = idFrom(params.fittingId, "This fitting");
  const form = await postedForm(request);
  const gone = form.get("remove");
  if (typeof gone === "string") {
    const removed = await attemptInStudio(context, actOf(request, form), (queries) =>
      queries.removePhotograph(idFrom(gone, "This photograph")),
    );
    if (!removed.ok) return told(removed.sentence, 503);
    return removed.value ? Response.json({ ok: true }) : told("This photograph is not here any more.", 404);
  }
  const sent = form.get("photograph");
  if (!(sent instanceof File) || sent.size === 0) return told("Choose a photograph first.", 422);
  const read = await readPhotograph(new Uint8Array(await sent.arrayBuffer()));
  if (!read.ok) return told(read.sentence, 415);
  const { jpeg, width, height } = read;
  const kept = await attemptInStudio(context, actOf(request, form), (queries) =>
    queries.addPhotograph(fittingId, { jpeg, width, height }),
  );
  if (!kept.ok) return told(kept.sentence, 503);
  if (kept.value === null) return told("This fitting is not in the workroom any more.", 404);
  if (kept.value === "full") return told("A fitting holds twelve photographs: take one out first.", 422);
  return Response.json({ ok: true, photograph: { id: kept.value, width, height } });
}

const told = (reason: string, status: number) => Response.json({ ok: false, reason }, { status });
