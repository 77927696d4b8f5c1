import { at } from "@core/data/index";
import { sketchGarment } from "@core/garment/index";
import { areaOf, type Point } from "@core/geometry/index";
import { STARTING_POINTS } from "@core/starting/index";
import { IS_THOROUGH } from "@core/testing/thorough";
import { bodyOf, women } from "@core/testing/women";
import { started } from "@core/testing/worn";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sewingPlan } from "../sewing/plan";
import { locator } from "./locate";
import { meshOf } from "./piece-mesh";
import { stitchesOf } from "./stations";
import { smallestAngle, triangulate } from "./triangulate";

const turned = (p: Point, q: Point, r: Point) => ((q.x - p.x) * (r.y - p.y) - (r.x - p.x) * (q.y - p.y)) / 2;

function starShaped(radii: readonly number[]): readonly Point[] {
  return radii.map((r, i) => ({
    x: r * Math.cos((2 * Math.PI * i) / radii.length),
    y: r * Math.sin((2 * Math.PI * i) / radii.length),
  }));
}

describe("a region as triangles", () => {
  it("covers any star-shaped region exactly, every side of its outline the side of a triangle (reference: the shoelace formula)", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 60, max: 140, noNaN: true }), { minLength: 12, maxLength: 40 }),
        (radii) => {
          const outline = starShaped(radii);
          const { points, triangles } = triangulate([outline], 18);
          const whole = outline.reduce(
            (sum, p, i) =>
              sum + (p.x * at(outline, (i + 1) % outline.length).y - at(outline, (i + 1) % outline.length).x * p.y) / 2,
            0,
          );
          const covered = triangles.reduce(
            (sum, [a, b, c]) => sum + turned(at(points, a), at(points, b), at(points, c)),
            0,
          );
          expect(covered).toBeCloseTo(whole, 4);
          const sides = new Set(triangles.flatMap(([a, b, c]) => [`${a},${b}`, `${b},${c}`, `${c},${a}`]));
          for (let i = 0; i < outline.length; i++) {
            const j = (i + 1) % outline.length;
            expect(sides.has(`${i},${j}`) || sides.has(`${j},${i}`)).toBe(true);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it("leaves out a hole, and has a line that runs through it as sides of triangles", () => {
    const square = starShaped(Array.from({ length: 48 }, () => 100));
    const hole = starShaped(Array.from({ length: 12 }, () => 30)).toReversed();
    const { points, triangles, lines } = triangulate([square, hole], 14, [
      [
        { x: 40, y: -60 },
        { x: 40, y: 60 },
      ],
    ]);
    const covered = triangles.reduce(
      (sum, [a, b, c]) => sum + Math.abs(turned(at(points, a), at(points, b), at(points, c))),
      0,
    );
    const area = (radius: number, n: number) => (n / 2) * radius ** 2 * Math.sin((2 * Math.PI) / n);
    expect(covered).toBeCloseTo(area(100, 48) - area(30, 12), 3);
    const sides = new Set(triangles.flatMap(([a, b, c]) => [`${a},${b}`, `${b},${c}`, `${c},${a}`]));
    const [line = []] = lines;
    expect(line.length).toBeGreaterThan(4);
    line.slice(1).forEach((stop, i) => {
      const before = at(line, i);
      expect(sides.has(`${before},${stop}`) || sides.has(`${stop},${before}`)).toBe(true);
    });
  });

  it("finds the triangle that a place lies in, and puts the place together again from its corners", () => {
    const mesh = triangulate([starShaped(Array.from({ length: 40 }, () => 100))], 16);
    const find = locator(mesh);
    fc.assert(
      fc.property(
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: -60, max: 60, noNaN: true }),
        (x, y) => {
          const found = find({ x, y });
          if (!found) throw new Error("the place lies inside");
          expect(Math.min(...found.shares)).toBeGreaterThan(-1e-6);
          const put = (of: (p: Point) => number) =>
            found.corners.reduce((sum, corner, i) => sum + of(at(mesh.points, corner)) * at(found.shares, i), 0);
          expect(put((p) => p.x)).toBeCloseTo(x, 6);
          expect(put((p) => p.y)).toBeCloseTo(y, 6);
        },
      ),
    );
  });
});

