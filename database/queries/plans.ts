import type { Stage } from "@core/garment/index";
import { and, eq, isNull } from "drizzle-orm";
import type { Database } from "../client";
import { garments } from "../schema/work";

/** How far a garment is, and by when what is to happen with it. */
export type Plan = { readonly stage: Stage; readonly dueOn: string | null; readonly fittingOn: string | null };

const own = (studioId: string, garmentId: string) =>
  and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt));

/** Changes what is named of a garment's plan; false when the workroom has no such garment. */
export async function planGarment(
  database: Database,
  studioId: string,
  garmentId: string,
  change: Partial<Plan>,
): Promise<boolean> {
  if (Object.keys(change).length === 0) return true;
  const changed = await database
    .update(garments)
    .set(change)
    .where(own(studioId, garmentId))
    .returning({ id: garments.id });
  return changed.length > 0;
}

/** The steps of the making notes that are done; null when the workroom has no such garment. */
export async function stepsMade(
  database: Database,
  studioId: string,
  garmentId: string,
): Promise<readonly string[] | null> {
  const [found] = await database.select({ made: garments.made }).from(garments).where(own(studioId, garmentId));
  return found?.made ?? null;
}

const MOST_STEPS = 200;

/** Ticks a step, or takes its tick away, whatever others tick meanwhile. */
export async function tickStep(
  database: Database,
  studioId: string,
  garmentId: string,
  { step, isDone }: { readonly step: string; readonly isDone: boolean },
): Promise<readonly string[] | null> {
  return database.transaction(async (transaction) => {
    const [found] = await transaction
      .select({ made: garments.made })
      .from(garments)
      .where(own(studioId, garmentId))
      .for("update");
    if (!found) return null;
    const others = found.made.filter((one) => one !== step);
    const made = isDone ? [...others, step].slice(-MOST_STEPS) : others;
    await transaction.update(garments).set({ made }).where(eq(garments.id, garmentId));
    return made;
  });
}
