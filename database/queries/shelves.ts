import { and, desc, eq, isNotNull, or } from "drizzle-orm";
import type { Database } from "../client";
import { clients, garments } from "../schema/work";

/** What can be put away, deleted, taken back, and destroyed for good. */
export const SHELVED = ["client", "garment"] as const;
export type Shelved = (typeof SHELVED)[number];
export const SHELF_ACTS = ["archive", "delete", "restore", "destroy"] as const;
export type ShelfAct = (typeof SHELF_ACTS)[number];

const TABLES = { client: clients, garment: garments } as const;

/**
 * Puts one away, deletes it, takes it back out, or destroys what was deleted before. A client's garments go and come with the client.
 * False when the studio has no such one, or it is to be destroyed and was not deleted.
 */
export async function shelve(
  database: Database,
  studioId: string,
  what: Shelved,
  id: string,
  act: ShelfAct,
): Promise<boolean> {
  const table = TABLES[what];
  const one = and(eq(table.studioId, studioId), eq(table.id, id));
  if (act === "destroy") return destroy(database, studioId, what, id);
  const now = new Date();
  const marks = {
    archive: { archivedAt: now },
    delete: { deletedAt: now },
    restore: { archivedAt: null, deletedAt: null },
  }[act];
  const changed = await database.update(table).set(marks).where(one).returning({ id: table.id });
  return changed.length > 0;
}

async function destroy(database: Database, studioId: string, what: Shelved, id: string): Promise<boolean> {
  return database.transaction(async (transaction) => {
    const table = TABLES[what];
    const [found] = await transaction
      .select({ id: table.id })
      .from(table)
      .where(and(eq(table.studioId, studioId), eq(table.id, id), isNotNull(table.deletedAt)))
      .for("update");
    if (!found) return false;
    if (what === "client") await transaction.delete(garments).where(eq(garments.clientId, id));
    await transaction.delete(table).where(eq(table.id, id));
    return true;
  });
}

export type OnShelf = {
  readonly what: Shelved;
  readonly id: string;
  readonly name: string;
  readonly archivedAt: Date | null;
  readonly deletedAt: Date | null;
};

const MOST_SHOWN = 200;

/** What is put away or deleted, the last first. */
export async function listShelves(database: Database, studioId: string): Promise<readonly OnShelf[]> {
  const of = async (what: Shelved): Promise<readonly OnShelf[]> => {
    const table = TABLES[what];
    const rows = await database
      .select({ id: table.id, name: table.name, archivedAt: table.archivedAt, deletedAt: table.deletedAt })
      .from(table)
      .where(and(eq(table.studioId, studioId), or(isNotNull(table.archivedAt), isNotNull(table.deletedAt))))
      .orderBy(desc(table.deletedAt), desc(table.archivedAt))
      .limit(MOST_SHOWN);
    return rows.map((row) => ({ what, ...row }));
  };
  const [people, clothes] = await Promise.all([of("client"), of("garment")]);
  return [...people, ...clothes];
}
