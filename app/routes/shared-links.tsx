import { ActForm } from "@app/components/act-form";
import { Page } from "@app/components/page";
import { actOf, secretOfAct } from "@app/server/acts";
import { attemptInStudio, idFrom, inStudio, notFound } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { newToken } from "@app/server/secret-token";
import { publicAddress } from "@app/server/sign-in/addresses";
import { addDays, format } from "date-fns";
import { data, Link, useNavigation } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/shared-links";

export const meta: Route.MetaFunction = () => [{ title: "Links for others · Gamine" }];

export async function loader({ params, context }: Route.LoaderArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const found = await inStudio(context, async (queries) => {
    const garment = await queries.findGarment(garmentId);
    return garment && { name: garment.name, links: await queries.listSharedLinks(garmentId), role: queries.role };
  });
  if (!found) notFound("This garment");
  return {
    garmentId,
    name: found.name,
    mayChange: found.role !== "reader",
    links: found.links.map(({ id, shows, expiresAt }) => ({
      id,
      shows,
      until: format(expiresAt, "d MMM yyyy, HH:mm"),
    })),
  };
}

const DAYS = [1, 7, 30] as const;
const ASKED = z.discriminatedUnion("act", [
  z.object({
    act: z.literal("make"),
    shows: z.enum(["card", "pattern"]),
    days: z.coerce.number().pipe(z.union(DAYS.map((days) => z.literal(days)))),
  }),
  z.object({ act: z.literal("revoke"), id: z.uuid() }),
]);

/** Makes a link for somebody outside the workroom, or ends one. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const form = await postedForm(request);
  const act = actOf(request, form);
  const asked = ASKED.safeParse(textsOf(form));
  if (!asked.success)
    return data({ problem: "Choose what the link shows, and for how long.", link: null }, { status: 422 });
  const sent = asked.data;
  if (sent.act === "revoke") {
    const done = await attemptInStudio(context, act, (queries) => queries.revokeSharedLink(sent.id));
    return done.ok ? { problem: "", link: null } : data({ problem: done.sentence, link: null }, { status: 503 });
  }
  const { token, tokenHash } = newToken(secretOfAct(act));
  const expiresAt = addDays(new Date(), sent.days);
  const made = await attemptInStudio(context, act, (queries) =>
    queries.addSharedLink({ garmentId, shows: sent.shows, tokenHash, expiresAt }),
  );
  if (!made.ok) return data({ problem: made.sentence, link: null }, { status: 503 });
  if (!made.value) return data({ problem: "This garment is not here any more.", link: null }, { status: 404 });
  return { problem: "", link: `${publicAddress() ?? new URL(request.url).origin}/shared/${token}` };
}

export default function SharedLinks({ loaderData, actionData }: Route.ComponentProps) {
  const { garmentId, name, mayChange, links } = loaderData;
  const isGoing = useNavigation().state !== "idle";
  return (
    <Page title="Links for others" actions={<Link to={`/garments/${garmentId}/cut`}>Back to the garment</Link>}>
      <p className="page-lead">
        {name}, for a cutter or somebody who sews for you: everybody who has the link sees its card or its pattern as it
        was last saved, and nothing else, without the client’s name.
      </p>
      {actionData?.problem && <p role="alert">{actionData.problem}</p>}
      {actionData?.link && (
        <p role="status" className="settings-row">
          <code data-shared-link>{actionData.link}</code>
          <span className="soft">Copy it now: it is shown this once.</span>
        </p>
      )}
      {mayChange && (
        <ActForm className="settings-part">
          <label className="text-box">
            <span>It shows</span>
            <select name="shows" defaultValue="pattern">
              <option value="pattern">The pattern, to print or plot</option>
              <option value="card">The card, with its figures</option>
            </select>
          </label>
          <label className="text-box">
            <span>For</span>
            <select name="days" defaultValue="7">
              {DAYS.map((days) => (
                <option key={days} value={days}>
                  {days === 1 ? "a day" : `${days} days`}
                </option>
              ))}
            </select>
          </label>
          <button className="main-button" name="act" value="make" type="submit" disabled={isGoing}>
            Make a link
          </button>
        </ActForm>
      )}
      <section className="settings-part">
        <h2 className="page-part">Links that lead here</h2>
        {links.length === 0 && <p className="page-note">None.</p>}
        {links.map(({ id, shows, until }) => (
          <ActForm key={id} className="settings-row">
            <input type="hidden" name="id" value={id} />
            <span>
              To the {shows}, until {until}
            </span>
            {mayChange && (
              <button className="plain-button small" name="act" value="revoke" type="submit">
                End it
              </button>
            )}
          </ActForm>
        ))}
      </section>
    </Page>
  );
}
