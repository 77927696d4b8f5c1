import { CLOTH_KINDS, type ClothTable } from "@core/cloth/index";
import { eq } from "drizzle-orm";
import type { Database } from "../client";
import { clothFigures } from "../schema/work";

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
