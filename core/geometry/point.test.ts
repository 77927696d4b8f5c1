import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { contains, directionTo, distance, opposite, type Point, partsInside, rotateDirection, step } from ".";

const size = fc.double({ min: -500, max: 500, noNaN: true });
const place = fc.record({ x: size, y: size });

describe("ways and steps", () => {
  it("a step along the way to a point, as far as it lies, arrives there", () => {
    fc.assert(
      fc.property(place, place, (from, to) => {
        fc.pre(distance(from, to) > 1e-3);
        expect(distance(step(from, directionTo(from, to), distance(from, to)), to)).toBeLessThan(1e-6);
      }),
    );
  });

  it("a way turned and turned back is the same way, and stays of length one", () => {
    fc.assert(
      fc.property(fc.double({ min: -7, max: 7, noNaN: true }), fc.double({ min: -7, max: 7, noNaN: true }), (a, b) => {
        const way = { x: Math.cos(a), y: Math.sin(a) };
        const turned = rotateDirection(way, b);
        expect(Math.hypot(turned.x, turned.y)).toBeCloseTo(1, 9);
        expect(distance(rotateDirection(turned, -b), way)).toBeLessThan(1e-9);
        expect(distance(opposite(way), rotateDirection(way, Math.PI))).toBeLessThan(1e-9);
      }),
    );
  });

  it("turns from x towards y", () => {
    expect(distance(rotateDirection({ x: 1, y: 0 }, Math.PI / 2), { x: 0, y: 1 })).toBeLessThan(1e-12);
  });
});

describe("what an outline holds", () => {
  const hollow: readonly Point[] = [
    { x: 0, y: 0 },
    { x: 100, y: 0 },
    { x: 100, y: 100 },
    { x: 60, y: 100 },
    { x: 60, y: 40 },
    { x: 40, y: 40 },
    { x: 40, y: 100 },
    { x: 0, y: 100 },
  ];

  it("is inside, and not in a hollow or beside it", () => {
    for (const at of [
      { x: 20, y: 80 },
      { x: 50, y: 20 },
      { x: 80, y: 80 },
    ])
      expect(contains(hollow, at)).toBe(true);
    for (const at of [
      { x: 50, y: 80 },
      { x: -5, y: 50 },
      { x: 105, y: 50 },
      { x: 50, y: 120 },
    ])
      expect(contains(hollow, at)).toBe(false);
  });

  it("of a line is its parts between the edges, from first to last", () => {
    const xs = partsInside(hollow, { x: -1, y: 80 }, { x: 101, y: 80 }).flatMap((part) => part.map(({ x }) => x));
    for (const [i, x] of [0, 40, 60, 100].entries()) expect(xs[i]).toBeCloseTo(x, 9);
    expect(xs).toHaveLength(4);
    expect(partsInside(hollow, { x: -1, y: 120 }, { x: 101, y: 120 })).toEqual([]);
  });

  it("of any line is inside at the middle of each part", () => {
    fc.assert(
      fc.property(place, place, (from, to) => {
        fc.pre(distance(from, to) > 1);
        for (const [a, b] of partsInside(hollow, from, to)) {
          if (distance(a, b) > 1e-3) expect(contains(hollow, { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })).toBe(true);
        }
      }),
    );
  });

  it("of a circle is what lies nearer to its middle than its radius", () => {
    const circle = Array.from({ length: 720 }, (_, i) => ({
      x: 100 * Math.cos((i * Math.PI) / 360),
      y: 100 * Math.sin((i * Math.PI) / 360),
    }));
    fc.assert(
      fc.property(place, (p) => {
        const out = Math.hypot(p.x, p.y);
        fc.pre(Math.abs(out - 100) > 0.01);
        expect(contains(circle, p)).toBe(out < 100);
      }),
    );
  });
});
