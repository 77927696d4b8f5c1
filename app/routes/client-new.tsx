import { ClientForm } from "@app/features/clients/client-form";
import { readClient } from "@app/features/clients/client-texts";
import { actOf } from "@app/server/acts";
import { attemptInStudio } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { format } from "date-fns";
import { data, redirect } from "react-router";
import type { Route } from "./+types/client-new";

export const meta: Route.MetaFunction = () => [{ title: "New client · Gamine" }];

export function loader() {
  return { today: format(new Date(), "yyyy-MM-dd") };
}

export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const read = readClient(textsOf(form), true);
  if (Object.keys(read.problems).length > 0) return data({ problems: read.problems }, { status: 422 });
  const added = await attemptInStudio(context, actOf(request, form), (queries) => queries.addClient(read));
  return added.ok ? redirect(`/clients/${added.value}`) : data({ failure: added.sentence }, { status: 503 });
}

export default function NewClient({ loaderData, actionData }: Route.ComponentProps) {
  return (
    <ClientForm
      title="New client"
      keptAs="gamine-new-client"
      isNew
      today={loaderData.today}
      action="/clients/new"
      answer={actionData}
    />
  );
}
