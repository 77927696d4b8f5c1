import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { capTask, draft, INCH, size } from "../../testing/set-in";
import { missedGuides, throughGuides } from "./guides";
import { methodOf, type SetInMethod } from "./methods";
import { guidePoints } from "./rule-frame";

const drawnBy = (method: SetInMethod, changes: Parameters<typeof capTask>[0]) => {
  const task = throughGuides(capTask(changes), methodOf(method).frame);
  const sleeve = draft(task, method);
  if (!sleeve) throw new Error("no sleeve");
  const { capFront, capBack } = sleeve.outline;
  const outside = (cap: typeof capFront) => guidePoints(cap).map((guide) => guide.outside);
  return { task, sleeve, front: outside(capFront), back: outside(capBack) };
};

describe("guide points of the cap, typed", () => {
  it("draws half an inch out above and in below, front and back (common practice, no source)", () => {
    for (const method of ["fit-first", "two-thirds-depth"] as const) {
      const half = { upper: INCH / 2, lower: -INCH / 2 };
      const { front, back, task, sleeve } = drawnBy(method, { curve: "quarters", guides: { front: half, back: half } });
      for (const [upper, , lower] of [front, back]) {
        expect(upper).toBeCloseTo(INCH / 2, 1);
        expect(lower).toBeCloseTo(-INCH / 2, 1);
      }
      expect(missedGuides(task, sleeve.frame)).toEqual([]);
    }
  });

  it("draws the middle an inch out behind and half an inch in in front (common practice, no source)", () => {
    const { front, back } = drawnBy("two-thirds-depth", {
      curve: "middle",
      guides: { front: { middle: -INCH / 2 }, back: { middle: INCH } },
    });
    expect(front[1]).toBeCloseTo(-INCH / 2, 2);
    expect(back[1]).toBeCloseTo(INCH, 2);
  });

  it("keeps the seams of a fitted cap at what the armhole asks, whatever is typed", () => {
    fc.assert(
      fc.property(size(-4, 18), size(-18, 4), size(-4, 18), size(-18, 4), (a, b, c, d) => {
        const { sleeve, task, front, back } = drawnBy("fit-first", {
          curve: "quarters",
          guides: { front: { upper: a, lower: b }, back: { upper: c, lower: d } },
        });
        expect(sleeve.capLength.front).toBeCloseTo(task.armhole.front + task.capEase * 0.45, 2);
        expect(sleeve.capLength.back).toBeCloseTo(task.armhole.back + task.capEase * 0.55, 2);
        const missed = missedGuides(task, sleeve.frame);
        const isMissed = (side: string, guide: string) =>
          missed.some((one) => one.side === side && one.guide === guide);
        if (!isMissed("front", "upper")) expect(Math.abs((front[0] ?? 0) - a)).toBeLessThan(0.2);
        if (!isMissed("back", "lower")) expect(Math.abs((back[2] ?? 0) - d)).toBeLessThan(0.2);
      }),
      { numRuns: 60 },
    );
  });

  it("says what is out of reach, and how near the cap comes", () => {
    const { task, sleeve, back } = drawnBy("two-thirds-depth", {
      curve: "quarters",
      guides: { front: {}, back: { upper: 2 * INCH } },
    });
    const [missed, ...others] = missedGuides(task, sleeve.frame);
    expect(others).toEqual([]);
    expect(missed).toMatchObject({ side: "back", guide: "upper", asked: 2 * INCH });
    expect(missed?.drawn).toBeCloseTo(back[0] ?? 0, 2);
    expect(missed?.drawn).toBeLessThan(2 * INCH);
  });

  it("leaves a cap without typed guide points as it was", () => {
    const task = capTask({ curve: "middle" });
    expect(throughGuides(task, methodOf("fit-first").frame)).toBe(task);
  });
});
