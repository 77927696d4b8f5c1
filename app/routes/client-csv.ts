import { idFrom, inStudio, notFound } from "@app/server/database";
import { readPreferences } from "@app/server/preferences";
import { writeMeasuresCsv } from "@exporting/index";
import type { Route } from "./+types/client-csv";

/** All measures of a client as a CSV file, in the tape unit of whoever asks. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const clientId = idFrom(params.clientId, "This client");
  const { client, history } = await inStudio(context, async (queries) => {
    const found = await queries.findClient(clientId);
    return { client: found, history: found ? await queries.measurementHistory(clientId) : [] };
  });
  if (!client) notFound("This client");
  const name = client.name.replace(/[^\p{L}\p{N}]+/gu, "-").replace(/^-|-$/g, "") || "measures";
  return new Response(writeMeasuresCsv(history, readPreferences(request).unit), {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="measures.csv"; filename*=UTF-8''${encodeURIComponent(`${name}.csv`)}`,
    },
  });
}
