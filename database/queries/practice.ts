import { and, desc, eq } from "drizzle-orm";
import type { Database } from "../client";
import { garments, practiceAttempts } from "../schema/work";

export type Attempt = {
  readonly figure: string;
  readonly label: string;
  readonly valueMm: number;
  readonly answerMm: number;
  readonly grade: "right" | "near" | "wrong";
  readonly slip: string | null;
};
export type KeptAttempt = Attempt & { readonly id: string; readonly createdAt: Date };

const MOST_SHOWN = 60;

/** Newest first. Null when the studio has no such garment. */
export async function listAttempts(
  database: Database,
  studioId: string,
  garmentId: string,
): Promise<readonly KeptAttempt[] | null> {
  if (!(await isOfStudio(database, studioId, garmentId))) return null;
  return database
    .select({
      id: practiceAttempts.id,
      figure: practiceAttempts.figure,
      label: practiceAttempts.label,
      valueMm: practiceAttempts.valueMm,
      answerMm: practiceAttempts.answerMm,
      grade: practiceAttempts.grade,
      slip: practiceAttempts.slip,
      createdAt: practiceAttempts.createdAt,
    })
    .from(practiceAttempts)
    .where(eq(practiceAttempts.garmentId, garmentId))
    .orderBy(desc(practiceAttempts.createdAt))
    .limit(MOST_SHOWN);
}

/** Keeps an answer. False when the studio has no such garment. */
export async function addAttempt(
  database: Database,
  studioId: string,
  garmentId: string,
  attempt: Attempt,
): Promise<boolean> {
  if (!(await isOfStudio(database, studioId, garmentId))) return false;
  await database.insert(practiceAttempts).values({ garmentId, ...attempt });
  return true;
}

async function isOfStudio(database: Database, studioId: string, garmentId: string): Promise<boolean> {
  const [found] = await database
    .select({ id: garments.id })
    .from(garments)
    .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId)));
  return found !== undefined;
}
