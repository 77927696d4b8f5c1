import { sewnSleeve } from "../../drafting";
import { type Garment, sketchGarment } from "../../garment";
import { applyChange, type SpecChange } from "../../spec";
import { HANGING } from "../body/arm";
import { raisedReads, readsOf } from "../reads/reads";
import type { Progress } from "../sewing/hang";
import type { NotWorn, WearOptions } from "../task";
import { wear, wearFrom } from "../wear";
import type { Worn } from "../worn";

/** A sleeve that fits the same armhole with another cap: how it folds under the hanging arm, in degrees, and how far the hem lifts as it rises. */
export type TradePoint = {
  readonly upperArmEase: number;
  readonly capHeight: number;
  readonly folds: number;
  readonly lift: number;
  readonly isNow: boolean;
  readonly change: SpecChange;
};

export type TradeProgress = Progress & { readonly points: readonly TradePoint[] };

/** Sleeves are tried with so much more and less ease round the arm, in millimetres. */
const STEPS_MM = [60, 30, 0, -30, -60] as const;
/** So far the arm is raised, in degrees. */
const RAISED = 75;

/** Has this garment a sleeve whose cap may be higher and narrower, or lower and wider, in the same armhole? */
export function mayTrade({ sleeve, resolved }: Garment): boolean {
  return sleeve?.family === "sewn" && resolved.sleeve !== null && resolved.sleeve.method !== "dropped";
}

/**
 * Sleeves of one armhole from the widest with the lowest cap to the narrowest with the highest, each worn with the arm down and raised from `base`:
 * what is won in one is lost in the other. What cannot be drafted or worn is passed over. Both figures are to be compared with each other only.
 */
export function* tradeCap(
  base: Worn,
  garment: Garment,
  options: WearOptions,
): Generator<TradeProgress, readonly TradePoint[]> {
  const points: TradePoint[] = [];
  const width = garment.resolved.sleeve?.upperArmEase ?? 0;
  for (const [i, step] of STEPS_MM.entries()) {
    const upperArmEase = width + step;
    if (upperArmEase < 0) continue;
    const change: SpecChange = {
      sleeve: { method: "fit-first", upperArmEase, capHeightChange: 0, capWidthChange: 0, surplus: undefined },
    };
    const tried = sketchGarment(applyChange(garment.spec, change), garment);
    const height = sewnSleeve(tried)?.sleeve.frame.height;
    if (height === undefined) continue;
    const follow = function* (
      steps: Generator<Progress, Worn | NotWorn>,
      half: 0 | 1,
    ): Generator<TradeProgress, Worn | null> {
      for (;;) {
        const { value, done } = steps.next();
        if (done) return "why" in value ? null : value;
        yield { says: value.says, share: (i + (half + value.share) / 2) / STEPS_MM.length, points: [...points] };
      }
    };
    const lowered = { ...options, pose: HANGING };
    const down = yield* follow(wearFrom(base, tried, lowered) ?? wear(tried, lowered), 0);
    if (!down) continue;
    const raising = wearFrom(down, tried, { ...options, pose: { ...HANGING, raised: RAISED } });
    const up = raising && (yield* follow(raising, 1));
    if (!up) continue;
    const folds = readsOf(down).find(({ id }) => id === "folds.underarm")?.value;
    const lift = raisedReads(down, up).find(({ id }) => id === "raise.hem" || id === "raise.underarm")?.value;
    if (folds === undefined || lift === undefined) continue;
    points.push({ upperArmEase, capHeight: height, folds, lift, isNow: step === 0, change });
  }
  return points;
}
