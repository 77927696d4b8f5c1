import { sampleSpec } from "@core/testing/sample";
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
    expect(changed.block.armhole).toEqual({ ...spec.block.armhole, depth: 200 });
    expect(changed.body).toBe(spec.body);
    expect(spec.block.armhole.depth).toBeCloseTo(7.75 * 25.4, 9);
  });

  it("make the branches that are not there yet", () => {
    expect(setAtPath(sampleSpec(), "block.shoulder.slope", 30).block.shoulder).toEqual({ slope: 30 });
    expect(setAtPath(sampleSpec(), "sleeve.notches.back", 90).sleeve?.notches).toEqual({ back: 90 });
  });

  it("give the same spec back when nothing changes", () => {
    const spec = sampleSpec();
    expect(setAtPath(spec, "block.armhole.depth", spec.block.armhole.depth)).toBe(spec);
  });
});
