import { and, desc, eq, gt, isNull } from "drizzle-orm";
import type { Database } from "../client";
import { sharedLinks } from "../schema/fittings";
import { clients, garments, garmentVersions } from "../schema/work";
import type { GarmentFile } from "./garments";

export type SharedLink = {
  readonly id: string;
  readonly shows: "card" | "pattern";
  readonly expiresAt: Date;
};

const isOpen = () => and(isNull(sharedLinks.revokedAt), gt(sharedLinks.expiresAt, new Date()));

/** The links of a garment that still lead somewhere, the last first. */
export async function listSharedLinks(
  database: Database,
  studioId: string,
  garmentId: string,
): Promise<readonly SharedLink[]> {
  return database
    .select({ id: sharedLinks.id, shows: sharedLinks.shows, expiresAt: sharedLinks.expiresAt })
    .from(sharedLinks)
    .where(and(eq(sharedLinks.studioId, studioId), eq(sharedLinks.garmentId, garmentId), isOpen()))
    .orderBy(desc(sharedLinks.createdAt));
}

type NewLink = {
  readonly garmentId: string;
  readonly shows: "card" | "pattern";
  readonly tokenHash: string;
  readonly expiresAt: Date;
  readonly authorId: string | null;
};

export async function addSharedLink(database: Database, studioId: string, link: NewLink): Promise<boolean> {
  const [garment] = await database
    .select({ id: garments.id })
    .from(garments)
    .where(and(eq(garments.studioId, studioId), eq(garments.id, link.garmentId), isNull(garments.deletedAt)));
  if (!garment) return false;
  await database.insert(sharedLinks).values({ studioId, ...link });
  return true;
}

export async function revokeSharedLink(database: Database, studioId: string, linkId: string): Promise<boolean> {
  const revoked = await database
    .update(sharedLinks)
    .set({ revokedAt: new Date() })
    .where(and(eq(sharedLinks.studioId, studioId), eq(sharedLinks.id, linkId)))
    .returning({ id: sharedLinks.id });
  return revoked.length > 0;
}

/**
 * What a link shows to whoever has it, in no workroom: the garment as it was last saved. Null for a link that leads nowhere any more: it was
 * ended, is too old, or its garment or its client was deleted.
 */
export async function findShared(
  database: Database,
  tokenHash: string,
): Promise<{ readonly shows: "card" | "pattern"; readonly expiresAt: Date; readonly file: GarmentFile } | null> {
  const [found] = await database
    .select({ shows: sharedLinks.shows, expiresAt: sharedLinks.expiresAt, file: garmentVersions.file })
    .from(sharedLinks)
    .innerJoin(garments, eq(garments.id, sharedLinks.garmentId))
    .innerJoin(
      garmentVersions,
      and(eq(garmentVersions.garmentId, garments.id), eq(garmentVersions.number, garments.latestVersion)),
    )
    .innerJoin(clients, eq(clients.id, garments.clientId))
    .where(and(eq(sharedLinks.tokenHash, tokenHash), isOpen(), isNull(garments.deletedAt), isNull(clients.deletedAt)));
  return found ?? null;
}
