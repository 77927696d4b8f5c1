import { and, asc, eq, gt, lt, sql } from "drizzle-orm";
import type { Database } from "../client";
import { practiceReadings } from "../schema/work";

/** The channel on which every copy of the server hears of a new reading; what is sent is the tape's id. */
export const PRACTICE_TAPE_CHANNEL = "practice_tape";

/** A page asks for no more than it missed, and a tape in the hand remembers no more either. */
const REMEMBERED = 50;

/** Keeps what a practice tape read, numbered after the one before, and tells of it. What is older than a day is forgotten. */
export async function addReading(database: Database, tapeId: string, mm: number): Promise<void> {
  await database.transaction(async (transaction) => {
    // Two readings of one tape at once would be given one number.
    await transaction.execute(sql`select pg_advisory_xact_lock(hashtext(${tapeId}))`);
    const number = sql<number>`(select coalesce(max(${practiceReadings.number}), 0) + 1 from ${practiceReadings} where ${eq(practiceReadings.tapeId, tapeId)})`;
    await transaction.insert(practiceReadings).values({ tapeId, number, mm });
    await transaction.delete(practiceReadings).where(lt(practiceReadings.createdAt, sql`now() - interval '1 day'`));
    await transaction.execute(sql`select pg_notify(${PRACTICE_TAPE_CHANNEL}, ${tapeId})`);
  });
}

export async function readingsAfter(database: Database, tapeId: string, number: number) {
  return database
    .select({ number: practiceReadings.number, mm: practiceReadings.mm })
    .from(practiceReadings)
    .where(and(eq(practiceReadings.tapeId, tapeId), gt(practiceReadings.number, number)))
    .orderBy(asc(practiceReadings.number))
    .limit(REMEMBERED);
}
