import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { cubicPoint, distance, endOf, type Point, startOf } from "../../geometry";
import { sampleSpec, withSleeve } from "../../testing/sample";

describe.each([
  ["with a plain hem", sampleSpec()],
  ["with a turned-up hem", withSleeve({ hemTurnUp: 30 })],
])("the sleeve's piece, %s", (_what, spec) => {
  const [piece] = draftGarment(spec).pieces;
  if (!piece) throw new Error("the sample has a piece");

  /** The outline as a fine polygon, for questions that a polygon answers. */
  const polygon: readonly Point[] = piece.outline.flatMap((cubic) =>
    Array.from({ length: 60 }, (_, i) => cubicPoint(cubic, i / 60)),
  );

  it("is closed: every edge begins where the one before ends", () => {
    piece.edges.forEach((edge, i) => {
      const next = piece.edges[(i + 1) % piece.edges.length];
      expect(next && distance(endOf(edge.path), startOf(next.path))).toBeLessThan(1e-9);
    });
  });

  it("is simple: its outline nowhere crosses itself", () => {
    const crossings: number[] = [];
    for (let i = 0; i < polygon.length; i++) {
      for (let j = i + 2; j < polygon.length; j++) {
        if (i === 0 && j === polygon.length - 1) continue;
        if (crosses(side(i), side(j))) crossings.push(i);
      }
    }
    expect(crossings).toEqual([]);
  });

  it("has its notches on the outline, each pointing into the piece", () => {
    for (const notch of piece.notches) {
      expect(Math.min(...polygon.map((p) => distance(p, notch.at)))).toBeLessThan(3);
      const inside = { x: notch.at.x + notch.inwards.x * 5, y: notch.at.y + notch.inwards.y * 5 };
      expect(contains(inside), notch.id).toBe(true);
      expect(Math.hypot(notch.inwards.x, notch.inwards.y)).toBeCloseTo(1, 9);
    }
  });

  it("has its grain inside, parallel to the centre", () => {
    expect(piece.grain.from.x).toBe(piece.grain.to.x);
    expect(contains(piece.grain.from) && contains(piece.grain.to)).toBe(true);
  });

  it("is cut as a mirrored pair: two left sleeves is the classic mistake", () => {
    expect(piece.cut).toEqual({ count: 2, mirrored: true, onFold: false, interfacing: 0 });
  });

  it("has underarm seams of one length", () => {
    const length = (id: string) => piece.edges.find((edge) => edge.id === id)?.length ?? 0;
    expect(length("underarmFront")).toBeCloseTo(length("underarmBack"), 9);
  });

  function side(i: number): readonly [Point, Point] {
    return [polygon[i] as Point, polygon[(i + 1) % polygon.length] as Point];
  }

  function crosses([a, b]: readonly [Point, Point], [c, d]: readonly [Point, Point]): boolean {
    const turn = (p: Point, q: Point, r: Point) => Math.sign((q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x));
    return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
  }

  function contains(p: Point): boolean {
    return (
      polygon.filter((_, i) => {
        const [a, b] = side(i);
        return a.y > p.y !== b.y > p.y && p.x < a.x + ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y);
      }).length %
        2 ===
      1
    );
  }
});
