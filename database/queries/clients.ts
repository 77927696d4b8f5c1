import type { Taken } from "@core/body/index";
import { namesOf } from "@core/data/index";
import { and, asc, desc, eq, ilike, isNull, type SQL, sql } from "drizzle-orm";
import type { Database } from "../client";
import { clients, garments, measurementSets } from "../schema/work";
import { onePage, type Page, startOf } from "./page";
import { preparedOnce } from "./prepared";
import { holds } from "./words";

/** What the tape read on one day, in millimetres. */
export type Measures = Taken;
export type MeasurementSet = { readonly id: string; readonly takenOn: string; readonly measures: Measures };
export type Client = { readonly id: string; readonly name: string; readonly note: string };
export type ListedClient = Client & { readonly garmentCount: number; readonly measuredOn: string | null };

const inHand = and(isNull(clients.archivedAt), isNull(clients.deletedAt));

/**
 * Counts and dates are looked up for the rows of the page alone, so the page is cut out first: those before it would be counted as well.
 * In a query of one table a column is written without its table, so the page's is named here.
 */
function listed(database: Database, which?: SQL) {
  const rows = database
    .select({ id: clients.id, name: clients.name, note: clients.note })
    .from(clients)
    .where(and(eq(clients.studioId, sql.placeholder("studioId")), which, inHand))
    .orderBy(asc(clients.name))
    .limit(sql.placeholder("size"))
    .offset(sql.placeholder("from"))
    .as("listed");
  const client = sql`${sql.identifier("listed")}.${sql.identifier("id")}`;
  return database
    .select({
      id: rows.id,
      name: rows.name,
      note: rows.note,
      garmentCount: sql<number>`(select count(*)::int from ${garments} where ${garments}.client_id = ${client} and ${garments}.deleted_at is null and ${garments}.archived_at is null)`,
      measuredOn: sql<
        string | null
      >`(select max(${measurementSets}.taken_on)::text from ${measurementSets} where ${measurementSets}.client_id = ${client})`,
    })
    .from(rows)
    .orderBy(asc(rows.name));
}

const clientsInHand = preparedOnce((database) => listed(database).prepare("clients_in_hand"));
const clientsFound = preparedOnce((database) =>
  listed(database, ilike(clients.name, sql.placeholder("pattern"))).prepare("clients_found"),
);

/** A page of the clients, by name. */
export async function listClients(database: Database, studioId: string, page: number): Promise<Page<ListedClient>> {
  return onePage(page, (size) => clientsInHand(database).execute({ studioId, size, from: startOf(page) }));
}

/** The clients whose name holds these words, as many as a page holds. */
export async function searchClients(
  database: Database,
  studioId: string,
  words: string,
): Promise<readonly ListedClient[]> {
  const pattern = holds(words);
  const { rows } = await onePage(0, (size) => clientsFound(database).execute({ studioId, pattern, size, from: 0 }));
  return rows;
}

export async function findClient(database: Database, studioId: string, clientId: string): Promise<Client | null> {
  const [client] = await database
    .select({ id: clients.id, name: clients.name, note: clients.note })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId), isNull(clients.deletedAt)));
  return client ?? null;
}

/** Newest first. */
export async function measurementHistory(
  database: Database,
  studioId: string,
  clientId: string,
): Promise<readonly MeasurementSet[]> {
  return database
    .select({ id: measurementSets.id, takenOn: measurementSets.takenOn, measures: measurementSets.measures })
    .from(measurementSets)
    .innerJoin(clients, eq(clients.id, measurementSets.clientId))
    .where(and(eq(clients.studioId, studioId), eq(measurementSets.clientId, clientId)))
    .orderBy(desc(measurementSets.takenOn), desc(measurementSets.createdAt));
}

export async function addClient(
  database: Database,
  studioId: string,
  client: { readonly name: string; readonly note: string; readonly takenOn: string; readonly measures: Measures },
): Promise<string> {
  return database.transaction(async (transaction) => {
    const [added] = await transaction
      .insert(clients)
      .values({ studioId, name: client.name, note: client.note })
      .returning({ id: clients.id });
    if (!added) throw new Error(`addClient: the database returned no row for "${client.name}"`);
    if (Object.keys(client.measures).length > 0) {
      await transaction
        .insert(measurementSets)
        .values({ clientId: added.id, takenOn: client.takenOn, measures: client.measures });
    }
    return added.id;
  });
}

/** A new set beside the older ones: what the tape read before is never written over. */
export async function addMeasurementSet(
  database: Database,
  studioId: string,
  clientId: string,
  set: { readonly takenOn: string; readonly measures: Measures },
): Promise<boolean> {
  const client = await findClient(database, studioId, clientId);
  if (!client) return false;
  await database.insert(measurementSets).values({ clientId, takenOn: set.takenOn, measures: set.measures });
  return true;
}

/**
 * Several measurings at once, in one transaction. A day that is already here with the same figures is passed over. Returns how many
 * were new; null when the studio has no such client.
 */
export async function addMeasurementSets(
  database: Database,
  studioId: string,
  clientId: string,
  sets: readonly { readonly takenOn: string; readonly measures: Measures }[],
): Promise<number | null> {
  return database.transaction(async (transaction) => {
    const [client] = await transaction
      .select({ id: clients.id })
      .from(clients)
      .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)))
      .for("update");
    if (!client) return null;
    const known = await transaction
      .select({ takenOn: measurementSets.takenOn, measures: measurementSets.measures })
      .from(measurementSets)
      .where(eq(measurementSets.clientId, clientId));
    const fresh = sets.filter(
      (set) => !known.some((one) => one.takenOn === set.takenOn && isSame(one.measures, set.measures)),
    );
    if (fresh.length > 0) {
      await transaction
        .insert(measurementSets)
        .values(fresh.map(({ takenOn, measures }) => ({ clientId, takenOn, measures })));
    }
    return fresh.length;
  });
}

/** Figures that went out to a file and came back are the same to what the file shows. */
const SAME_MM = 0.02;

function isSame(a: Measures, b: Measures): boolean {
  const ids = new Set([...namesOf(a), ...namesOf(b)]);
  return [...ids].every((id) => Math.abs((a[id] ?? Number.POSITIVE_INFINITY) - (b[id] ?? 0)) <= SAME_MM);
}
