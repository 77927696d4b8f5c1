import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Cubic, cubicDerivative, curvature } from "../../geometry";
import { CAP_SHAPES, followingShape, halfCap, halfCapLength } from "./cap-shape";
import { guidePoints } from "./rule-frame";

const INCH = 25.4;
const { front: FRONT_SHAPE, back: BACK_SHAPE } = CAP_SHAPES.quarters;
const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe("the cap curve", () => {
  const halfWidth = size(60, 300);
  const height = size(20, 260);
  const following = size(0.25, 0.6).map(followingShape);
  const shape = fc.oneof(fc.constantFrom(FRONT_SHAPE, BACK_SHAPE), following);

  it("grows strictly with its height and with its width", () => {
    fc.assert(
      fc.property(shape, halfWidth, height, (one, w, h) => {
        const length = halfCapLength(one, w, h);
        expect(halfCapLength(one, w, h + 0.1)).toBeGreaterThan(length);
        expect(halfCapLength(one, w + 0.1, h)).toBeGreaterThan(length);
      }),
    );
  });

  it("is level at the crown and at the underarm, never turns back, and has one inflection", () => {
    fc.assert(
      fc.property(shape, halfWidth, height, (one, w, h) => {
        const cap = halfCap(one, w, h);
        expect(cubicDerivative(cap, 0).y).toBe(0);
        expect(Math.abs(cubicDerivative(cap, 1).y)).toBeLessThan(1e-9);
        expect(inflections(cap)).toBe(1);
        for (let t = 0.01; t < 1; t += 0.01) {
          expect(cubicDerivative(cap, t).x).toBeGreaterThan(0);
          expect(cubicDerivative(cap, t).y).toBeGreaterThan(0);
        }
      }),
    );
  });

  it("stands about 1/2 in outside the slant above and inside below at a usual size (common practice, no source: quarter guide points)", () => {
    for (const one of [FRONT_SHAPE, BACK_SHAPE]) {
      const [upper, middle, lower] = guidePoints(halfCap(one, 7 * INCH, 5 * INCH)).map((guide) => guide.outside / INCH);
      expect(upper).toBeGreaterThan(0.35);
      expect(upper).toBeLessThan(0.85);
      expect(Math.abs(middle ?? 9)).toBeLessThan(0.3);
      expect(lower).toBeLessThan(-0.35);
      expect(lower).toBeGreaterThan(-0.85);
    }
  });

  it("is hollower below at the front and fuller above at the back", () => {
    const front = guidePoints(halfCap(FRONT_SHAPE, 170, 140));
    const back = guidePoints(halfCap(BACK_SHAPE, 170, 140));
    expect(front[2]?.outside).toBeLessThan(back[2]?.outside ?? 0);
    expect(back[0]?.outside).toBeGreaterThan(front[0]?.outside ?? 0);
  });

  it("is nearly level for the first inch from the crown (common practice, no source)", () => {
    const cap = halfCap(FRONT_SHAPE, 7 * INCH, 5 * INCH);
    const at = (t: number) =>
      cap.map((p, i) => ([1, 3, 3, 1][i] ?? 0) * (1 - t) ** (3 - i) * t ** i * p.y).reduce((a, b) => a + b);
    expect(at(0.1) / INCH).toBeLessThan(0.2);
  });

  function inflections(cap: Cubic): number {
    let count = 0;
    let before = Math.sign(curvature(cap, 0.001));
    for (let t = 0.002; t < 1; t += 0.001) {
      const now = Math.sign(curvature(cap, t));
      if (now !== 0 && now !== before) count++;
      if (now !== 0) before = now;
    }
    return count;
  }
});
