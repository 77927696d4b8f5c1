import { ActForm } from "@app/components/act-form";
import { Page } from "@app/components/page";
import { TextBox } from "@app/components/text-box";
import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom, inStudio, notFound } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { OBSERVATIONS } from "@core/fitting/index";
import { format, parseISO } from "date-fns";
import { data, Link, redirect, useNavigation } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/fittings";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `Fittings of ${loaderData.name} · Gamine` : "Gamine" },
];

export async function loader({ params, context }: Route.LoaderArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const found = await inStudio(context, async (queries) => {
    const garment = await queries.findGarment(garmentId);
    return garment && { garment, fittings: await queries.listFittings(garmentId), role: queries.role };
  });
  if (!found) notFound("This garment");
  const { garment, fittings, role } = found;
  return {
    garmentId,
    name: garment.name,
    clientName: garment.clientName,
    version: garment.version,
    fittingOn: garment.fittingOn,
    mayChange: role !== "reader",
    today: format(new Date(), "yyyy-MM-dd"),
    fittings: fittings.map(({ id, takenOn, version, note, seen, appliedAs, author }) => ({
      id,
      day: format(parseISO(takenOn), "d MMM yyyy"),
      version,
      note,
      author,
      appliedAs,
      seen: seen.map(({ what, words }) => (what === null ? words : OBSERVATIONS[what].says)),
    })),
  };
}

const DAY = z.iso.date("Give the day like 2026-11-27.");
const ASKED = z.discriminatedUnion("act", [
  z.object({
    act: z.literal("log"),
    takenOn: DAY,
    version: z.coerce.number("Give the version that was worn.").int().positive().max(2_147_483_647),
    note: z.string().max(500, "A note has at most 500 letters.").default(""),
  }),
  z.object({ act: z.literal("next"), fittingOn: z.union([DAY, z.literal("")]) }),
]);

/** Logs a try-on, or says when the next one is. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const form = await postedForm(request);
  const asked = ASKED.safeParse(textsOf(form));
  if (!asked.success) return data({ problem: asked.error.issues[0]?.message ?? "" }, { status: 422 });
  const sent = asked.data;
  const act = actOf(request, form);
  if (sent.act === "next") {
    const { fittingOn } = sent;
    const done = await attemptInStudio(context, act, (queries) =>
      queries.planGarment(garmentId, { fittingOn: fittingOn === "" ? null : fittingOn }),
    );
    return done.ok ? { problem: "" } : data({ problem: done.sentence }, { status: 503 });
  }
  const { takenOn, version, note } = sent;
  const added = await attemptInStudio(context, act, (queries) =>
    queries.addFitting(garmentId, { takenOn, version, note }),
  );
  if (!added.ok) return data({ problem: added.sentence }, { status: 503 });
  if (added.value === null)
    return data({ problem: `There is no version ${version} of this garment.` }, { status: 422 });
  return redirect(`/garments/${garmentId}/fittings/${added.value}`);
}

export default function Fittings({ loaderData, actionData }: Route.ComponentProps) {
  const { garmentId, name, clientName, version, fittingOn, mayChange, today, fittings } = loaderData;
  const isGoing = useNavigation().state !== "idle";
  return (
    <Page title={`Fittings of ${name}`} actions={<Link to={`/garments/${garmentId}/sleeve`}>Back to the garment</Link>}>
      <p className="page-lead">for {clientName}</p>
      {actionData?.problem && <p role="alert">{actionData.problem}</p>}
      <div className="client-columns">
        <section>
          <h2 className="page-part">Tried on</h2>
          {fittings.length === 0 && (
            <p className="page-note">
              Not tried on yet. After a try-on, log what was seen: for each thing there is a first change in figures, to
              look at before it is taken.
            </p>
          )}
          {fittings.map((fitting) => (
            <article key={fitting.id} className="fitting-row">
              <div className="part-head">
                <Link to={`/garments/${garmentId}/fittings/${fitting.id}`}>{fitting.day}</Link>
                <span className="soft">
                  version {fitting.version}
                  {fitting.author ? `, by ${fitting.author}` : ""}
                </span>
              </div>
              {fitting.note && <p>{fitting.note}</p>}
              <p className="soft">{fitting.seen.length > 0 ? fitting.seen.join("; ") : "Nothing noted yet"}</p>
              {fitting.appliedAs !== null && <p>Changed in version {fitting.appliedAs}</p>}
            </article>
          ))}
        </section>
        {mayChange && (
          <section>
            <h2 className="page-part">Log a try-on</h2>
            <ActForm>
              <TextBox name="takenOn" label="Tried on, on" type="date" defaultValue={today} required />
              <TextBox
                name="version"
                label="Version that was worn"
                type="number"
                min={1}
                max={version}
                defaultValue={version}
                required
              />
              <TextBox name="note" label="Note" maxLength={500} hint="Under what, in which shoes, who was there" />
              <button className="main-button" name="act" value="log" type="submit" disabled={isGoing}>
                Log it
              </button>
            </ActForm>
            <h2 className="page-part page-section">Next fitting</h2>
            <ActForm key={fittingOn}>
              <TextBox name="fittingOn" label="On" type="date" defaultValue={fittingOn ?? ""} />
              <button className="plain-button" name="act" value="next" type="submit" disabled={isGoing}>
                Keep the day
              </button>
            </ActForm>
          </section>
        )}
      </div>
    </Page>
  );
}
