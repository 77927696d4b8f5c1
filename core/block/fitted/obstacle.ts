import { boxOf, crossesItself, endOf, startOf } from "../../geometry";
import { hemLevel } from "./lay-out";
import type { FittedPlan } from "./solve";
import type { FittedTask } from "./task";

/** Why no bodice can be drawn for these figures: what is in the way, what it is and what it has to keep to. Millimetres. */
export type FittedObstacle = {
  readonly code:
    | "neck-beyond-shoulder"
    | "armhole-too-shallow"
    | "armhole-beyond-waist"
    | "shoulder-beyond-chest"
    | "hip-above-waist"
    | "hem-above-chest"
    | "hem-above-bust"
    | "armhole-not-drawn";
  readonly is: number;
  readonly bound: number;
};

/** Our own limits: less is no seam, no armhole and no waist. */
const LEAST_SHOULDER_MM = 25;
const LEAST_DEPTH_MM = 60;
const LEAST_CHEST_TO_WAIST_MM = 30;
const LEAST_WAIST_TO_HIP_MM = 40;
const LEAST_BELOW_CHEST_MM = 20;
const LEAST_RUN_MM = 10;

/** The first thing in the way of drawing the solved block; null when nothing is. */
export function obstacleOfFitted(task: FittedTask, plan: FittedPlan): FittedObstacle | null {
  const { typed, choices } = task;
  const by = -plan.neckPoint.front.y;
  const hip = typed.hipLevel ?? plan.hipLevel + by;
  const armholes = [plan.armhole.front, plan.armhole.back];
  const least = (code: FittedObstacle["code"], is: number, bound: number) => ({ code, is, bound, holds: is >= bound });
  const lowest = Math.max(plan.underarm.back.y, plan.underarm.front.y);
  const waist = typed.waistLevel ?? plan.waistLevel + by;
  const hem = hemLevel(task, waist, hip, plan);
  const runs = Math.min(plan.underarm.back.x - plan.middle.back.x, plan.underarm.front.x - plan.middle.front.x);
  const failed = [
    least("neck-beyond-shoulder", Math.min(plan.seam.front, plan.seam.back), LEAST_SHOULDER_MM),
    least("armhole-too-shallow", plan.underarm.back.y - plan.tip.back.y, LEAST_DEPTH_MM),
    least("armhole-beyond-waist", waist - by - lowest, LEAST_CHEST_TO_WAIST_MM),
    ...(choices.armhole === "dropped" ? [] : [least("shoulder-beyond-chest", runs, LEAST_RUN_MM)]),
    least("hip-above-waist", hip, waist + LEAST_WAIST_TO_HIP_MM),
    least("hem-above-chest", hem, lowest + by + LEAST_BELOW_CHEST_MM),
    // A bust dart that is sewn into the waist opens below the bust point.
    ...(choices.bustDart === "waist" && plan.dart > 0
      ? [least("hem-above-bust", hem, plan.bustPoint.y + by + LEAST_BELOW_CHEST_MM)]
      : []),
    ...armholes.map((path) => ({
      ...least("armhole-not-drawn", endOf(path).y - startOf(path).y, LEAST_DEPTH_MM / 2),
      holds: Number.isFinite(boxOf([path]).right) && !crossesItself(path) && endOf(path).y > startOf(path).y,
    })),
  ].find(({ holds }) => !holds);
  return failed ? { code: failed.code, is: failed.is, bound: failed.bound } : null;
}
