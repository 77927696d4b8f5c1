import { ClothForm } from "@app/features/cloths/cloth-form";
import { readHangs, readRow, readTable } from "@app/features/cloths/cloth-texts";
import { OwnCloths } from "@app/features/cloths/own-cloths";
import { SettingsPage } from "@app/features/settings/settings-page";
import { type Act, actOf } from "@app/server/acts";
import { type Asked, attemptInStudio, inStudio } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { CLOTH_KINDS } from "@core/cloth/index";
import { LENGTH_FIELDS, readLength } from "@core/spec/index";
import { isTapeUnit } from "@core/tape/index";
import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/settings-cloths";

export const meta: Route.MetaFunction = () => [{ title: "Cloths · Gamine" }];

export function loader({ context }: Route.LoaderArgs) {
  return inStudio(context, async (queries) => {
    const [table, own] = await Promise.all([queries.clothTable(), queries.listOwnCloths()]);
    return { table, own, mayChange: queries.role !== "reader" };
  });
}

export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const texts = textsOf(form);
  const act = actOf(request, form);
  if (texts.act !== undefined) return actOnOwn(context, act, texts);
  const read = readTable(texts);
  if (Object.keys(read.problems).length > 0) return data({ problems: read.problems }, { status: 422 });
  const saved = await attemptInStudio(context, act, (queries) => queries.saveClothTable(read.table));
  return saved.ok ? { isSaved: true } : data({ failure: saved.sentence }, { status: 503 });
}

const NAMED = z.object({
  id: z.union([z.uuid(), z.literal("")]),
  name: z.string().trim().min(1, "Give the cloth a name.").max(120, "A name has at most 120 letters."),
  kind: z.enum(CLOTH_KINDS, "Choose what it behaves like."),
});

/** Writes a cloth of the workroom's own, or retires one, or takes it into use again. */
async function actOnOwn(context: Asked, act: Act, texts: Readonly<Record<string, string>>) {
  if (texts.act === "retire" || texts.act === "use") {
    const id = z.uuid().safeParse(texts.id);
    if (!id.success) return data({ own: { all: "There is no such cloth." } }, { status: 422 });
    const done = await attemptInStudio(context, act, (queries) =>
      queries.retireOwnCloth(id.data, texts.act === "retire"),
    );
    return done.ok ? { isSaved: true } : data({ failure: done.sentence }, { status: 503 });
  }
  const named = NAMED.safeParse(texts);
  const problems: Record<string, string> = {};
  if (!named.success) for (const { path, message } of named.error.issues) problems[String(path[0])] = message;
  const unit = isTapeUnit(texts.unit) ? texts.unit : "in";
  const takes = readRow("own", texts, unit, problems);
  const field = LENGTH_FIELDS["cloth.width"];
  const width = texts.width && field ? readLength(texts.width, unit, field) : null;
  if (width && !width.ok) problems.width = width.problem.message;
  const hangs = readHangs(texts, problems);
  if (!named.success || !takes || Object.keys(problems).length > 0) return data({ own: problems }, { status: 422 });
  const { id, name, kind } = named.data;
  const saved = await attemptInStudio(context, act, (queries) =>
    queries.saveOwnCloth({ id: id === "" ? null : id, name, kind, takes, width: width?.ok ? width.mm : null, hangs }),
  );
  if (!saved.ok) return data({ failure: saved.sentence }, { status: 503 });
  if (saved.value === false)
    return data({ own: { name: `There is a cloth called “${name}” already.` } }, { status: 422 });
  return saved.value === null
    ? data({ own: { all: "This cloth is not here any more." } }, { status: 404 })
    : { isSaved: true };
}

export default function Cloths({ loaderData: { table, own, mayChange }, actionData }: Route.ComponentProps) {
  const answer: {
    readonly problems?: Readonly<Record<string, string>>;
    readonly failure?: string;
    readonly isSaved?: boolean;
    readonly own?: Readonly<Record<string, string>>;
  } = actionData ?? {};
  return (
    <SettingsPage>
      <OwnCloths cloths={own} table={table} problems={answer.own ?? {}} mayChange={mayChange} />
      <ClothForm table={table} answer={actionData ? answer : undefined} />
    </SettingsPage>
  );
}
