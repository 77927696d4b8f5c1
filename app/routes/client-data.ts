import { writeArchive } from "@app/server/archive/write-archive";
import { idFrom, inStudio, notFound } from "@app/server/database";
import { download } from "@app/server/download";
import type { Route } from "./+types/client-data";

/** All that is kept of one client, to hand out to them. */
export async function loader({ params, context }: Route.LoaderArgs) {
  const clientId = idFrom(params.clientId, "This client");
  const found = await inStudio(context, async (queries, studio) => {
    const client = await queries.findClient(clientId);
    return client && { client, studio };
  });
  if (!found) notFound("This client");
  const { studio } = found;
  const archive = writeArchive({ studioId: studio.id, clientId }, { name: studio.name, settings: { usual: {} } });
  return download(archive, "application/zip", "client.zip");
}
