import { type GarmentSpec, readGarment } from "@core/spec/index";
import { findShared } from "@database/queries/shared-links";
import { theDatabase } from "./connection";
import { tokenHashOf } from "./secret-token";

export type Shared = { readonly shows: "card" | "pattern"; readonly until: Date; readonly spec: GarmentSpec };

/** What a link shows, as it was last saved; null for one that leads nowhere, whatever the reason. */
export async function sharedBy(token: string | undefined): Promise<Shared | null> {
  const tokenHash = tokenHashOf(token);
  const found = tokenHash && (await findShared(theDatabase(), tokenHash));
  const read = found ? readGarment(found.file) : null;
  return found && read?.ok ? { shows: found.shows, until: found.expiresAt, spec: read.spec } : null;
}
