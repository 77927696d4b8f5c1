import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { along, distance, endOf, pathLength, ringSector, startOf } from ".";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe("a strip bent in its plane", () => {
  it("G1: has edges of exactly the lengths asked: arcs R·θ and (R − H)·θ (geometry)", () => {
    fc.assert(
      fc.property(size(50, 900), size(50, 900), size(30, 300), (upper, lower, depth) => {
        const ring = ringSector(upper, lower, depth, { x: 0, y: 0 });
        expect(Math.abs(pathLength(ring.upper) - upper)).toBeLessThan(upper * 2e-5);
        expect(Math.abs(pathLength(ring.lower) - lower)).toBeLessThan(lower * 2e-5);
      }),
    );
  });

  it("is as deep as asked at both ends and in the middle, and stands on its foot", () => {
    fc.assert(
      fc.property(size(50, 900), size(50, 900), size(30, 300), (upper, lower, depth) => {
        fc.pre(Math.abs(upper - lower) < 6 * depth);
        const ring = ringSector(upper, lower, depth, { x: 7, y: 400 });
        expect(distance(startOf(ring.upper), startOf(ring.lower))).toBeCloseTo(depth, 6);
        expect(distance(endOf(ring.upper), endOf(ring.lower))).toBeCloseTo(depth, 6);
        const middle = along(ring.lower, pathLength(ring.lower) / 2).point;
        expect(middle.x).toBeCloseTo(7, 4);
        expect(middle.y).toBeCloseTo(400, 4);
      }),
    );
  });

  it("is a rectangle where both edges are the same", () => {
    const ring = ringSector(300, 300, 50, { x: 0, y: 0 });
    expect(startOf(ring.upper)).toEqual({ x: -150, y: -50 });
    expect(endOf(ring.lower)).toEqual({ x: 150, y: 0 });
  });
});
