import { CLOTH_KINDS, type ClothKind, type ClothTable, type ClothTakes, type OwnHangs } from "@core/cloth/index";
import { and, asc, eq, ne } from "drizzle-orm";
import type { Database } from "../client";
import { clothFigures, ownCloths } from "../schema/work";

/** The workroom's own figures; a kind that is not in it has the usual ones. */
export async function clothTable(database: Database, studioId: string): Promise<ClothTable> {
  const rows = await database.select().from(clothFigures).where(eq(clothFigures.studioId, studioId));
  return Object.fromEntries(rows.flatMap(({ kind, takes }) => (takes ? [[kind, takes]] : [])));
}

/** Puts a table in the place of the workroom's old one. */
export async function saveClothTable(database: Database, studioId: string, table: ClothTable): Promise<void> {
  const rows = CLOTH_KINDS.flatMap((kind) => (table[kind] ? [{ studioId, kind, takes: table[kind] }] : []));
  await database.transaction(async (change) => {
    await change.delete(clothFigures).where(eq(clothFigures.studioId, studioId));
    if (rows.length > 0) {
      await change.insert(clothFigures).values(rows);
    }
  });
}

/** A cloth of the workroom's own, which behaves as one of the usual kinds does, with figures of its own. Millimetres. */
export type OwnCloth = {
  readonly id: string;
  readonly name: string;
  readonly kind: ClothKind;
  readonly takes: ClothTakes;
  readonly width: number | null;
  readonly hangs: OwnHangs | null;
  readonly isRetired: boolean;
};

/** The workroom's own cloths by name; a row that cannot be read is none. */
export async function listOwnCloths(database: Database, studioId: string): Promise<readonly OwnCloth[]> {
  const rows = await database
    .select()
    .from(ownCloths)
    .where(eq(ownCloths.studioId, studioId))
    .orderBy(asc(ownCloths.name));
  return rows.flatMap(({ id, name, kind, takes, width, hangs, retiredAt }) =>
    takes && CLOTH_KINDS.some((one) => one === kind)
      ? [{ id, name, kind, takes, width, hangs, isRetired: retiredAt !== null }]
      : [],
  );
}

type Written = Omit<OwnCloth, "id" | "isRetired">;

/** Adds a cloth, or writes one anew; false when another has its name, null when there is no such cloth. */
export async function saveOwnCloth(
  database: Database,
  studioId: string,
  { id, ...written }: Written & { readonly id: string | null },
): Promise<boolean | null> {
  return database.transaction(async (transaction) => {
    const [other] = await transaction
      .select({ id: ownCloths.id })
      .from(ownCloths)
      .where(
        and(
          eq(ownCloths.studioId, studioId),
          eq(ownCloths.name, written.name),
          ...(id === null ? [] : [ne(ownCloths.id, id)]),
        ),
      );
    if (other) return false;
    if (id === null) {
      await transaction.insert(ownCloths).values({ studioId, ...written });
      return true;
    }
    const changed = await transaction
      .update(ownCloths)
      .set(written)
      .where(and(eq(ownCloths.studioId, studioId), eq(ownCloths.id, id)))
      .returning({ id: ownCloths.id });
    return changed.length > 0 ? true : null;
  });
}

/** A retired cloth is offered no more; garments that are made of it keep its figures. */
export async function retireOwnCloth(
  database: Database,
  studioId: string,
  id: string,
  isRetired: boolean,
): Promise<boolean> {
  const changed = await database
    .update(ownCloths)
    .set({ retiredAt: isRetired ? new Date() : null })
    .where(and(eq(ownCloths.studioId, studioId), eq(ownCloths.id, id)))
    .returning({ id: ownCloths.id });
  return changed.length > 0;
}
