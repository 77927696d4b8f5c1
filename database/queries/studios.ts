import { asc } from "drizzle-orm";
import type { Database } from "../client";
import { studios } from "../schema/people";

export type Studio = { readonly id: string; readonly name: string };

/** The one workroom of an installation without sign-in: the first that was made. */
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
