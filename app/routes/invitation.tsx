import { TextBox } from "@app/components/text-box";
import { EntryPage } from "@app/features/people/entry-page";
import { theDatabase } from "@app/server/connection";
import { idFrom } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { askAuth } from "@app/server/sign-in/asked-of-auth";
import { enter, withCookies } from "@app/server/sign-in/entering";
import { personContext } from "@app/server/sign-in/person";
import { openInvitation } from "@database/queries/people";
import { data, Form, Link, useNavigation } from "react-router";
import type { Route } from "./+types/invitation";

export const meta: Route.MetaFunction = () => [{ title: "Invitation · Gamine" }];

const VOID = "This invitation was used, withdrawn or is too old. Ask for another.";

export async function loader({ params, context }: Route.LoaderArgs) {
  const invitation = await openInvitation(theDatabase(), idFrom(params.invitationId, "This invitation"));
  if (!invitation) return null;
  const { studioName, role, email, hasAccount } = invitation;
  return { studioName, role, email, hasAccount, isSignedIn: context.get(personContext)?.email === email };
}

/** Signs up, signs in or goes on as whoever is signed in already, and joins the workroom. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const invitationId = idFrom(params.invitationId, "This invitation");
  const invitation = await openInvitation(theDatabase(), invitationId);
  if (!invitation) return data({ problem: VOID, name: "" }, { status: 410 });
  const { name = "", password = "" } = textsOf(await postedForm(request));
  const { email, hasAccount } = invitation;
  const isSignedIn = context.get(personContext)?.email === email;
  const entered = isSignedIn
    ? null
    : await askAuth(
        request,
        hasAccount ? "/sign-in/email" : "/sign-up/email",
        hasAccount ? { email, password } : { email, password, name: name.trim() || email },
      );
  if (entered && !entered.ok) return data({ problem: entered.sentence, name }, { status: entered.status });
  const asked = entered ? withCookies(request, entered.cookies) : request;
  const joined = await askAuth(asked, "/organization/accept-invitation", { invitationId });
  if (!joined.ok) return data({ problem: joined.sentence, name }, { status: joined.status });
  return enter([...(entered?.cookies ?? []), ...joined.cookies], "/");
}

const MAY: Readonly<Record<string, string>> = {
  owner: "do everything, and say who belongs to it",
  maker: "work on everything in it",
  reader: "look at everything in it",
};

export default function Invitation({ loaderData, actionData }: Route.ComponentProps) {
  const isGoing = useNavigation().state !== "idle";
  if (!loaderData)
    return (
      <EntryPage title="Invitation">
        <p role="alert">{VOID}</p>
        <p className="soft">
          <Link to="/sign-in">Sign in</Link>
        </p>
      </EntryPage>
    );
  const { studioName, role, email, hasAccount, isSignedIn } = loaderData;
  return (
    <EntryPage title={`Come into “${studioName}”`}>
      <p>
        For {email}. You may {MAY[role] ?? MAY.reader}.
      </p>
      <Form method="post">
        {actionData && <p role="alert">{actionData.problem}</p>}
        {!isSignedIn && !hasAccount && (
          <TextBox name="name" label="Your name" autoComplete="name" defaultValue={actionData?.name} required />
        )}
        {!isSignedIn && (
          <TextBox
            name="password"
            label="Password"
            type="password"
            autoComplete={hasAccount ? "current-password" : "new-password"}
            hint={hasAccount ? "The one that you sign in with." : "At least 10 letters."}
            required
          />
        )}
        <button className="main-button" type="submit" disabled={isGoing}>
          Come in
        </button>
      </Form>
    </EntryPage>
  );
}
