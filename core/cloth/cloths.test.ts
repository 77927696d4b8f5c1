import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { type GarmentSpec, readGarment, writeGarment } from "../spec";
import { SAMPLE_FILE, specOf, withSleeve } from "../testing/sample";
import { clothOf } from "./cloths";
import { hangsOf } from "./hangs";

const OWN = { capEase: { least: 10, most: 14 }, upperArmEase: { least: 20, most: 30 }, mostEaseShare: 0.02 };

describe("a cloth with a workroom's own figures", () => {
  const plain = withSleeve({ capEase: undefined, upperArmEase: undefined });
  const own: GarmentSpec = { ...plain, cloth: { kind: "medium-woven", takes: OWN } };

  it("gives the sleeve its defaults, and says that they were chosen", () => {
    const taken = (spec: GarmentSpec, path: string) => draftGarment(spec).defaults.find((one) => one.path === path);
    expect(taken(own, "sleeve.capEase")).toMatchObject({ value: 12, source: "choice" });
    expect(taken(own, "sleeve.upperArmEase")).toMatchObject({ value: 25, source: "choice" });
    expect(taken(plain, "sleeve.capEase")).toMatchObject({ value: 27.5, source: "from memory" });
  });

  it("is judged by its own limit: what the usual cloth takes in is too much for it", () => {
    const codes = (spec: GarmentSpec) => draftGarment(spec).findings.map((finding) => finding.code);
    const eased = (spec: GarmentSpec): GarmentSpec => ({ ...spec, sleeve: { kind: "set-in", capEase: 20 } });
    expect(codes(eased(plain))).not.toContain("ease-over-cloth");
    expect(codes(eased(own))).toContain("ease-over-cloth");
  });

  it("travels in the garment file, in the file's unit", () => {
    const file = writeGarment(own, "in");
    expect(file.cloth).toMatchObject({ takes: { capEase: { least: 10 / 25.4 } } });
    const cloth = specOf(file).cloth.takes;
    expect(cloth?.capEase.most).toBeCloseTo(14, 9);
    expect(cloth?.mostEaseShare).toBe(0.02);
  });

  it("has a least and a most in their order, or the file is refused by name", () => {
    const bad = (capEase: object) =>
      readGarment({ ...SAMPLE_FILE, cloth: { takes: { ...OWN, upperArmEase: { least: 1, most: 2 }, capEase } } });
    for (const capEase of [{ least: 2, most: 1 }, { least: 1 }]) {
      const read = bad(capEase);
      expect(read.ok ? [] : read.issues.map(({ code, path }) => ({ code, path }))).toEqual([
        { code: "out-of-bounds", path: "cloth.takes.capEase" },
      ]);
    }
    expect(bad({ least: 0.5, most: 1 }).ok).toBe(true);
  });

  it("leaves the usual figures alone", () => {
    expect(clothOf("medium-woven").source).toBe("from memory");
    expect(clothOf("medium-woven", OWN)).toMatchObject({ name: "Medium woven", ...OWN, source: "choice" });
  });
});

describe("how a cloth hangs", () => {
  it("is as usual for its kind but for what was tested, and says where it is from", () => {
    const usual = hangsOf("shirting");
    expect(usual.source).toBe("from memory");
    expect(hangsOf("shirting", { weight: undefined })).toEqual(usual);
    expect(hangsOf("shirting", { weight: 95 })).toEqual({ ...usual, weight: 95, source: "choice" });
  });

  it("goes from heavy to light and from stiff to limp as people know such cloths (common practice, no source)", () => {
    expect(hangsOf("soft-wool").weight).toBeGreaterThan(hangsOf("shirting").weight);
    expect(hangsOf("crisp-woven").bendingLength).toBeGreaterThan(hangsOf("knit").bendingLength);
    expect(hangsOf("knit").weft).toBeLessThan(hangsOf("shirting").weft / 5);
  });
});
