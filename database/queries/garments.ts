import type { GarmentSummary } from "@core/garment/index";
import { and, desc, eq, ilike, isNotNull, isNull, notInArray, or, type SQL, sql } from "drizzle-orm";
import type { Database } from "../client";
import { clients, garments, garmentVersions } from "../schema/work";
import { onePage, type Page, startOf } from "./page";
import { preparedOnce } from "./prepared";
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

const { clientName: _ofTheClient, ...own } = { ...named, summary: garments.summary };
const size = sql.placeholder("size");

/** Garments that nobody put away. Clients who were put away are few, and are kept out as a set. */
function inHand(database: Database, which?: SQL) {
  const studioId = sql.placeholder("studioId");
  const putAway = database
    .select({ id: clients.id })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), or(isNotNull(clients.archivedAt), isNotNull(clients.deletedAt))));
  return database
    .select(own)
    .from(garments)
    .where(
      and(
        eq(garments.studioId, studioId),
        isNull(garments.archivedAt),
        isNull(garments.deletedAt),
        notInArray(garments.clientId, putAway),
        which,
      ),
    );
}

/**
 * The page is cut out of the garments alone, and only its rows are joined to their clients: those of the pages before would be joined as
 * well.
 */
function listed(database: Database, which?: SQL, order: SQL = desc(garments.changedAt)) {
  return withClients(database, rowsOf(database, which, order));
}

const rowsOf = (database: Database, which: SQL | undefined, order: SQL) =>
  inHand(database, which).orderBy(order).limit(size).offset(sql.placeholder("from")).as("listed");

function withClients(database: Database, rows: ReturnType<typeof rowsOf>) {
  const { id, name, clientId, version, changedAt, summary } = rows;
  return database
    .select({ id, name, clientId, clientName: clients.name, version, changedAt, summary })
    .from(rows)
    .innerJoin(clients, eq(clients.id, rows.clientId))
    .orderBy(desc(rows.changedAt));
}

const garmentsInHand = preparedOnce((database) => listed(database).prepare("garments_in_hand"));
const garmentsOfClient = preparedOnce((database) =>
  listed(database, eq(garments.clientId, sql.placeholder("clientId"))).prepare("garments_of_client"),
);

/** So many of the newest are looked through for words before all are. */
const NEWEST = 300;
const pattern = sql.placeholder("pattern");
const newestFound = preparedOnce((database) => {
  const newest = inHand(database).orderBy(desc(garments.changedAt)).limit(NEWEST).as("newest");
  const found = database
    .select()
    .from(newest)
    .where(ilike(newest.name, pattern))
    .orderBy(desc(newest.changedAt))
    .limit(size)
    .as("listed");
  return withClients(database, found).prepare("newest_garments_found");
});
/** Words that few garments have are looked up by their letters: in the order of their dates all garments would be walked through. */
const BY_LETTERS = desc(sql`${garments.changedAt} + interval '0'`);
const garmentsFound = preparedOnce((database) =>
  listed(database, ilike(garments.name, pattern), BY_LETTERS).prepare("garments_found"),
);

/** A page of what is in hand, last worked on first; `clientId` narrows it to one person's. */
export async function listGarments(
  database: Database,
  studioId: string,
  page: number,
  clientId?: string,
): Promise<Page<ListedGarment>> {
  const query = clientId === undefined ? garmentsInHand(database) : garmentsOfClient(database);
  return onePage(page, (size) => query.execute({ studioId, clientId, size, from: startOf(page) }));
}

/**
 * The garments whose name holds these words, last worked on first; as many as a page holds. Words that many have are soon found among the
 * newest, and those that few have by their letters: either alone takes a tenth of a second for the other's.
 */
export async function searchGarments(
  database: Database,
  studioId: string,
  words: string,
): Promise<readonly ListedGarment[]> {
  const asked = { studioId, pattern: holds(words), from: 0 };
  const { rows } = await onePage(0, async (size) => {
    const newest = await newestFound(database).execute({ ...asked, size });
    return newest.length === size ? newest : garmentsFound(database).execute({ ...asked, size });
  });
  return rows;
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
    // A version that never was is the base of none.
    const base = basedOn <= current.latest ? basedOn : null;
    await transaction.insert(garmentVersions).values({ garmentId, number, basedOn: base, file });
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
