import { type ClothOnTable, type LayPiece, type LayPlan, layPlans, SEED } from "@core/cut/index";

/** How many orders are tried before the search ends by itself. */
export const MOST_TRIES = 1500;
/** Progress is told after so many. */
const TOLD_EVERY = 15;
/** Looks for ever shorter plans, and tells each one that is better, and how many orders were tried. Ends by itself; stopped by ending its worker. */
export async function searchPlans(
  pieces: readonly LayPiece[],
  table: ClothOnTable,
  tell: (plan: LayPlan | null, tries: number) => void | Promise<void>,
): Promise<void> {
  let tries = 0;
  for (const plan of layPlans(pieces, table, SEED)) {
    tries++;
    if (plan || tries % TOLD_EVERY === 0) await tell(plan, tries);
    if (tries >= MOST_TRIES) break;
  }
  await tell(null, MOST_TRIES);
}
