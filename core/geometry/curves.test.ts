import { Bezier } from "bezier-js";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  along,
  type Corners,
  crossesItself,
  curvature,
  ellipseArcPath,
  endOf,
  fairCurve,
  homographyBetween,
  line,
  moveEnd,
  moveStart,
  type Path,
  pathLength,
  pathsCross,
  project,
  readPathData,
  startOf,
  svgPathData,
} from ".";

const ARMHOLE: Path = [
  [
    { x: 0, y: 0 },
    { x: -10, y: 40 },
    { x: -14, y: 60 },
    { x: -14, y: 100 },
  ],
  [
    { x: -14, y: 100 },
    { x: -14, y: 150 },
    { x: 20, y: 200 },
    { x: 70, y: 200 },
  ],
];

describe("moving an end of a path", () => {
  it("moves that end by just so much, holds the other, and turns neither", () => {
    const moved = moveEnd(ARMHOLE, { x: 6, y: 12 });
    expect(endOf(moved)).toEqual({ x: 76, y: 212 });
    expect(startOf(moved)).toEqual(startOf(ARMHOLE));
    for (const at of [0, 1]) {
      const [before, after] = [ARMHOLE, moved].map((path) => along(path, at * pathLength(path)).direction);
      expect(after?.x).toBeCloseTo(before?.x ?? 0, 9);
      expect(after?.y).toBeCloseTo(before?.y ?? 0, 9);
    }
  });

  it("makes no corner on the way", () => {
    const [upper, lower] = moveStart(ARMHOLE, { x: 0, y: -15 });
    if (!upper || !lower) throw new Error("it still has two parts");
    const [a, b] = [
      { x: upper[3].x - upper[2].x, y: upper[3].y - upper[2].y },
      { x: lower[1].x - lower[0].x, y: lower[1].y - lower[0].y },
    ];
    expect(a.x * b.y - a.y * b.x).toBeCloseTo(0, 9);
  });
});

describe("crossings", () => {
  const loop: Path = [
    [
      { x: 0, y: 0 },
      { x: 100, y: 80 },
      { x: 0, y: 80 },
      { x: 100, y: 0 },
    ],
  ];
  const looping: Path = [
    [
      { x: 0, y: 0 },
      { x: 200, y: 100 },
      { x: -100, y: 100 },
      { x: 100, y: 0 },
    ],
  ];

  it("finds a loop, and agrees with an independent library (reference library: bezier-js)", () => {
    expect(crossesItself(loop)).toBe(false);
    expect(crossesItself(looping)).toBe(true);
    const [cubic] = looping;
    expect(cubic && new Bezier(cubic.map((p) => ({ ...p }))).selfintersects().length).toBeGreaterThan(0);
  });

  it("takes touching at a shared end for no crossing, and crossing for one", () => {
    expect(crossesItself(ARMHOLE)).toBe(false);
    expect(pathsCross(ARMHOLE, line({ x: 0, y: 0 }, { x: -80, y: -20 }))).toBe(false);
    expect(pathsCross(ARMHOLE, line({ x: -60, y: 90 }, { x: 60, y: 110 }))).toBe(true);
  });

  it("finds a line that doubles back on itself, though it has no breadth", () => {
    const to = (x: number) => ({ x, y: 0 });
    expect(crossesItself([[to(0), to(90), to(-60), to(30)]])).toBe(true);
    expect(crossesItself([[to(0), to(10), to(20), to(30)]])).toBe(false);
  });

  it("lets a closed outline close", () => {
    const square = [
      { x: 0, y: 0 },
      { x: 9, y: 0 },
      { x: 9, y: 9 },
      { x: 0, y: 9 },
      { x: 0, y: 0 },
    ];
    const path = square.slice(1).flatMap((p, i) => line(square[i] ?? p, p));
    expect(crossesItself(path)).toBe(false);
  });
});

