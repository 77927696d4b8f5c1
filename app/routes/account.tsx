import { Page } from "@app/components/page";
import { TextBox } from "@app/components/text-box";
import { theDatabase } from "@app/server/connection";
import { personOf } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { askAuth } from "@app/server/sign-in/asked-of-auth";
import { enter } from "@app/server/sign-in/entering";
import { deletePerson } from "@database/queries/passwords";
import { isLocalEmail, listSessions } from "@database/queries/people";
import { format } from "date-fns";
import { data, Form, Link, redirect } from "react-router";
import type { Route } from "./+types/account";

export const meta: Route.MetaFunction = () => [{ title: "Your account · Gamine" }];

export async function loader({ context }: Route.LoaderArgs) {
  const { userId, name, email, membership, memberships } = personOf(context);
  const sessions = await listSessions(theDatabase(), userId);
  return {
    name,
    email,
    isLocal: isLocalEmail(email),
    at: membership?.studio.id ?? null,
    studios: memberships.map(({ studio, role }) => ({ id: studio.id, name: studio.name, role })),
    sessions: sessions.map(({ id, userAgent, since }) => ({
      id,
      browser: browserOf(userAgent ?? ""),
      since: format(since, "d MMM yyyy, HH:mm"),
    })),
  };
}

/** The kind of browser, as people call it; what it says of itself is long and names others. */
function browserOf(userAgent: string): string {
  const known = [
    ["Firefox", /Firefox\//],
    ["Edge", /Edg\//],
    ["Chrome or Chromium", /Chrome\//],
    ["Safari", /Safari\//],
  ] as const;
  const browser = known.find(([, pattern]) => pattern.test(userAgent))?.[0] ?? "A browser";
  return /Mobile|Android|iPhone/.test(userAgent) ? `${browser} on a phone or tablet` : browser;
}

const ONLY_OWNER =
  "You are the only owner of a workroom: make somebody else one first, or end the workroom under Settings, Data. Nothing was deleted.";

export async function action({ request, context }: Route.ActionArgs) {
  const texts = textsOf(await postedForm(request));
  switch (texts.act) {
    case "switch": {
      const answer = await askAuth(request, "/organization/set-active", { organizationId: texts.studio ?? "" });
      return answer.ok ? enter(answer.cookies, "/") : data({ problem: answer.sentence }, { status: answer.status });
    }
    case "everywhere": {
      const answer = await askAuth(request, "/revoke-sessions", {});
      return answer.ok
        ? enter(answer.cookies, "/sign-in")
        : data({ problem: answer.sentence }, { status: answer.status });
    }
    case "password": {
      if (isLocalEmail(personOf(context).email))
        return data({ problem: "Somebody who enters at this machine has no password." }, { status: 422 });
      const { current = "", next = "" } = texts;
      const answer = await askAuth(request, "/change-password", {
        currentPassword: current,
        newPassword: next,
        revokeOtherSessions: true,
      });
      if (!answer.ok) return data({ problem: answer.sentence }, { status: answer.status });
      return enter(answer.cookies, "/account?changed=password");
    }
    case "delete": {
      const { userId, email } = personOf(context);
      if (isLocalEmail(email))
        return data({ problem: "Somebody who enters at this machine has no account to delete." }, { status: 422 });
      const answer = await askAuth(request, "/sign-in/email", { email, password: texts.sure ?? "" });
      if (!answer.ok)
        return data(
          { problem: answer.status === 401 ? "That is not your password: nothing was deleted." : answer.sentence },
          { status: answer.status },
        );
      if (!(await deletePerson(theDatabase(), userId))) return data({ problem: ONLY_OWNER }, { status: 409 });
      return redirect("/sign-in");
    }
    default:
      return data({ problem: "Nothing was asked for." }, { status: 422 });
  }
}

export default function Account({ loaderData, actionData }: Route.ComponentProps) {
  const { name, email, isLocal, at, studios, sessions } = loaderData;
  return (
    <Page
      title={name}
      actions={
        <Form method="post" action="/sign-out">
          <button className="plain-button" type="submit">
            Sign out
          </button>
        </Form>
      }
    >
      <p className="page-lead">{isLocal ? "Entered at this machine, without a password" : email}</p>
      {actionData && <p role="alert">{actionData.problem}</p>}
      <section className="settings-part">
        <h2 className="page-part">Workrooms</h2>
        {studios.map((studio) => (
          <Form key={studio.id} method="post" className="settings-row">
            <input type="hidden" name="studio" value={studio.id} />
            <span>
              {studio.name}, as {studio.role}
            </span>
            {studio.id === at ? (
              <span className="soft">open now</span>
            ) : (
              <button className="plain-button small" name="act" value="switch" type="submit">
                Open
              </button>
            )}
          </Form>
        ))}
        <p className="page-note">
          <Link to="/studios/new">Make another workroom</Link>
        </p>
      </section>
      {!isLocal && (
        <section className="settings-part">
          <h2 className="page-part">Password</h2>
          <Form method="post">
            <TextBox name="current" label="Present password" type="password" autoComplete="current-password" required />
            <TextBox
              name="next"
              label="New password"
              type="password"
              autoComplete="new-password"
              hint="At least 10 letters. Every other browser is signed out."
              required
            />
            <button className="plain-button" name="act" value="password" type="submit">
              Change it
            </button>
          </Form>
        </section>
      )}
      <section className="settings-part">
        <h2 className="page-part">Where you are signed in</h2>
        {sessions.map((session) => (
          <div key={session.id} className="settings-row">
            <span>{session.browser}</span>
            <span className="soft">since {session.since}</span>
          </div>
        ))}
        <Form method="post">
          <button className="plain-button" name="act" value="everywhere" type="submit">
            Sign out everywhere
          </button>
        </Form>
      </section>
      {!isLocal && (
        <section className="settings-part">
          <h2 className="page-part">Delete your account</h2>
          <p className="page-said">
            Your name and address are deleted, and you are in no workroom any more. What you made there stays the
            workroom’s, without your name.
          </p>
          <Form method="post">
            <TextBox name="sure" label="Your password" type="password" autoComplete="current-password" required />
            <button className="plain-button grave" name="act" value="delete" type="submit">
              Delete it for good
            </button>
          </Form>
        </section>
      )}
    </Page>
  );
}
