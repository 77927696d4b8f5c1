import { writeArchive } from "@app/server/archive/write-archive";
import { membershipOf } from "@app/server/database";
import { download } from "@app/server/download";
import { format } from "date-fns";
import { data } from "react-router";
import type { Route } from "./+types/settings-backup";

/** The whole workroom as one archive, for an owner. */
export function loader({ context }: Route.LoaderArgs) {
  const { studio, role } = membershipOf(context);
  if (role !== "owner") throw data("Only an owner of the workroom may do that.", { status: 403 });
  const archive = writeArchive({ studioId: studio.id, clientId: null }, studio);
  return download(archive, "application/zip", `gamine-${format(new Date(), "yyyy-MM-dd")}.zip`);
}
