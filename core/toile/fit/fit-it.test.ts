import { describe, expect, it } from "vitest";
import { sketchGarment } from "../../garment";
import { applyChange } from "../../spec";
import { hung, started } from "../../testing/worn";
import { COARSE, wear } from "../index";
import { readsOf } from "../reads/reads";
import { type FitResult, fitIt, WITHIN_MM } from "./fit-it";
import { FIT_GOALS, type FitGoalId } from "./goals";

function fitted(
  id: string,
  goal: FitGoalId,
  by: number,
): { readonly first: FitResult; readonly again: FitResult | null } {
  const garment = sketchGarment(started(id));
  const base = hung(wear(garment, COARSE));
  const now = readsOf(base).find((one) => one.id === FIT_GOALS[goal].read)?.value ?? Number.NaN;
  const first = ended(fitIt(base, garment, goal, now + by, COARSE));
  if (!first.change) return { first, again: null };
  const changed = sketchGarment(applyChange(garment.spec, first.change));
  return { first, again: ended(fitIt(hung(wear(changed, COARSE)), changed, goal, now + by, COARSE)) };
}

function ended(steps: ReturnType<typeof fitIt>): FitResult {
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
  }
}

describe("a figure that is looked for on the toile", () => {
  it.each<[string, FitGoalId, number]>([
    ["work-shirt", "collar-cover", 8],
    ["jacket", "collar-cover", 6],
    ["shirt-dress", "waist-room", -25],
    ["raglan-coat", "hip-room", 30],
    ["blouse", "level-hem", -8],
    ["t-shirt", "upper-arm-room", 20],
  ])("%s, %s moved by %s mm: met within eight tries, and looked for again from the answer it stays", (id, goal, by) => {
    const { first, again } = fitted(id, goal, by);
    console.log(id, goal, first.outcome, JSON.stringify(first.tries), again?.outcome, JSON.stringify(again?.tries));
    expect(first.outcome).toBe("met");
    expect(first.tries.length).toBeLessThanOrEqual(8);
    expect(Math.abs((first.nearest?.read ?? Number.NaN) - first.target)).toBeLessThanOrEqual(WITHIN_MM);
    expect(first.change).not.toBeNull();
    expect(again?.nearest?.value).toBeCloseTo(first.nearest?.value ?? Number.NaN, 0);
  });
});
