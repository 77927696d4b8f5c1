import { and, asc, eq } from "drizzle-orm";
import type { Database } from "../client";
import { startingPoints } from "../schema/work";

export type KeptPoint = {
  readonly id: string;
  readonly name: string;
  readonly file: Readonly<Record<string, unknown>>;
};

/** More than this no page of pictures holds. */
const MOST_POINTS = 60;

export async function listStartingPoints(database: Database, studioId: string): Promise<readonly KeptPoint[]> {
  return database
    .select({ id: startingPoints.id, name: startingPoints.name, file: startingPoints.file })
    .from(startingPoints)
    .where(eq(startingPoints.studioId, studioId))
    .orderBy(asc(startingPoints.name))
    .limit(MOST_POINTS);
}

/** Null when the workroom keeps as many as a page holds. */
export async function addStartingPoint(
  database: Database,
  studioId: string,
  point: { readonly name: string; readonly file: Readonly<Record<string, unknown>> },
): Promise<string | null> {
  if ((await listStartingPoints(database, studioId)).length >= MOST_POINTS) return null;
  const [added] = await database
    .insert(startingPoints)
    .values({ studioId, ...point })
    .returning({ id: startingPoints.id });
  return added?.id ?? null;
}

/** False when the workroom has no such one. */
export async function removeStartingPoint(database: Database, studioId: string, id: string): Promise<boolean> {
  const removed = await database
    .delete(startingPoints)
    .where(and(eq(startingPoints.studioId, studioId), eq(startingPoints.id, id)))
    .returning({ id: startingPoints.id });
  return removed.length > 0;
}
