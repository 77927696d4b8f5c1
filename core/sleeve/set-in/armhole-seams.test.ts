import { describe, expect, it } from "vitest";
import { sewnSleeve } from "../../drafting";
import { draftGarment } from "../../garment";
import { endOf, startOf } from "../../geometry";
import { applyChange } from "../../spec";
import { inches, sampleSpec, withSleeve } from "../../testing/sample";

const seamsOf = (spec = sampleSpec()) => draftGarment(spec).seams;

describe("ease moved past a notch", () => {
  it("stays in its half, takes the cap's notch along, and leaves the armhole's where it is", () => {
    const before = draftGarment(sampleSpec());
    const after = draftGarment(applyChange(sampleSpec(), { sleeve: { lowerEase: { front: 4, back: 2.5 } } }));
    for (const [i, lower] of [4, 2.5].entries()) {
      const [was, is] = [before.seams[i], after.seams[i]];
      if (!was || !is) throw new Error("two seams");
      expect(is.ease).toBeCloseTo(was.ease, 9);
      expect(is.sections[0]?.ease).toBeCloseTo(lower, 9);
      expect(is.sections[1]?.ease).toBeCloseTo(was.ease - lower, 6);
      expect(is.sections[0]?.bodyLength).toBe(was.sections[0]?.bodyLength);
    }
    const front = sewnSleeve(after)?.sleeve.notches.find((notch) => notch.id === "front");
    expect((front?.partAt ?? 0) - (front?.bodyAt ?? 0)).toBeCloseTo(4, 9);
  });
});

describe("the two halves of the sleeve's seam", () => {
  it("are measured along the curves as drawn, from the underarm up", () => {
    const [front, back] = seamsOf();
    expect(front?.bodyLength).toBeCloseTo(inches(8.75), 6);
    expect(back?.bodyLength).toBeCloseTo(inches(9.25), 6);
    for (const seam of [front, back]) {
      expect(startOf(seam?.partPath ?? []).y).toBeGreaterThan(endOf(seam?.partPath ?? []).y);
      expect(startOf(seam?.bodyPath ?? []).y).toBeGreaterThan(endOf(seam?.bodyPath ?? []).y);
    }
  });

  it("take the ease as it was split, front to back", () => {
    const [front, back] = seamsOf(withSleeve({ backEaseShare: 0.6, capEase: 30 }));
    expect(front?.ease).toBeCloseTo(12, 4);
    expect(back?.ease).toBeCloseTo(18, 4);
    expect(front?.target).toBeCloseTo(12, 9);
  });

  it("give no ease below the notch, and all of it above", () => {
    for (const seam of seamsOf()) {
      const [lower, upper] = seam.sections;
      expect(lower?.ease).toBe(0);
      expect(upper?.ease).toBeCloseTo(seam.ease, 9);
      expect((lower?.bodyLength ?? 0) + (upper?.bodyLength ?? 0)).toBeCloseTo(seam.bodyLength, 9);
    }
  });

  it("follow a notch that was moved, on both edges alike", () => {
    const sleeve = sewnSleeve(draftGarment(withSleeve({ notches: { front: inches(3), back: inches(3.5) } })));
    const notch = (id: string) => sleeve?.sleeve.notches.find((one) => one.id === id);
    expect(notch("front")).toMatchObject({ bodyAt: inches(3), partAt: inches(3) });
    expect(notch("back")).toMatchObject({ bodyAt: inches(3.5), partAt: inches(3.5) });
    expect((notch("backSecond")?.bodyAt ?? 0) - (notch("back")?.bodyAt ?? 0)).toBe(10);
  });

  it("are stretched where the ease is negative, and say so with its sign", () => {
    const [front, back] = seamsOf({ ...withSleeve({ capEase: -8 }), cloth: { kind: "knit" } });
    expect((front?.ease ?? 0) + (back?.ease ?? 0)).toBeCloseTo(-8, 4);
    expect(front?.ease).toBeLessThan(0);
  });
});
