import { TextBox } from "@app/components/text-box";
import { EntryPage } from "@app/features/people/entry-page";
import { theDatabase } from "@app/server/connection";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { isFromThisMachine, isSentByItsOwnPage } from "@app/server/sign-in/addresses";
import { askAuth } from "@app/server/sign-in/asked-of-auth";
import { auth } from "@app/server/sign-in/auth";
import { enter, mayStartStudio, wayOn } from "@app/server/sign-in/entering";
import { personContext } from "@app/server/sign-in/person";
import { localPerson } from "@database/queries/people";
import { data, Form, Link, redirect, useNavigation } from "react-router";
import type { Route } from "./+types/sign-in";

export const meta: Route.MetaFunction = () => [{ title: "Sign in · Gamine" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const to = wayOn(new URL(request.url).searchParams.get("to"));
  if (context.get(personContext)) throw redirect(to);
  const local = isFromThisMachine(request) ? await localPerson(theDatabase()) : null;
  return { to, local: local?.studioName ?? null, mayStart: await mayStartStudio(request) };
}

export async function action({ request }: Route.ActionArgs) {
  const texts = textsOf(await postedForm(request));
  const to = wayOn(texts.to ?? null);
  if (texts.act === "local") {
    const isPressedHere = isFromThisMachine(request) && isSentByItsOwnPage(request);
    const local = isPressedHere ? await localPerson(theDatabase()) : null;
    if (!local) return data({ email: "", problem: "Only a person at this machine can do that." }, { status: 403 });
    const entered = await auth().api.enterAs({
      body: { userId: local.userId },
      headers: request.headers,
      asResponse: true,
    });
    return enter(entered.headers.getSetCookie(), to);
  }
  const { email = "", password = "" } = texts;
  const answer = await askAuth(request, "/sign-in/email", { email, password, rememberMe: true });
  return answer.ok ? enter(answer.cookies, to) : data({ email, problem: answer.sentence }, { status: answer.status });
}

export default function SignIn({ loaderData, actionData }: Route.ComponentProps) {
  const { to, local, mayStart } = loaderData;
  const isGoing = useNavigation().state !== "idle";
  return (
    <EntryPage title="Sign in">
      {local !== null && (
        <Form method="post" className="entry-local">
          <input type="hidden" name="to" value={to} />
          <button className="main-button" name="act" value="local" type="submit" disabled={isGoing}>
            Open “{local}”
          </button>
          <p className="soft">The demo workroom, at this machine only. Nobody else can open it so.</p>
        </Form>
      )}
      <Form method="post">
        <input type="hidden" name="to" value={to} />
        {actionData && <p role="alert">{actionData.problem}</p>}
        <TextBox
          name="email"
          label="E-mail"
          type="email"
          autoComplete="username"
          defaultValue={actionData?.email}
          required
        />
        <TextBox name="password" label="Password" type="password" autoComplete="current-password" required />
        <button className={local === null ? "main-button" : "plain-button"} type="submit" disabled={isGoing}>
          Sign in
        </button>
      </Form>
      {mayStart && (
        <p className="soft">
          New here? <Link to="/studios/new">Make a workroom of your own</Link>.
        </p>
      )}
    </EntryPage>
  );
}
