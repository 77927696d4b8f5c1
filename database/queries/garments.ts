import { and, desc, eq } from "drizzle-orm";
import type { Database } from "../client";
import { clients, garments, garmentVersions } from "../schema";

export type GarmentFile = Readonly<Record<string, unknown>>;

export type ListedGarment = {
  readonly id: string;
  readonly name: string;
  readonly clientId: string;
  readonly clientName: string;
  readonly version: number;
  readonly changedAt: Date;
  readonly file: GarmentFile;
};

const listed = {
  id: garments.id,
  name: garments.name,
  clientId: garments.clientId,
  clientName: clients.name,
  version: garments.latestVersion,
  changedAt: garments.changedAt,
  file: garmentVersions.file,
};

const latest = and(eq(garmentVersions.garmentId, garments.id), eq(garmentVersions.number, garments.latestVersion));

/** Last worked on first; `clientId` narrows it to one person's. */
export async function listGarments(
  database: Database,
  studioId: string,
  clientId?: string,
): Promise<readonly ListedGarment[]> {
  return database
    .select(listed)
    .from(garments)
    .innerJoin(clients, eq(clients.id, garments.clientId))
    .innerJoin(garmentVersions, latest)
    .where(and(eq(garments.studioId, studioId), clientId === undefined ? undefined : eq(garments.clientId, clientId)))
    .orderBy(desc(garments.changedAt));
}

/** The garment as it was last saved. */
export async function findGarment(
  database: Database,
  studioId: string,
  garmentId: string,
): Promise<ListedGarment | null> {
  const [garment] = await database
    .select(listed)
    .from(garments)
    .innerJoin(clients, eq(clients.id, garments.clientId))
    .innerJoin(garmentVersions, latest)
    .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId)));
  return garment ?? null;
}

export async function addGarment(
  database: Database,
  studioId: string,
  garment: { readonly clientId: string; readonly name: string; readonly file: GarmentFile },
): Promise<string> {
  return database.transaction(async (transaction) => {
    const [added] = await transaction
      .insert(garments)
      .values({ studioId, clientId: garment.clientId, name: garment.name, latestVersion: 1 })
      .returning({ id: garments.id });
    if (!added) throw new Error(`addGarment: the database returned no row for "${garment.name}"`);
    await transaction.insert(garmentVersions).values({ garmentId: added.id, number: 1, file: garment.file });
    return added.id;
  });
}

export type Saved = {
  readonly number: number;
  /** The version that was saved elsewhere in the meantime, if any: it is kept beside this one. */
  readonly besides: number | null;
};

/** Keeps the work as a new version, in one transaction. Null when the studio has no such garment. */
export async function saveVersion(
  database: Database,
  studioId: string,
  garmentId: string,
  work: { readonly name: string; readonly file: GarmentFile; readonly basedOn: number },
): Promise<Saved | null> {
  return database.transaction(async (transaction) => {
    const [current] = await transaction
      .select({ latest: garments.latestVersion })
      .from(garments)
      .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId)))
      .for("update");
    if (!current) return null;
    const number = current.latest + 1;
    await transaction.insert(garmentVersions).values({ garmentId, number, basedOn: work.basedOn, file: work.file });
    await transaction
      .update(garments)
      .set({ name: work.name, latestVersion: number, changedAt: new Date() })
      .where(eq(garments.id, garmentId));
    return { number, besides: current.latest === work.basedOn ? null : current.latest };
  });
}
