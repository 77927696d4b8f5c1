import { randomUUID } from "node:crypto";
import { ActForm } from "@app/components/act-form";
import { TextBox } from "@app/components/text-box";
import { EntryPage } from "@app/features/people/entry-page";
import { actOf } from "@app/server/acts";
import { theDatabase } from "@app/server/connection";
import { onceForPerson } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { askAuth } from "@app/server/sign-in/asked-of-auth";
import { auth } from "@app/server/sign-in/auth";
import { enter, mayStartStudio } from "@app/server/sign-in/entering";
import { personContext } from "@app/server/sign-in/person";
import { isLocalEmail, userByEmail } from "@database/queries/people";
import { data, Link, redirect, useNavigation } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/studio-new";

export const meta: Route.MetaFunction = () => [{ title: "A workroom of your own · Gamine" }];

const ASKED = z.object({
  studio: z.string().trim().min(1, "Give the workroom a name.").max(120, "A name has at most 120 letters."),
  name: z.string().trim().max(120, "A name has at most 120 letters.").default(""),
  email: z.string().trim().max(200).default(""),
  password: z.string().max(200, "A password has at most 200 letters.").default(""),
});

/** Somebody with an account of their own only names the workroom; the one who entered at this machine has none. */
function accountOf(context: Route.LoaderArgs["context"]) {
  const person = context.get(personContext);
  return person && !isLocalEmail(person.email) ? person : null;
}

export async function loader({ request, context }: Route.LoaderArgs) {
  if (!(await mayStartStudio(request))) throw redirect("/sign-in");
  return { hasAccount: accountOf(context) !== null };
}

type Problems = { readonly [box in "studio" | "name" | "email" | "password" | "all"]?: string };
const refused = (problems: Problems, texts: Readonly<Record<string, string>>, status = 422) =>
  data({ problems, texts: { ...texts, password: "" } }, { status });

export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const texts = textsOf(form);
  if (!(await mayStartStudio(request))) return refused({ all: "Nobody can make a workroom here." }, texts, 403);
  const asked = ASKED.safeParse(texts);
  if (!asked.success)
    return refused(
      Object.fromEntries(asked.error.issues.map((issue) => [String(issue.path[0]), issue.message])),
      texts,
    );
  const { studio, name, email, password } = asked.data;
  const account = accountOf(context);
  if (account) {
    await onceForPerson(context, actOf(request, form), () => addStudio(studio, account.userId));
    return redirect("/account");
  }
  if (name === "") return refused({ name: "What are you called?" }, texts);
  const entered = await askAuth(request, "/sign-up/email", { name, email, password });
  if (!entered.ok) return refused(boxOf(entered.sentence), texts, entered.status);
  const user = await userByEmail(theDatabase(), email);
  if (user) await addStudio(studio, user.id);
  return enter(entered.cookies, "/");
}

async function addStudio(name: string, userId: string): Promise<void> {
  await auth().api.createOrganization({ body: { name, slug: randomUUID(), userId } });
}

const boxOf = (sentence: string): Problems =>
  sentence.includes("password")
    ? { password: sentence }
    : sentence.includes("address")
      ? { email: sentence }
      : { all: sentence };

export default function NewStudio({ loaderData: { hasAccount }, actionData }: Route.ComponentProps) {
  const isGoing = useNavigation().state !== "idle";
  const { problems = {}, texts = {} } = actionData ?? {};
  const told: Problems = problems;
  const typed: Readonly<Record<string, string>> = texts;
  return (
    <EntryPage title="A workroom of your own">
      <ActForm>
        {told.all && <p role="alert">{told.all}</p>}
        <TextBox
          name="studio"
          label="Name of the workroom"
          defaultValue={typed.studio}
          problem={told.studio}
          required
        />
        {!hasAccount && (
          <>
            <TextBox
              name="name"
              label="Your name"
              autoComplete="name"
              defaultValue={typed.name}
              problem={told.name}
              required
            />
            <TextBox
              name="email"
              label="E-mail, to sign in with"
              type="email"
              autoComplete="username"
              defaultValue={typed.email}
              problem={told.email}
              hint="Nothing is ever sent there."
              required
            />
            <TextBox
              name="password"
              label="Password"
              type="password"
              autoComplete="new-password"
              problem={told.password}
              hint="At least 10 letters; four words that do not go together are good."
              required
            />
          </>
        )}
        <button className="main-button" type="submit" disabled={isGoing}>
          Make the workroom
        </button>
      </ActForm>
      <p className="soft">
        <Link to={hasAccount ? "/account" : "/sign-in"}>{hasAccount ? "Back" : "Sign in instead"}</Link>
      </p>
    </EntryPage>
  );
}
