import { sketchGarment } from "@core/garment/index";
import { hung, started } from "@core/testing/worn";
import { describe, expect, it } from "vitest";
import { COARSE, HANGING, raisedReads, readsOf, wear, wearFrom, wornFindings } from ".";

describe("what practice knows of sleeves (common practice, no source)", () => {
  /** Each cap is hung in both, and the means are compared: where a fold falls is chance. */
  const SAMPLINGS = [
    { edge: 18, rate: 1400 },
    { edge: 20, rate: 1400 },
  ];
  /** One armhole, caps of one seam length: less room round the arm makes the cap higher. */
  const caps = [120, 90, 60, 30].map((upperArmEase) => {
    const spec = started("work-shirt");
    const garment = sketchGarment({
      ...spec,
      collar: null,
      sleeve: { ...spec.sleeve, kind: "set-in", upperArmEase, capEase: 0 },
    });
    const runs = SAMPLINGS.map((sampling) => {
      const down = hung(wear(garment, sampling));
      const up = hung(wearFrom(down, garment, { ...sampling, pose: { ...HANGING, raised: 75 } }));
      return [...readsOf(down), ...raisedReads(down, up)];
    });
    const mean = (id: string) =>
      runs.reduce((sum, reads) => sum + (reads.find((one) => one.id === id)?.value ?? Number.NaN), 0) / runs.length;
    return {
      height: garment.figures.find(({ id }) => id === "sleeve.capHeight")?.value ?? Number.NaN,
      seam: garment.seams
        .filter(({ id }) => id.startsWith("armhole"))
        .reduce((sum, { partLength }) => sum + partLength, 0),
      folds: mean("folds.underarm"),
      hem: mean("raise.hem"),
      underarm: mean("raise.underarm"),
    };
  });
  const steps = caps.slice(1).flatMap((cap, i) => (caps[i] ? [{ before: caps[i], cap }] : []));

  it("is compared along caps of one seam length that rise step by step", () => {
    for (const { before, cap } of steps) {
      expect(cap.height).toBeGreaterThan(before.height + 12);
      expect(Math.abs(cap.seam - before.seam)).toBeLessThan(0.1);
    }
  });

  it("a higher cap folds less under the hanging arm, by a tenth a step at least", () => {
    for (const { before, cap } of steps) expect(cap.folds / before.folds).toBeLessThan(0.9);
  });

  it("a higher cap lifts hem and underarm more when the arm rises, by 2 mm for 20 mm of cap at least", () => {
    for (const { before, cap } of steps) {
      const least = (2 * (cap.height - before.height)) / 20;
      expect(cap.hem - before.hem).toBeGreaterThan(least);
      expect(cap.underarm - before.underarm).toBeGreaterThan(least);
    }
  });

  it("a sleeve that the draft calls too narrow is drawn tight round the upper arm, and one with room is not", () => {
    const tightness = (upperArmEase: number) => {
      const spec = started("t-shirt");
      const garment = sketchGarment({ ...spec, sleeve: { ...spec.sleeve, kind: "set-in", upperArmEase } });
      const worn = hung(wear(garment, COARSE));
      const reads = readsOf(worn);
      const found = wornFindings(worn, reads, { upperArmEase, fall: null });
      return {
        strain: reads.find(({ id }) => id === "strain.upperArm")?.value ?? Number.NaN,
        codes: found.map(({ code }) => code),
      };
    };
    const [narrow, roomy] = [tightness(-40), tightness(50)];
    expect(narrow.strain).toBeGreaterThan(roomy.strain + 0.05);
    expect(narrow.codes).toContain("worn-upper-arm-tight");
    expect(roomy.codes).not.toContain("worn-upper-arm-tight");
  });

  it("a sleeve smaller than its arm cannot be put on in a woven; a knit gives and is worn", () => {
    const codes = (upperArmEase: number, kind: "shirting" | "knit") => {
      const spec = started("work-shirt");
      const garment = sketchGarment({
        ...spec,
        collar: null,
        cloth: { ...spec.cloth, kind },
        sleeve: { ...spec.sleeve, kind: "set-in", upperArmEase, capEase: 0 },
      });
      const worn = hung(wear(garment, COARSE));
      return wornFindings(worn, readsOf(worn), { upperArmEase, fall: null }).map(({ code }) => code);
    };
    expect(codes(-40, "shirting")).toContain("worn-sleeve-not-put-on");
    expect(codes(-40, "knit")).not.toContain("worn-sleeve-not-put-on");
    expect(codes(40, "shirting")).not.toContain("worn-sleeve-not-put-on");
  });
});