describe("arcs of ellipses", () => {
  it("are as long as the circle says (geometry: r × angle)", () => {
    const arc = ellipseArcPath({
      centre: { x: 5, y: 9 },
      radiusX: 300,
      radiusY: 300,
      turned: 0,
      from: 0.3,
      sweep: -2.1,
    });
    expect(pathLength(arc)).toBeCloseTo(300 * 2.1, 4);
  });

  it("G1: a ring sector's arcs are R·θ and (R − H)·θ (geometry)", () => {
    const [R, H, angle] = [268, 38, 0.9];
    const ring = (radius: number) =>
      pathLength(
        ellipseArcPath({ centre: { x: 0, y: 0 }, radiusX: radius, radiusY: radius, turned: 0, from: 0, sweep: angle }),
      );
    expect(ring(R)).toBeCloseTo(R * angle, 5);
    expect(ring(R - H)).toBeCloseTo((R - H) * angle, 5);
  });
});

describe("fair curves", () => {
  const points = [
    { x: 0, y: 0 },
    { x: -9, y: 45 },
    { x: -12, y: 96 },
    { x: 4, y: 150 },
    { x: 60, y: 190 },
  ];

  it("go through every point, without jumps of direction or bending", () => {
    const path = fairCurve(points);
    path.forEach((cubic, i) => {
      expect(cubic[0]).toEqual(points[i]);
      const next = path[i + 1];
      if (!next) return;
      expect(curvature(cubic, 1)).toBeCloseTo(curvature(next, 0), 6);
    });
  });

  it("come close to the curve whose points they were given (arc of a circle, nine points)", () => {
    const onCircle = Array.from({ length: 9 }, (_, i) => ({ x: 200 * Math.cos(i / 6), y: 200 * Math.sin(i / 6) }));
    expect(Math.abs(pathLength(fairCurve(onCircle)) - (200 * 8) / 6)).toBeLessThan(0.1);
  });

  it("pass over a point given twice, and refuse to make a curve of one", () => {
    const [first, ...rest] = points;
    expect(fairCurve([first ?? { x: 0, y: 0 }, first ?? { x: 0, y: 0 }, ...rest]).length).toBe(4);
    expect(() => fairCurve([{ x: 1, y: 1 }])).toThrow("1 different points");
  });
});

describe("perspective", () => {
  it("takes the corners to their partners and comes back, for random quadrangles", () => {
    const near = (x: number, y: number) =>
      fc.record({
        x: fc.double({ min: x - 90, max: x + 90, noNaN: true }),
        y: fc.double({ min: y - 90, max: y + 90, noNaN: true }),
      });
    fc.assert(
      fc.property(near(100, 100), near(900, 120), near(880, 1200), near(90, 1230), (a, b, c, d) => {
        const photo: Corners = [a, b, c, d];
        const sheet: Corners = [
          { x: 0, y: 0 },
          { x: 210, y: 0 },
          { x: 210, y: 297 },
          { x: 0, y: 297 },
        ];
        const there = homographyBetween(photo, sheet);
        const back = homographyBetween(sheet, photo);
        if (!there || !back) throw new Error("no three corners lie on a line");
        photo.forEach((p, i) => {
          expect(project(there, p).x).toBeCloseTo(sheet[i]?.x ?? 0, 6);
          const again = project(back, project(there, { x: p.x + 31, y: p.y + 17 }));
          expect(again.x).toBeCloseTo(p.x + 31, 5);
          expect(again.y).toBeCloseTo(p.y + 17, 5);
        });
      }),
    );
  });

  it("is refused where three corners lie on a line", () => {
    const flat: Corners = [
      { x: 0, y: 0 },
      { x: 50, y: 0 },
      { x: 100, y: 0 },
      { x: 0, y: 100 },
    ];
    const square: Corners = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
      { x: 1, y: 1 },
      { x: 0, y: 1 },
    ];
    expect(homographyBetween(flat, square)).toBeNull();
  });
});

describe("path data", () => {
  it("reads back what was written, lines and curves", () => {
    const path: Path = [...ARMHOLE, ...line(endOf(ARMHOLE), { x: 70, y: 260 })];
    const again = readPathData(svgPathData(path));
    expect(again && pathLength(again)).toBeCloseTo(pathLength(path), 3);
    expect(again?.length).toBe(3);
  });
});
