import type { GarmentSummary } from "@core/garment/index";
import { and, desc, eq, ilike, isNotNull, isNull, notInArray, or, type SQL, sql } from "drizzle-orm";
import type { Database } from "../client";
import { clients, garments, garmentVersions } from "../schema";
import { onePage, type Page, startOf } from "./page";
import { holds } from "./words";

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
};
export type FoundGarment = Omit<ListedGarment, "summary"> & { readonly file: GarmentFile };

const named = {
  id: garments.id,
  name: garments.name,
  clientId: garments.clientId,
  clientName: clients.name,
  version: garments.latestVersion,
  changedAt: garments.changedAt,
};
const latest = and(eq(garmentVersions.garmentId, garments.id), eq(garmentVersions.number, garments.latestVersion));

/** A page of what is in hand, last worked on first; `clientId` narrows it to one person's. */
export async function listGarments(
  database: Database,
  studioId: string,
  page: number,
  clientId?: string,
): Promise<Page<ListedGarment>> {
  const of = clientId === undefined ? undefined : eq(garments.clientId, clientId);
  const name = clientId === undefined ? "garments_in_hand" : "garments_of_client";
  return onePage(page, (size) =>
    listed(database, studioId, of, size)
      .prepare(name)
      .execute({ from: startOf(page) }),
  );
}

/** The garments whose name holds these words, last worked on first; as many as a page holds. */
export async function searchGarments(
  database: Database,
  studioId: string,
  words: string,
): Promise<readonly ListedGarment[]> {
  const { rows } = await onePage(0, (size) =>
    listed(database, studioId, ilike(garments.name, holds(words)), size)
      .prepare("garments_found")
      .execute({ from: 0 }),
  );
  return rows;
}

/**
 * The page is cut out of the garments alone, and only its rows are joined to their clients: those of the pages before would be joined as
 * well. Clients who were put away are few, and are kept out as a set. Prepared by name where it is asked, as the database plans it for
 * longer than it runs.
 */
function listed(database: Database, studioId: string, which: SQL | undefined, size: number) {
  const putAway = database
    .select({ id: clients.id })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), or(isNotNull(clients.archivedAt), isNotNull(clients.deletedAt))));
  const { clientName: _ofTheClient, ...own } = named;
  const rows = database
    .select({ ...own, summary: garments.summary })
    .from(garments)
    .where(
      and(
        eq(garments.studioId, studioId),
        isNull(garments.archivedAt),
        isNull(garments.deletedAt),
        notInArray(garments.clientId, putAway),
        which,
      ),
    )
    .orderBy(desc(garments.changedAt))
    .limit(size)
    .offset(sql.placeholder("from"))
    .as("listed");
  const { id, name, clientId, version, changedAt, summary } = rows;
  return database
    .select({ id, name, clientId, clientName: clients.name, version, changedAt, summary })
    .from(rows)
    .innerJoin(clients, eq(clients.id, rows.clientId))
    .orderBy(desc(rows.changedAt));
}

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

type Kept = { readonly name: string; readonly file: GarmentFile; readonly summary: GarmentSummary };

export async function addGarment(
  database: Database,
  studioId: string,
  { clientId, name, file, summary }: Kept & { readonly clientId: string },
): Promise<string> {
  return database.transaction(async (transaction) => {
    const [added] = await transaction
      .insert(garments)
      .values({ studioId, clientId, name, summary, latestVersion: 1 })
      .returning({ id: garments.id });
    if (!added) throw new Error(`addGarment: the database returned no row for "${name}"`);
    await transaction.insert(garmentVersions).values({ garmentId: added.id, number: 1, file });
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
  { name, file, summary, basedOn }: Kept & { readonly basedOn: number },
): Promise<Saved | null> {
  return database.transaction(async (transaction) => {
    const [current] = await transaction
      .select({ latest: garments.latestVersion })
      .from(garments)
      .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt)))
      .for("update");
    if (!current) return null;
    const number = current.latest + 1;
    await transaction.insert(garmentVersions).values({ garmentId, number, basedOn, file });
    await transaction
      .update(garments)
      .set({ name, summary, latestVersion: number, changedAt: new Date() })
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
  await database.update(garments).set({ summary }).where(eq(garments.id, garmentId));
}
