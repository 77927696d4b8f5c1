import { ClothForm } from "@app/features/cloths/cloth-form";
import { readTable } from "@app/features/cloths/cloth-texts";
import { attemptInStudio, inStudio } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { data } from "react-router";
import type { Route } from "./+types/cloths";

export const meta: Route.MetaFunction = () => [{ title: "Cloths · Gamine" }];

export function loader({ context }: Route.LoaderArgs) {
  return inStudio(context, (queries) => queries.clothTable());
}

export async function action({ request, context }: Route.ActionArgs) {
  const read = readTable(textsOf(await postedForm(request)));
  if (Object.keys(read.problems).length > 0) return data({ problems: read.problems }, { status: 422 });
  const saved = await attemptInStudio(context, (queries) => queries.saveClothTable(read.table));
  return saved.ok ? { isSaved: true } : data({ failure: saved.sentence }, { status: 503 });
}

export default function Cloths({ loaderData: table, actionData }: Route.ComponentProps) {
  return <ClothForm table={table} answer={actionData} />;
}
