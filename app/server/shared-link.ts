import { createHash, randomBytes } from "node:crypto";
import { draftGarment, type Garment } from "@core/garment/index";
import { readGarment } from "@core/spec/index";
import { findShared } from "@database/queries/shared-links";
import { theDatabase } from "./connection";

/** The secret of a link, which nobody can guess; the database is told only its hash. */
export function newToken(): { readonly token: string; readonly tokenHash: string } {
  const token = randomBytes(24).toString("base64url");
  return { token, tokenHash: hashOf(token) };
}

const hashOf = (token: string) => createHash("sha256").update(token).digest("hex");

export type Shared = { readonly shows: "card" | "pattern"; readonly until: Date; readonly garment: Garment };

/** What a link shows, drafted as it was last saved; null for one that leads nowhere, whatever the reason. */
export async function sharedBy(token: string | undefined): Promise<Shared | null> {
  if (token === undefined || !/^[\w-]{32}$/.test(token)) return null;
  const found = await findShared(theDatabase(), hashOf(token));
  const read = found ? readGarment(found.file) : null;
  return found && read?.ok ? { shows: found.shows, until: found.expiresAt, garment: draftGarment(read.spec) } : null;
}
