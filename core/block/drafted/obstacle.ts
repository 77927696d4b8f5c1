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
    | "hip-above-waist"
    | "hem-above-chest"
    | "neck-below-hem"
    | "dart-outside";
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
const LEAST_WAIST_TO_HIP_MM = 40;
const LEAST_BELOW_CHEST_MM = 20;

/** The first thing in the way of drawing the planned bodice; null when nothing is. */
export function obstacleOf(plan: BlockPlan, { shoulderExtension }: BlockChoices): BlockObstacle | null {
  const steepest = Math.max(plan.slope.front, plan.slope.back);
  const deepestNeck = Math.max(plan.neckDepth.front, plan.neckDepth.back);
  const { dart } = plan;
  const checks: readonly (BlockObstacle & { readonly holds: boolean })[] = [
    atLeast(
      "neck-beyond-shoulder",
      plan.shoulderOut,
      Math.max(plan.neckWidth.front, plan.neckWidth.back) + LEAST_SHOULDER_MM,
    ),
    atLeast(
      "shoulder-beyond-chest",
      plan.chestQuarter,
      plan.shoulderOut + shoulderExtension - plan.inset.back + LEAST_UNDERARM_MM,
    ),
    atLeast("armhole-too-shallow", plan.chestLevel, steepest + LEAST_ARMHOLE_MM),
    atLeast("waist-above-chest", plan.waistLevel, plan.chestLevel + LEAST_CHEST_TO_WAIST_MM),
    atLeast("hip-above-waist", plan.hipLevel, plan.waistLevel + LEAST_WAIST_TO_HIP_MM),
    // Cut off between the chest and the waist nothing is shaped; a hem above the chest line leaves no side.
    atLeast("hem-above-chest", plan.hemLevel, plan.chestLevel + LEAST_BELOW_CHEST_MM),
    atLeast("neck-below-hem", plan.hemLevel, deepestNeck + LEAST_BELOW_NECK_MM),
    atLeast("dart-outside", dart.outer, 0),
  ];
  const failed = checks.find((check) => !check.holds);
  return failed ? { code: failed.code, is: failed.is, bound: failed.bound } : null;
}

function atLeast(code: BlockObstacle["code"], is: number, bound: number) {
  return { code, is, bound, holds: is > bound - SAME_MM };
}
