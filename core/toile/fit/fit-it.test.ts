import { describe, expect, it } from "vitest";
import { sketchGarment } from "../../garment";
import { applyChange } from "../../spec";
import { hung, started } from "../../testing/worn";
import { COARSE, wear } from "../index";
import { readsOf } from "../reads/reads";
import { type FitResult, fitIt, WITHIN_MM } from "./fit-it";
import { FIT_GOALS, type FitGoalId } from "./goals";
import { mayTrade, tradeCap } from "./trade";

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

describe("caps of one armhole against each other", () => {
  it("are tried from the widest to the narrowest: the higher the cap, the fewer the folds and the more the hem lifts (common practice, no source)", () => {
    const garment = sketchGarment({ ...started("work-shirt"), collar: null });
    const base = hung(wear(garment, COARSE));
    expect(mayTrade(garment)).toBe(true);
    const steps = tradeCap(base, garment, COARSE);
    let end = steps.next();
    while (!end.done) end = steps.next();
    const points = end.value;
    expect(points.length).toBeGreaterThan(3);
    expect(points.filter(({ isNow }) => isNow)).toHaveLength(1);
    expect(points.map(({ capHeight }) => capHeight)).toEqual(
      points.map(({ capHeight }) => capHeight).toSorted((a, b) => a - b),
    );
    const [low, high] = [points[0], points[points.length - 1]];
    expect(high?.folds ?? Number.NaN).toBeLessThan(0.9 * (low?.folds ?? Number.NaN));
    expect(high?.lift ?? Number.NaN).toBeGreaterThan((low?.lift ?? Number.NaN) + 4);
    for (const { change } of points)
      expect(
        sketchGarment(applyChange(garment.spec, change)).findings.some(({ severity }) => severity === "fault"),
      ).toBe(false);
  });
});

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
    expect(first.outcome).toBe("met");
    expect(first.tries.length).toBeLessThanOrEqual(8);
    expect(Math.abs((first.nearest?.read ?? Number.NaN) - first.target)).toBeLessThanOrEqual(WITHIN_MM);
    expect(first.change).not.toBeNull();
    expect(again?.nearest?.value).toBeCloseTo(first.nearest?.value ?? Number.NaN, 0);
  });

  it("ends where the figure may go no further, and refuses a goal that this garment has no figure for", () => {
    const garment = sketchGarment(started("t-shirt"));
    const base = hung(wear(garment, COARSE));
    const far = ended(fitIt(base, garment, "level-hem", 500, COARSE));
    expect(["end-of-range", "does-not-follow", "too-many-tries"]).toContain(far.outcome);
    expect(far.tries.length).toBeLessThanOrEqual(8);
    expect(far.tries.every(({ value }) => value >= far.figure.least && value <= far.figure.most)).toBe(true);
    expect(() => fitIt(base, garment, "collar-cover", 10, COARSE).next()).toThrow(RangeError);
  });
});
