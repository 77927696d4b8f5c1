import { Bezier } from "bezier-js";
import fc from "fast-check";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import {
  along,
  type Cubic,
  cubicDerivative,
  cubicLength,
  endOf,
  findRoot,
  leastAt,
  lengthAtHeight,
  line,
  parameterAtLength,
  pathLength,
  reversePath,
  splitCubicAtLength,
  startOf,
  subpath,
  svgPathData,
} from ".";

const coordinate = fc.double({ min: -500, max: 500, noNaN: true });
const point = fc.record({ x: coordinate, y: coordinate });
/** Curves without cusps, which is what garments have: the controls run on in one direction. */
const garmentCubic: fc.Arbitrary<Cubic> = fc
  .tuple(
    fc.double({ min: 30, max: 300, noNaN: true }),
    fc.double({ min: 30, max: 300, noNaN: true }),
    fc.double({ min: 0.2, max: 0.6, noNaN: true }),
    fc.double({ min: 0.2, max: 0.6, noNaN: true }),
  )
  .map(([w, h, a, b]) => [
    { x: 0, y: 0 },
    { x: a * w, y: 0 },
    { x: (1 - b) * w, y: h },
    { x: w, y: h },
  ]);

/** Simpson's rule on 1,500 panels each side of every place where the curve is slowest: slow, and of no kin with what it checks. */
function bruteLength(cubic: Cubic): number {
  const speed = (t: number) => Math.hypot(cubicDerivative(cubic, t).x, cubicDerivative(cubic, t).y);
  const STEPS = 2000;
  const isSlowest = (i: number) =>
    speed(i / STEPS) <= speed((i - 1) / STEPS) && speed(i / STEPS) <= speed((i + 1) / STEPS);
  const slowest = Array.from({ length: STEPS - 1 }, (_, i) => i + 1)
    .filter(isSlowest)
    .map((i) => leastAt(speed, (i - 1) / STEPS, (i + 1) / STEPS, 1e-15));
  const ends = [0, ...slowest, 1];
  let sum = 0;
  for (let k = 1; k < ends.length; k++) {
    const [from, to] = [ends[k - 1] ?? 0, ends[k] ?? 1];
    // Panels shorter towards both ends, where a cusp may be: t = from + (to - from)(10u³ - 15u⁴ + 6u⁵).
    const part = (u: number) => {
      const t = from + (to - from) * u * u * u * (10 - 15 * u + 6 * u * u);
      return speed(t) * (to - from) * 30 * u * u * (1 - u) * (1 - u);
    };
    for (let i = 0; i < 1500; i++) sum += (part(i / 1500) + 4 * part((i + 0.5) / 1500) + part((i + 1) / 1500)) / 9000;
  }
  return sum;
}

function bezierOf(c: Cubic): Bezier {
  return new Bezier(c[0].x, c[0].y, c[1].x, c[1].y, c[2].x, c[2].y, c[3].x, c[3].y);
}

describe("arc length", () => {
  it("G2: any garment cubic agrees with an independent library to 1e-6 relative (reference library: bezier-js)", () => {
    fc.assert(
      fc.property(garmentCubic, (cubic) => {
        const length = cubicLength(cubic);
        expect(Math.abs(bezierOf(cubic).length() - length) / length).toBeLessThan(1e-6);
      }),
      { numRuns: 300 },
    );
  });

  it("G2: agrees with a second independent library through the written path (reference library: svg-path-properties)", () => {
    fc.assert(
      fc.property(garmentCubic, (cubic) => {
        const measured = new svgPathProperties(svgPathData([cubic])).getTotalLength();
        // This library sums one fixed panel a cubic: on the sharpest of these curves it is itself off by a few 1e-6.
        expect(Math.abs(measured - cubicLength(cubic)) / measured).toBeLessThan(1e-5);
      }),
      { numRuns: 300 },
    );
  });

  it("G1: a quarter circle built finely enough has the arc R·θ (geometry)", () => {
    const radius = 150;
    const pieces = 64;
    const step = Math.PI / 2 / pieces;
    const handle = (4 / 3) * Math.tan(step / 4) * radius;
    const arc = Array.from({ length: pieces }, (_, i): Cubic => {
      const [a, b] = [i * step, (i + 1) * step];
      const at = (angle: number) => ({ x: radius * Math.cos(angle), y: radius * Math.sin(angle) });
      const [from, to] = [at(a), at(b)];
      return [
        from,
        { x: from.x - handle * Math.sin(a), y: from.y + handle * Math.cos(a) },
        { x: to.x + handle * Math.sin(b), y: to.y - handle * Math.cos(b) },
        to,
      ];
    });
    expect(pathLength(arc)).toBeCloseTo((radius * Math.PI) / 2, 6);
  });

  it("G1: ring sector arcs with θ, R, H are R·θ and (R − H)·θ, so they differ by H·θ (geometry)", () => {
    const arcLength = (radius: number, angle: number) => {
      const handle = (4 / 3) * Math.tan(angle / 4) * radius;
      return cubicLength([
        { x: radius, y: 0 },
        { x: radius, y: handle },
        {
          x: radius * Math.cos(angle) + handle * Math.sin(angle),
          y: radius * Math.sin(angle) - handle * Math.cos(angle),
        },
        { x: radius * Math.cos(angle), y: radius * Math.sin(angle) },
      ]);
    };
    // One cubic for a small angle is a circle to about 1e-9 of its radius.
    expect(arcLength(500, 0.1) - arcLength(460, 0.1)).toBeCloseTo(4, 5);
  });

  it("keeps to 1e-10 on any curve, wild, nearly cusped or cusped, against Simpson's rule on panels by the thousand", () => {
    const cusped = fc.tuple(point, point, fc.double({ min: -1e-3, max: 1e-3, noNaN: true })).map(
      // Both handles cross over to the other end: a cusp, or a narrow loop or turn beside it.
      ([a, b, off]): Cubic => [a, { x: b.x + off, y: b.y }, { x: a.x, y: b.y + off }, { x: b.x, y: a.y }],
    );
    const anyCubic: fc.Arbitrary<Cubic> = fc.oneof(fc.tuple(point, point, point, point), cusped);
    fc.assert(
      fc.property(anyCubic, (cubic) => {
        const length = bruteLength(cubic);
        fc.pre(length > 1e-3);
        expect(Math.abs(cubicLength(cubic) - length) / length).toBeLessThan(1e-10);
      }),
      { numRuns: 200 },
    );
  });

  it("measures cusps and curves that turn back on themselves exactly (by hand: straight runs there and back)", () => {
    const at = (x: number) => ({ x, y: 0 });
    // B(t) = 9t(1-t)² runs to 4/3, at t = 1/3, and back again.
    expect(cubicLength([at(0), at(3), at(0), at(0)])).toBeCloseTo(8 / 3, 10);
    // B'(t) = 6(1-2t)²: a stop in the middle of a straight run.
    expect(cubicLength([at(0), at(2), at(0), at(2)])).toBeCloseTo(2, 10);
  });

  it("is nothing for a point, and the distance for a line", () => {
    const p = { x: 3, y: 4 };
    expect(cubicLength([p, p, p, p])).toBe(0);
    expect(pathLength(line({ x: 0, y: 0 }, p))).toBeCloseTo(5, 12);
  });
});