const WORN = STARTING_POINTS.map(({ id }) => id).filter((id) => !["plain-sleeve", "collar"].includes(id));

function stationsOf(stitches: ReturnType<typeof stitchesOf>): ReadonlyMap<string, readonly number[]> {
  const stations = new Map<string, number[]>();
  for (const { body, part } of stitches)
    for (const { edge: name, at: place } of [body, part]) stations.set(name, [...(stations.get(name) ?? []), place]);
  return stations;
}

const coveredBy = ({ points, triangles }: Pick<ReturnType<typeof meshOf>, "points" | "triangles">) =>
  triangles.reduce((sum, [a, b, c]) => sum + Math.abs(turned(at(points, a), at(points, b), at(points, c))), 0);

describe.each(WORN)("the pieces of a %s as triangles", (id) => {
  const plan = sewingPlan(sketchGarment(started(id)));
  if ("why" in plan) throw new Error(plan.why);
  const pieces = plan.pieces.map(({ piece }) => piece);
  const edge = 16;
  const stitches = stitchesOf(plan.seams, pieces, edge);
  const stations = stationsOf(stitches);

  it("cover the pieces but for what is cut off or taken into darts, and no triangle is a sliver", () => {
    for (const { piece, cuts } of plan.pieces) {
      const { points, triangles } = meshOf(piece, stations, edge, cuts);
      const covered = coveredBy({ points, triangles });
      const whole = areaOf(piece.outline);
      if (cuts.length === 0 && piece.darts.length === 0)
        expect(Math.abs(covered / whole - 1), piece.id).toBeLessThan(0.01);
      else expect(covered, piece.id).toBeLessThan(whole * 1.01);
      const angles = triangles.map(([a, b, c]) => smallestAngle(at(points, a), at(points, b), at(points, c)));
      const mean = angles.reduce((sum, angle) => sum + angle, 0) / angles.length;
      expect(mean, piece.id).toBeGreaterThan(32);
      // Two marks of a seam may lie near each other: a few narrow ones there are harmless.
      expect(angles.filter((angle) => angle < 3).length / angles.length, piece.id).toBeLessThan(0.02);
    }
  });

  it("are cut in triangles of any size, on whichever woman (open data set: Heinz, Peterson, Johnson and Kerk 2003)", () => {
    fc.assert(
      fc.property(fc.constantFrom(...women), fc.double({ min: 11, max: 34, noNaN: true }), (woman, size) => {
        const own = sewingPlan(sketchGarment(started(id, bodyOf(woman))));
        if ("why" in own) throw new Error(own.why);
        const places = stationsOf(
          stitchesOf(
            own.seams,
            own.pieces.map(({ piece }) => piece),
            size,
          ),
        );
        for (const { piece, cuts } of own.pieces) {
          const covered = coveredBy(meshOf(piece, places, size, cuts));
          expect(covered, piece.id).toBeGreaterThan(0);
          if (cuts.length === 0 && piece.darts.length === 0)
            expect(Math.abs(covered / areaOf(piece.outline) - 1), piece.id).toBeLessThan(0.02);
        }
      }),
      { numRuns: IS_THOROUGH ? 120 : 8 },
    );
  });

  it("are stitched along every seam from end to end, mark to mark, as the walk matches them", () => {
    for (const seam of plan.seams) {
      const own = stitches.filter((stitch) => stitch.seam === seam.id);
      const ends = own.map(({ body }) => body);
      expect(own.length, seam.id).toBeGreaterThan(1);
      // Neither side may be gone along twice, or with a gap.
      const covered = (side: "body" | "part", names: readonly string[]) =>
        names.reduce((sum, name) => {
          const places = own.filter((stitch) => stitch[side].edge === name).map((stitch) => stitch[side].at);
          return places.length === 0 ? sum : sum + Math.max(...places) - Math.min(...places);
        }, 0);
      expect(Math.abs(covered("body", seam.bodyEdges) - seam.bodyLength), seam.id).toBeLessThan(edge * 0.5);
      expect(Math.abs(covered("part", seam.partEdges) - seam.partLength), seam.id).toBeLessThan(edge * 0.5);
      expect(ends.every(({ at: place }) => Number.isFinite(place))).toBe(true);
    }
  });
});
