import { TextBox } from "@app/components/text-box";
import { SettingsPage } from "@app/features/settings/settings-page";
import { inStudio, membershipOf, personOf } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { publicAddress } from "@app/server/sign-in/addresses";
import { askAuth } from "@app/server/sign-in/asked-of-auth";
import { isLocalEmail, isRole } from "@database/queries/people";
import { format } from "date-fns";
import { data, Form, useNavigation } from "react-router";
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
  const texts = textsOf(await postedForm(request));
  const { studio } = membershipOf(context);
  const organizationId = studio.id;
  const answer = await act(request, texts, organizationId);
  if (answer === null) return data({ problem: "Nothing was asked for." }, { status: 422 });
  return answer.ok ? { problem: null } : data({ problem: answer.sentence }, { status: answer.status });
}

async function act(request: Request, texts: Readonly<Record<string, string>>, organizationId: string) {
  const { act: asked, id = "", role } = texts;
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
      <section className="settings-part">
        <h2 className="page-part">Who belongs to it</h2>
        {members.map(({ memberId, userId, name, email, role, since }) => (
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
                <Form method="post">
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
                </Form>
                <Form method="post">
                  <input type="hidden" name="id" value={memberId} />
                  <button className="plain-button small grave" name="act" value="let-go" type="submit">
                    Let go
                  </button>
                </Form>
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
          <Form method="post" key={invited.length}>
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
          </Form>
          {invited.map(({ id, email, role, until, link }) => (
            <div key={id} className="settings-row" data-invited={email}>
              <span>
                {email}, as {role}, until {until}
                <br />
                <code>{link}</code>
              </span>
              <Form method="post">
                <input type="hidden" name="id" value={id} />
                <button className="plain-button small" name="act" value="take-back" type="submit">
                  Take back
                </button>
              </Form>
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
