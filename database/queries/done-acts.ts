import { and, eq, lt, sql } from "drizzle-orm";
import type { Database } from "../client";
import { doneActs } from "../schema/people";

type Asked = { readonly userId: string; readonly what: string; readonly key: string };

/** Nobody sends an act again after so long. */
const KEPT_FOR = sql`interval '7 days'`;

/**
 * Does the work once under a key, and answers what came of it; under a key that it was done with before, only answers. Within a transaction:
 * who asks the same at the same moment waits for it, and what fails leaves no trace. What the work gives has to come through JSON unchanged.
 */
export async function doneOnce<Result>(
  database: Database,
  { userId, what, key }: Asked,
  work: () => Promise<Result>,
): Promise<Result> {
  const claimed = await database
    .insert(doneActs)
    .values({ userId, what, key })
    .onConflictDoNothing()
    .returning({ key: doneActs.key });
  const act = and(eq(doneActs.userId, userId), eq(doneActs.what, what), eq(doneActs.key, key));
  if (claimed.length === 0) {
    const [done] = await database.select({ answer: doneActs.answer }).from(doneActs).where(act);
    return JSON.parse(done?.answer ?? "{}").value;
  }
  const value = await work();
  await database
    .update(doneActs)
    .set({ answer: JSON.stringify({ value }) })
    .where(act);
  return value;
}

/** Forgets what was done too long ago to be sent again. */
export async function forgetDoneActs(database: Database): Promise<void> {
  await database.delete(doneActs).where(lt(doneActs.createdAt, sql`now() - ${KEPT_FOR}`));
}
