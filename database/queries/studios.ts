import type { StudioSettings } from "@core/studio/index";
import { asc, eq } from "drizzle-orm";
import type { Database } from "../client";
import { studios } from "../schema/people";
import { clients, garments } from "../schema/work";

export type Studio = { readonly id: string; readonly name: string };

/** The workroom that was made first; null in an empty database. */
export async function firstStudio(database: Database): Promise<Studio | null> {
  const [studio] = await database
    .select({ id: studios.id, name: studios.name })
    .from(studios)
    .orderBy(asc(studios.createdAt))
    .limit(1);
  return studio ?? null;
}

export async function addStudio(database: Database, name: string): Promise<Studio> {
  const [studio] = await database.insert(studios).values({ name }).returning({ id: studios.id, name: studios.name });
  if (!studio) throw new Error(`addStudio: the database returned no row for "${name}"`);
  return studio;
}

/** Changes the settings as they stand: two who change them at once wait for each other here. */
export async function changeSettings(
  database: Database,
  studioId: string,
  change: (now: StudioSettings) => StudioSettings,
): Promise<void> {
  await database.transaction(async (transaction) => {
    const [studio] = await transaction
      .select({ settings: studios.settings })
      .from(studios)
      .where(eq(studios.id, studioId))
      .for("update");
    if (studio)
      await transaction
        .update(studios)
        .set({ settings: change(studio.settings) })
        .where(eq(studios.id, studioId));
  });
}

export async function renameStudio(database: Database, studioId: string, name: string): Promise<void> {
  await database.update(studios).set({ name }).where(eq(studios.id, studioId));
}

/** Destroys a workroom with all that is in it, for good; people who were in it keep their accounts. */
export async function endStudio(database: Database, studioId: string): Promise<void> {
  await database.transaction(async (transaction) => {
    await transaction.delete(garments).where(eq(garments.studioId, studioId));
    await transaction.delete(clients).where(eq(clients.studioId, studioId));
    await transaction.delete(studios).where(eq(studios.id, studioId));
  });
}
