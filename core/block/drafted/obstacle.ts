import { SAME_MM } from "../../geometry";
import type { BlockChoices } from "./choices";
import type { BlockPlan } from "./plan";

/**
 * Why a bodice cannot be drawn from these figures by these rules: what is in the way of what, and by how much, in
 * millimetres.
 */
export type BlockObstacle = {
  readonly code:
    | "neck-beyond-shoulder"
    | "shoulder-beyond-chest"
    | "armhole-too-shallow"
    | "waist-above-chest"
    | "neck-below-hem";
  /** What the first is, and what it has to keep to. */
  readonly is: number;
  readonly bound: number;
};

/** Our own limits: less is no seam, no armhole and no waist. */
const LEAST_SHOULDER_MM = 25;
const LEAST_UNDERARM_MM = 10;
const LEAST_ARMHOLE_MM = 60;
const LEAST_CHEST_TO_WAIST_MM = 60;
const LEAST_BELOW_NECK_MM = 30;

/** The armhole is inset at its middle: 1/2 in at the back, 3/4 in at the front, which is hollower as arms move forward (common practice, no source). */
export const ARMHOLE_INSET_MM = { back: 12.7, front: 19.05 } as const;

/** The first thing in the way of drawing the planned bodice; null when nothing is. */
export function obstacleOf(plan: BlockPlan, { shoulderExtension }: BlockChoices): BlockObstacle | null {
  const steepest = Math.max(plan.slope.front, plan.slope.back);
  const deepestNeck = Math.max(plan.neckDepth.front, plan.neckDepth.back);
  const checks: readonly (BlockObstacle & { readonly holds: boolean })[] = [
    atLeast("neck-beyond-shoulder", plan.shoulderOut, plan.neckWidth + LEAST_SHOULDER_MM),
    atLeast(
      "shoulder-beyond-chest",
      plan.chestQuarter,
      plan.shoulderOut + shoulderExtension - ARMHOLE_INSET_MM.back + LEAST_UNDERARM_MM,
    ),
    atLeast("armhole-too-shallow", plan.chestLevel, steepest + LEAST_ARMHOLE_MM),
    atLeast("waist-above-chest", plan.waistLevel, plan.chestLevel + LEAST_CHEST_TO_WAIST_MM),
    atLeast("neck-below-hem", plan.hemLevel, deepestNeck + LEAST_BELOW_NECK_MM),
  ];
  const failed = checks.find((check) => !check.holds);
  return failed ? { code: failed.code, is: failed.is, bound: failed.bound } : null;
}

function atLeast(code: BlockObstacle["code"], is: number, bound: number) {
  return { code, is, bound, holds: is > bound - SAME_MM };
}
