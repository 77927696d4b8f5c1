import { ClientForm } from "@app/features/clients/client-form";
import { readClient } from "@app/features/clients/client-texts";
import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom, inStudio, notFound } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { latestOf } from "@core/body/index";
import { format } from "date-fns";
import { data, redirect } from "react-router";
import type { Route } from "./+types/client-measure";

export async function loader({ params, context }: Route.LoaderArgs) {
  const clientId = idFrom(params.clientId, "This client");
  return inStudio(context, async (queries) => {
    const client = await queries.findClient(clientId);
    if (!client) notFound("This client");
    const history = await queries.measurementHistory(clientId);
    return {
      client,
      latest: latestOf(history.map(({ measures }) => measures)),
      today: format(new Date(), "yyyy-MM-dd"),
    };
  });
}

export async function action({ request, params, context }: Route.ActionArgs) {
  const clientId = idFrom(params.clientId, "This client");
  const form = await postedForm(request);
  const read = readClient(textsOf(form), false);
  if (Object.keys(read.problems).length > 0) return data({ problems: read.problems }, { status: 422 });
  const added = await attemptInStudio(context, actOf(request, form), (queries) =>
    queries.addMeasurementSet(clientId, read),
  );
  if (!added.ok) return data({ failure: added.sentence }, { status: 503 });
  return added.value ? redirect(`/clients/${clientId}`) : notFound("This client");
}

export default function Measure({ loaderData, actionData }: Route.ComponentProps) {
  const { client, latest, today } = loaderData;
  return (
    <ClientForm
      title={`Measure ${client.name} again`}
      keptAs={`gamine-measure-${client.id}`}
      isNew={false}
      today={today}
      latest={latest}
      action={`/clients/${client.id}/measure`}
      answer={actionData}
    />
  );
}
