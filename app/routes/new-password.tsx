import { TextBox } from "@app/components/text-box";
import { EntryPage } from "@app/features/people/entry-page";
import { theDatabase } from "@app/server/connection";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { tokenHashOf } from "@app/server/secret-token";
import { askAuth } from "@app/server/sign-in/asked-of-auth";
import { auth, PASSWORD } from "@app/server/sign-in/auth";
import { enter } from "@app/server/sign-in/entering";
import { findPasswordLink, takePasswordLink } from "@database/queries/passwords";
import { data, Form, Link, useNavigation } from "react-router";
import type { Route } from "./+types/new-password";

export const meta: Route.MetaFunction = () => [
  { title: "A new password · Gamine" },
  { name: "robots", content: "noindex, nofollow" },
];

const VOID =
  "This link was used already, is too old, or another was made after it. Ask an owner of your workroom again.";

async function linkOf(token: string | undefined) {
  const tokenHash = tokenHashOf(token);
  const person = tokenHash && (await findPasswordLink(theDatabase(), tokenHash));
  return person ? { tokenHash, ...person } : null;
}

export async function loader({ params }: Route.LoaderArgs) {
  const link = await linkOf(params.token);
  return link && { email: link.email };
}

/** Takes the new password of whoever has the link, signs them out everywhere else, and in here. */
export async function action({ request, params }: Route.ActionArgs) {
  const link = await linkOf(params.token);
  if (!link) return data({ problem: VOID }, { status: 410 });
  const asked = PASSWORD.safeParse(textsOf(await postedForm(request)).password ?? "");
  if (!asked.success) return data({ problem: asked.error.issues[0]?.message ?? "" }, { status: 422 });
  // Of two who use it at the same moment one is the first.
  if (!(await takePasswordLink(theDatabase(), link.tokenHash))) return data({ problem: VOID }, { status: 410 });
  const { userId, email } = link;
  await auth().api.takePassword({ body: { userId, password: asked.data } });
  const entered = await askAuth(request, "/sign-in/email", { email, password: asked.data, rememberMe: true });
  return enter(entered.ok ? entered.cookies : [], entered.ok ? "/" : "/sign-in");
}

export default function NewPassword({ loaderData, actionData }: Route.ComponentProps) {
  const isGoing = useNavigation().state !== "idle";
  return (
    <EntryPage title="A new password">
      {loaderData ? (
        <Form method="post">
          <p className="page-said">
            For {loaderData.email}. Every browser that is signed in with the old one is signed out.
          </p>
          {actionData && <p role="alert">{actionData.problem}</p>}
          <TextBox
            name="password"
            label="New password"
            type="password"
            autoComplete="new-password"
            hint="At least 10 letters; four words that do not go together are good."
            required
          />
          <button className="main-button" type="submit" disabled={isGoing}>
            Take it, and come in
          </button>
        </Form>
      ) : (
        <>
          <p role="alert">{VOID}</p>
          <p className="soft">
            <Link to="/sign-in">Sign in</Link>
          </p>
        </>
      )}
    </EntryPage>
  );
}
