import { writeArchive } from "@app/server/archive/write-archive";
import { membershipOf } from "@app/server/database";
import { format } from "date-fns";
import { data } from "react-router";
import type { Route } from "./+types/settings-backup";

/** The whole workroom as one archive, for an owner. */
export function loader({ context }: Route.LoaderArgs) {
  const { studio, role } = membershipOf(context);
  if (role !== "owner") throw data("Only an owner of the workroom may do that.", { status: 403 });
  return zip(
    writeArchive({ studioId: studio.id, clientId: null }, studio),
    `gamine-${format(new Date(), "yyyy-MM-dd")}`,
  );
}

const zip = (body: ReadableStream<Uint8Array>, name: string) =>
  new Response(body, {
    headers: { "content-type": "application/zip", "content-disposition": `attachment; filename="${name}.zip"` },
  });
