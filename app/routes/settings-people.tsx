import { ActForm } from "@app/components/act-form";
import { TextBox } from "@app/components/text-box";
import { SettingsPage } from "@app/features/settings/settings-page";
import { type Act, actOf, secretOfAct } from "@app/server/acts";
import { theDatabase } from "@app/server/connection";
import { inStudio, membershipOf, onceForPerson, personOf } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { newToken } from "@app/server/secret-token";
import { publicAddress } from "@app/server/sign-in/addresses";
import { askAuth } from "@app/server/sign-in/asked-of-auth";
import { addPasswordLink } from "@database/queries/passwords";
import { isLocalEmail, isRole } from "@database/queries/people";
import { format, parseISO } from "date-fns";
import { data, useNavigation } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/settings-people";

export const meta: Route.MetaFunction = () => [{ title: "People · Gamine" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { isOwner, members, invited } = await inStudio(context, async (queries) => ({
    isOwner: queries.role === "owner",
    members: await queries.listMembers(),
    invited: queries.role === "owner" ? await queries.listInvitations() : [],
  }));
  const origin = publicAddress() ?? new URL(request.url).origin;
  return {
    isOwner,
    me: personOf(context).userId,
    members: members.map(({ since, email, ...member }) => ({
      ...member,
      email: isLocalEmail(email) ? "at this machine" : email,
      hasPassword: !isLocalEmail(email),
      since: format(since, "d MMM yyyy"),
    })),
    invited: invited.map(({ id, email, role: as, expiresAt }) => ({
      id,
      email,
      role: as,
      until: format(expiresAt, "d MMM yyyy"),
      link: `${origin}/invitations/${id}`,
    })),
  };
}

/** Invites, takes an invitation back, says what somebody may do, or lets them go. The library for sign-in asks whether an owner asks. */
export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const texts = textsOf(form);
  const asked = actOf(request, form);
  const { studio } = membershipOf(context);
  const organizationId = studio.id;
  if (texts.act === "password") return passwordLink(request, context, texts.id, asked);
  const answer = await onceForPerson(context, asked, () => act(request, texts, organizationId));
  if (answer === null) return data({ problem: "Nothing was asked for.", link: null }, { status: 422 });
  return answer.ok
    ? { problem: null, link: null }
    : data({ problem: answer.sentence, link: null }, { status: answer.status });
}

const ELSEWHERE =
  "This person is also in a workroom of which you are no owner: with a new password you could come in there. An owner of every workroom that they are in can do it.";

/** A link by which somebody who forgot their password takes another: for an owner, to hand on. */
async function passwordLink(
  request: Request,
  context: Route.ActionArgs["context"],
  memberId: string | undefined,
  asked: Act,
) {
  const refused = (problem: string, status: number) => data({ problem, link: null }, { status });
  if (!z.uuid().safeParse(memberId).success) return refused(NOBODY.sentence, NOBODY.status);
  const member = await inStudio(context, (queries) => queries.memberToHelp(memberId ?? ""));
  if (member === "not-here") return refused(NOBODY.sentence, NOBODY.status);
  if (member === "works-elsewhere") return refused(ELSEWHERE, 403);
  // Asked for again, it is the same link, and one that was used stays used.
  const { token, tokenHash } = newToken(secretOfAct(asked));
  const until = await onceForPerson(context, asked, async () =>
    (await addPasswordLink(theDatabase(), member.userId, tokenHash)).toISOString(),
  );
  const link = `${publicAddress() ?? new URL(request.url).origin}/new-password/${token}`;
  return { problem: null, link: { address: link, until: format(parseISO(until), "d MMM yyyy, HH:mm") } };
}

const NOBODY = { ok: false, status: 404, sentence: "This person is not in the workroom any more." } as const;