describe("places along a path", () => {
  it("finds the parameter of any length, for any curve", () => {
    fc.assert(
      fc.property(
        fc.tuple(point, point, point, point),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (controls, share) => {
          const cubic: Cubic = controls;
          const total = cubicLength(cubic);
          fc.pre(total > 1);
          const t = parameterAtLength(cubic, share * total);
          expect(Math.abs(cubicLength(cubic, t) - share * total)).toBeLessThan(1e-9 * total);
        },
      ),
    );
  });

  it("cuts without losing length", () => {
    fc.assert(
      fc.property(garmentCubic, fc.double({ min: 0.05, max: 0.95, noNaN: true }), (cubic, share) => {
        const total = cubicLength(cubic);
        const [left, right] = splitCubicAtLength(cubic, share * total);
        expect(cubicLength(left)).toBeCloseTo(share * total, 6);
        expect(cubicLength(left) + cubicLength(right)).toBeCloseTo(total, 7);
      }),
    );
  });

  it("walks over joints, and cuts out the middle", () => {
    const path = [...line({ x: 0, y: 0 }, { x: 0, y: 10 }), ...line({ x: 0, y: 10 }, { x: 10, y: 10 })];
    expect(along(path, 15)).toEqual({
      point: { x: expect.closeTo(5, 9), y: expect.closeTo(10, 9) },
      direction: { x: expect.closeTo(1, 9), y: expect.closeTo(0, 9) },
    });
    const middle = subpath(path, 5, 15);
    expect(pathLength(middle)).toBeCloseTo(10, 9);
    expect(startOf(middle).y).toBeCloseTo(5, 9);
    expect(endOf(middle).x).toBeCloseTo(5, 9);
    expect(startOf(reversePath(path))).toEqual({ x: 10, y: 10 });
  });

  it("finds a height, and throws where the path never comes to it", () => {
    const path = line({ x: 0, y: 0 }, { x: 30, y: 40 });
    expect(lengthAtHeight(path, 20)).toBeCloseTo(25, 8);
    expect(() => lengthAtHeight(path, 41)).toThrow("41");
  });
});

describe("root finding", () => {
  it("finds the root of a strictly increasing function to the tolerance", () => {
    fc.assert(
      fc.property(fc.double({ min: -90, max: 90, noNaN: true }), (root) => {
        const found = findRoot((x) => Math.atan(x - root) + (x - root) ** 3, -100, 100, 1e-9);
        expect(found.converged).toBe(true);
        expect(Math.abs(found.value - root)).toBeLessThan(1e-8);
        expect(found.iterations).toBeLessThan(60);
      }),
    );
  });

  it("says that it did not converge where there is no root", () => {
    const found = findRoot((x) => x * x + 1, -5, 5, 1e-9);
    expect(found.converged).toBe(false);
    expect(found.residual).toBeGreaterThan(1);
  });

  it("takes a root that lies on an end of the bracket", () => {
    expect(findRoot((x) => x, 0, 5, 1e-12)).toMatchObject({ converged: true, value: 0 });
    expect(findRoot((x) => x - 5, 0, 5, 1e-12)).toMatchObject({ converged: true, value: 5 });
  });
});

describe("where a function is least", () => {
  it("is found for a valley anywhere, and at the end where it only falls", () => {
    fc.assert(
      fc.property(fc.double({ min: -40, max: 40, noNaN: true }), (bottom) => {
        const valley = (x: number) => (x - bottom) ** 2 + 3;
        const expected = Math.min(30, Math.max(-20, bottom));
        expect(leastAt(valley, -20, 30, 1e-6)).toBeCloseTo(expected, 4);
      }),
    );
  });

  it("asks about as often as the golden section has to, and no more", () => {
    let asked = 0;
    leastAt(
      (x) => {
        asked++;
        return Math.abs(x);
      },
      -1,
      1,
      1e-6,
    );
    expect(asked).toBeLessThan(2 + Math.ceil(Math.log(2e6) / Math.log((1 + Math.sqrt(5)) / 2)) + 1);
  });
});
