import { describe, expect, it } from "vitest";
import { sewnSleeve } from "../drafting";
import { draftGarment } from "../garment";
import { SET_IN_METHODS } from "../sleeve/set-in";
import { SAMPLE_FILE, sampleSpec, specOf, withSleeve } from "../testing/sample";
import { compareMethods, sweepMethods, tradeOffOf } from ".";

describe("methods side by side", () => {
  it("shows every school for the same client, and that they disagree", () => {
    const compared = compareMethods(sampleSpec());
    expect(compared.map((one) => one.method)).toEqual([...SET_IN_METHODS]);
    const heights = compared.map((one) => one.figures?.capHeight ?? 0);
    expect(Math.max(...heights) - Math.min(...heights)).toBeGreaterThan(60);
    const fitFirst = compared.find((one) => one.method === "fit-first");
    expect(Math.abs(fitFirst?.figures?.surplus ?? 9)).toBeLessThan(0.01);
    expect(fitFirst?.finding).toBeNull();
    expect(compared.find((one) => one.method === "bust-twelfth")?.finding?.code).toBe("cap-too-long");
  });

  it("gives each rule as it says, whatever was changed by choice", () => {
    const changed = withSleeve({
      method: "bust-twelfth",
      capHeightChange: 25,
      capWidthChange: -30,
      fullnessChange: 0.2,
    });
    const figures = (spec: typeof changed) => compareMethods(spec).map((one) => one.figures);
    expect(figures(changed)).toEqual(figures(withSleeve({ method: "bust-twelfth" })));
  });

  it("is empty where there is nothing to compare", () => {
    const armhole = { front: 7, back: 9.25, depth: 9 };
    expect(compareMethods(specOf({ ...SAMPLE_FILE, block: { source: "readings", armhole } }))).toEqual([]);
    expect(compareMethods({ ...sampleSpec(), sleeve: null })).toEqual([]);
  });

  it("sweeps over ease: fit first puts more ease into a higher cap, a rule into a smaller surplus", () => {
    const eases = Array.from({ length: 20 }, (_, i) => i * 2);
    const swept = sweepMethods(sampleSpec(), eases);
    expect(swept.length).toBe(eases.length * SET_IN_METHODS.length);
    const of = (method: string) => swept.filter((one) => one.method === method).map((one) => one.figures);
    const heights = of("fit-first").map((figures) => figures?.capHeight ?? 0);
    expect(heights).toEqual([...heights].sort((a, b) => a - b));
    const surplus = of("bust-twelfth").map((figures) => figures?.surplus ?? 0);
    expect(surplus).toEqual([...surplus].sort((a, b) => b - a));
  });
});

describe("the trade-off of height against width", () => {
  it("falls strictly, and passes through the sleeve that fits", () => {
    const sleeve = sewnSleeve(draftGarment(sampleSpec()));
    if (!sleeve) throw new Error("the sample fits");
    const points = tradeOffOf(sleeve, 60)?.points ?? [];
    expect(points.length).toBe(61);
    for (let i = 1; i < points.length; i++) expect(points[i]?.width).toBeLessThan(points[i - 1]?.width ?? 0);
    const { height, frontWidth, backWidth } = sleeve.sleeve.frame;
    const above = points.findIndex((point) => point.height >= height);
    expect(points[above]?.width).toBeLessThanOrEqual(frontWidth + backWidth + 1e-6);
    expect(points[above - 1]?.width).toBeGreaterThanOrEqual(frontWidth + backWidth - 1e-6);
  });
});
