import type { GarmentSummary } from "@core/garment/index";
import { and, eq, isNull, sql } from "drizzle-orm";
import type { Database } from "../client";
import { clients, garments, garmentVersions } from "../schema/work";
import type { Plan } from "./plans";

export type GarmentFile = Readonly<Record<string, unknown>>;
/** A garment as a list tells it: nothing of it is drafted. */
export type ListedGarment = {
  readonly id: string;
  readonly name: string;
  readonly clientId: string;
  readonly clientName: string;
  readonly version: number;
  readonly changedAt: Date;
  readonly summary: GarmentSummary | null;
} & Plan;
export type FoundGarment = Omit<ListedGarment, "summary"> & { readonly file: GarmentFile };

export const named = {
  id: garments.id,
  name: garments.name,
  clientId: garments.clientId,
  clientName: clients.name,
  version: garments.latestVersion,
  changedAt: garments.changedAt,
  stage: garments.stage,
  dueOn: garments.dueOn,
  fittingOn: garments.fittingOn,
};
const latest = and(eq(garmentVersions.garmentId, garments.id), eq(garmentVersions.number, garments.latestVersion));

/** The garment as it was last saved. */
export async function findGarment(
  database: Database,
  studioId: string,
  garmentId: string,
): Promise<FoundGarment | null> {
  const [garment] = await database
    .select({ ...named, file: garmentVersions.file })
    .from(garments)
    .innerJoin(clients, eq(clients.id, garments.clientId))
    .innerJoin(garmentVersions, latest)
    .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt)));
  return garment ?? null;
}

type Kept = {
  readonly name: string;
  readonly file: GarmentFile;
  readonly summary: GarmentSummary;
  /** Who saved it; nobody where the program did. */
  readonly authorId?: string | null;
  readonly note?: string;
};

export async function addGarment(
  database: Database,
  studioId: string,
  { clientId, name, file, summary, authorId, note, ...plan }: Kept & { readonly clientId: string } & Partial<Plan>,
): Promise<string> {
  return database.transaction(async (transaction) => {
    const [added] = await transaction
      .insert(garments)
      .values({ studioId, clientId, name, summary, words: summary.words, latestVersion: 1, stage: "measured", ...plan })
      .returning({ id: garments.id });
    if (!added) throw new Error(`addGarment: the database returned no row for "${name}"`);
    await transaction.insert(garmentVersions).values({ garmentId: added.id, number: 1, file, authorId, note });
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
  { name, file, summary, basedOn, authorId, note }: Kept & { readonly basedOn: number },
): Promise<Saved | null> {
  return database.transaction(async (transaction) => {
    const [current] = await transaction
      .select({ latest: garments.latestVersion })
      .from(garments)
      .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt)))
      .for("update");
    if (!current) return null;
    const number = current.latest + 1;
    // A version that never was is the base of none.
    const base = basedOn <= current.latest ? basedOn : null;
    await transaction.insert(garmentVersions).values({ garmentId, number, basedOn: base, file, authorId, note });
    await transaction
      .update(garments)
      .set({
        name,
        summary,
        words: summary.words,
        latestVersion: number,
        changedAt: new Date(),
        // What has been worked on is no longer only measured.
        stage: sql`case when stage = 'measured' then 'drafted' else stage end`,
      })
      .where(eq(garments.id, garmentId));
    return { number, besides: current.latest === basedOn ? null : current.latest };
  });
}

/** Some garments that were saved before there were summaries, with their files; none when every one has its summary. */
export async function withoutSummary(database: Database, most: number) {
  return database
    .select({ id: garments.id, file: garmentVersions.file })
    .from(garments)
    .innerJoin(garmentVersions, latest)
    .where(isNull(garments.summary))
    .limit(most);
}

export async function keepSummary(database: Database, garmentId: string, summary: GarmentSummary): Promise<void> {
  await database.update(garments).set({ summary, words: summary.words }).where(eq(garments.id, garmentId));
}
