import { readingsOf, sampleSpec } from "@core/testing/sample";
import { describe, expect, it } from "vitest";
import { getAtPath, setAtPath } from "./spec-path";

describe("paths into a spec", () => {
  it("find what is there, and undefined for what is not", () => {
    const spec = sampleSpec();
    expect(getAtPath(spec, "block.armhole.depth")).toBeCloseTo(7.75 * 25.4, 9);
    expect(getAtPath(spec, "block.shoulder.length")).toBeUndefined();
    expect(getAtPath(spec, "name.length.deep")).toBeUndefined();
    expect(getAtPath({ ...spec, sleeve: null }, "sleeve.capEase")).toBeUndefined();
  });

  it("replace one value and share the rest", () => {
    const spec = sampleSpec();
    const changed = setAtPath(spec, "block.armhole.depth", 200);
    expect(readingsOf(changed).armhole).toEqual({ ...readingsOf(spec).armhole, depth: 200 });
    expect(changed.body).toBe(spec.body);
    expect(readingsOf(spec).armhole.depth).toBeCloseTo(7.75 * 25.4, 9);
  });

  it("make the branches that are not there yet", () => {
    expect(readingsOf(setAtPath(sampleSpec(), "block.shoulder.slope", 30)).shoulder).toEqual({ slope: 30 });
    expect(setAtPath(sampleSpec(), "sleeve.notches.back", 90).sleeve?.notches).toEqual({ back: 90 });
  });

  it("reach into a list, and leave it one", () => {
    const alterations = [
      { kind: "lower-armhole" as const, by: 10 },
      { kind: "take-out-ease" as const, by: 5 },
    ];
    const spec = setAtPath(sampleSpec(), "block.alterations", alterations);
    const changed = setAtPath(spec, "block.alterations.1.by", 8);
    expect(changed.block.alterations).toEqual([alterations[0], { kind: "take-out-ease", by: 8 }]);
  });

  it("give the same spec back when nothing changes", () => {
    const spec = sampleSpec();
    expect(setAtPath(spec, "block.armhole.depth", readingsOf(spec).armhole.depth)).toBe(spec);
  });
});