async function act(request: Request, texts: Readonly<Record<string, string>>, organizationId: string) {
  const { act: asked, id = "", role } = texts;
  if (asked !== "invite" && !z.uuid().safeParse(id).success) return NOBODY;
  switch (asked) {
    case "invite":
      return askAuth(request, "/organization/invite-member", {
        email: texts.email ?? "",
        role: isRole(role) ? role : "reader",
        organizationId,
      });
    case "take-back":
      return askAuth(request, "/organization/cancel-invitation", { invitationId: id });
    case "role":
      return askAuth(request, "/organization/update-member-role", {
        memberId: id,
        role: isRole(role) ? role : "reader",
        organizationId,
      });
    case "let-go":
      return askAuth(request, "/organization/remove-member", { memberIdOrEmail: id, organizationId });
    default:
      return null;
  }
}

export default function People({ loaderData, actionData }: Route.ComponentProps) {
  const { isOwner, me, members, invited } = loaderData;
  const isGoing = useNavigation().state !== "idle";
  return (
    <SettingsPage>
      {actionData?.problem && <p role="alert">{actionData.problem}</p>}
      {actionData?.link && (
        <section className="settings-part" role="status">
          <p>
            <code data-password-link>{actionData.link.address}</code>
          </p>
          <p className="soft">
            Send it yourself, now: it is shown this once. It can be used once to choose a new password, until{" "}
            {actionData.link.until}.
          </p>
        </section>
      )}
      <section className="settings-part">
        <h2 className="page-part">Who belongs to it</h2>
        {members.map(({ memberId, userId, name, email, role, since, hasPassword }) => (
          <div key={memberId} className="settings-row" data-member={email}>
            <span>
              {name}
              <span className="soft">
                {" "}
                · {email}, since {since}
              </span>
            </span>
            {isOwner && userId !== me ? (
              <span className="settings-acts">
                <ActForm>
                  <input type="hidden" name="id" value={memberId} />
                  <input type="hidden" name="act" value="role" />
                  <select
                    name="role"
                    aria-label={`What ${name} may do`}
                    defaultValue={role}
                    onChange={(event) => event.currentTarget.form?.requestSubmit()}
                  >
                    {ROLE_NAMES.map((one) => (
                      <option key={one} value={one}>
                        {one}
                      </option>
                    ))}
                  </select>
                </ActForm>
                {hasPassword && (
                  <ActForm>
                    <input type="hidden" name="id" value={memberId} />
                    <button className="plain-button small" name="act" value="password" type="submit">
                      New password
                    </button>
                  </ActForm>
                )}
                <ActForm>
                  <input type="hidden" name="id" value={memberId} />
                  <button className="plain-button small grave" name="act" value="let-go" type="submit">
                    Let go
                  </button>
                </ActForm>
              </span>
            ) : (
              <span className="soft">{role}</span>
            )}
          </div>
        ))}
        <p className="page-note">
          Owners do everything. Makers work on everything, and leave people and the end of the workroom to owners.
          Readers look.
        </p>
      </section>
      {isOwner && (
        <section className="settings-part">
          <h2 className="page-part">Invite somebody</h2>
          <ActForm key={invited.length}>
            <TextBox name="email" label="E-mail, to sign in with" type="email" autoComplete="off" required />
            <label className="text-box">
              <span>As</span>
              <select name="role" defaultValue="maker">
                {ROLE_NAMES.map((one) => (
                  <option key={one} value={one}>
                    {one}
                  </option>
                ))}
              </select>
            </label>
            <button className="plain-button" name="act" value="invite" type="submit" disabled={isGoing}>
              Make a link
            </button>
          </ActForm>
          {invited.map(({ id, email, role, until, link }) => (
            <div key={id} className="settings-row" data-invited={email}>
              <span>
                {email}, as {role}, until {until}
                <br />
                <code>{link}</code>
              </span>
              <ActForm>
                <input type="hidden" name="id" value={id} />
                <button className="plain-button small" name="act" value="take-back" type="submit">
                  Take back
                </button>
              </ActForm>
            </div>
          ))}
          {invited.length > 0 && (
            <p className="page-note">Send the link yourself: it lets in who has it, once, under that address.</p>
          )}
        </section>
      )}
    </SettingsPage>
  );
}

const ROLE_NAMES = ["owner", "maker", "reader"] as const;
