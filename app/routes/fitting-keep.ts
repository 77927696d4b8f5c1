import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom } from "@app/server/database";
import { postedJson } from "@app/server/posted-json";
import { storable } from "@app/server/posted-texts";
import { saveGarment } from "@app/server/save-garment";
import { amendGarment, amendNamed, OBSERVATIONS, readAmended, readSeen } from "@core/fitting/index";
import { readGarment } from "@core/spec/index";
import { format, parseISO } from "date-fns";
import { z } from "zod";
import type { Route } from "./+types/fitting-keep";

const SENT = z.object({
  act: z.enum(["keep", "apply"]),
  note: z.string().max(500).default(""),
  seen: z.unknown(),
  changes: z.unknown(),
});

/** Keeps what was seen and what is to be changed, or makes the changes as a new version. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const fittingId = idFrom(params.fittingId, "This fitting");
  const sent = SENT.safeParse(await postedJson(request));
  if (!sent.success) return told("What was sent is no fitting.", 400);
  const seen = readSeen(sent.data.seen).map((one) => ({ ...one, words: storable(one.words) }));
  const changes = readAmended(sent.data.changes);
  const note = storable(sent.data.note);
  const done = await attemptInStudio(context, actOf(request), async (queries) => {
    // Whoever sends the same at the same moment waits here, and finds it done.
    const fitting = await queries.lockFitting(garmentId, fittingId);
    const garment = fitting && (await queries.findGarment(garmentId));
    if (!garment) return "This fitting is not in the workroom any more.";
    if (sent.data.act === "keep") {
      await queries.changeFitting(fittingId, { note, seen, changes });
      return null;
    }
    // A garment is altered once for a fitting, however often that is asked for.
    if (fitting.appliedAs !== null) return { number: fitting.appliedAs };
    const read = readGarment(garment.file);
    if (!read.ok) return "The saved garment cannot be read. Mend it first.";
    const { spec, refused } = amendGarment(read.spec, changes);
    if (!spec)
      return `“${refused ? amendNamed(refused).says : "A change"}” cannot be made by so much: take another amount.`;
    const saved = await saveGarment(queries, garmentId, spec, {
      basedOn: garment.version,
      note: `After the fitting of ${format(parseISO(fitting.takenOn), "d MMM yyyy")}: ${wordsFor(seen)}`.slice(0, 300),
    });
    if (!saved) return "This garment is not in the workroom any more.";
    const number = saved.together?.number ?? saved.number;
    await queries.changeFitting(fittingId, { note, seen, changes, appliedAs: number });
    return { number };
  });
  if (!done.ok) return told(done.sentence, 503);
  if (typeof done.value === "string") return told(done.value, 422);
  return Response.json({ ok: true, appliedAs: done.value?.number ?? null });
}

const wordsFor = (seen: ReturnType<typeof readSeen>) =>
  seen.map(({ what, words }) => (what === null ? words : OBSERVATIONS[what].says.toLowerCase())).join(", ");

const told = (reason: string, status: number) => Response.json({ ok: false, reason }, { status });
