import { describe, expect, it } from "vitest";
import { type Corners, distance, ellipseArcPath, flatten, type Point, pathLength } from "../geometry";
import { KNOWN_SHEETS, type PhotoReference, paperFrom, pictureFrom, traceEdge } from ".";

const A4 = KNOWN_SHEETS[0];

/** A camera looking at the table, tilted back and turned: a pinhole, worked out here by itself (geometry). */
function photographed(p: Point, tilt: number, turn: number): Point {
  const [x, y] = [p.x - 200, p.y - 180];
  const [u, v] = [x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)];
  const depth = 900 + v * Math.sin(tilt);
  return { x: 800 + (1400 * u) / depth, y: 600 + (1400 * v * Math.cos(tilt)) / depth };
}

const sheetCorners = [
  { x: 20, y: 30 },
  { x: 20 + A4.short, y: 30 },
  { x: 20 + A4.short, y: 30 + A4.long },
  { x: 20, y: 30 + A4.long },
];

function referenceSeen(tilt: number, turn: number, order = [0, 1, 2, 3]): PhotoReference {
  const corners = order.map((i) => photographed(sheetCorners[i] as Point, tilt, turn)) as unknown as Corners;
  return { kind: "rectangle", corners, short: A4.short, long: A4.long };
}

const ARC = ellipseArcPath({
  centre: { x: 430, y: 90 },
  radiusX: 120,
  radiusY: 150,
  turned: 0.2,
  from: Math.PI,
  sweep: -1.7,
});

/** Places along the arc as a hand points at them, `slip` picture points beside. */
function pointedAt(count: number, tilt: number, turn: number, slip = 0): readonly Point[] {
  const points = flatten(ARC, 40);
  return Array.from({ length: count }, (_, i) => {
    const p = photographed(points[Math.round((i * (points.length - 1)) / (count - 1))] as Point, tilt, turn);
    // A made-up unsteadiness that repeats from run to run.
    return { x: p.x + slip * Math.sin(i * 12.9898), y: p.y + slip * Math.cos(i * 78.233) };
  });
}

describe("tracing an edge in a tilted photograph", () => {
  it.each([
    [0, 0],
    [0.35, 0.2],
    [0.6, -0.4],
  ])(
    "gives its length through the perspective, camera tilted by %s and turned by %s (geometry: pinhole)",
    (tilt, turn) => {
      const traced = traceEdge(pointedAt(13, tilt, turn), referenceSeen(tilt, turn), 1);
      if (!traced.ok) throw new Error(traced.why);
      expect(Math.abs(traced.edge.length - pathLength(ARC))).toBeLessThan(0.3);
      expect(traced.edge.error).toBeGreaterThan(0);
    },
  );

  it("stays within the error it states when the hand is unsteady", () => {
    for (const slip of [0.5, 1, 2]) {
      const traced = traceEdge(pointedAt(11, 0.4, 0.1, slip), referenceSeen(0.4, 0.1), slip);
      if (!traced.ok) throw new Error(traced.why);
      expect(Math.abs(traced.edge.length - pathLength(ARC))).toBeLessThan(traced.edge.error);
      expect(traced.edge.error).toBeLessThan(slip * 6);
    }
  });

  it("states a larger error for a less steady hand, and for fewer places", () => {
    const errorOf = (count: number, within: number) => {
      const traced = traceEdge(pointedAt(count, 0.4, 0.1), referenceSeen(0.4, 0.1), within);
      return traced.ok ? traced.edge.error : Number.NaN;
    };
    expect(errorOf(11, 2)).toBeGreaterThan(errorOf(11, 1));
    expect(errorOf(4, 0.1)).toBeGreaterThan(errorOf(13, 0.1));
  });

  it("does not mind in which order the corners are pointed at, or which way the sheet lies", () => {
    const lengths = [
      [0, 1, 2, 3],
      [2, 0, 3, 1],
      [3, 2, 1, 0],
    ].map((order) => {
      const traced = traceEdge(pointedAt(13, 0.4, 0.3), referenceSeen(0.4, 0.3, order), 1);
      return traced.ok ? traced.edge.length : Number.NaN;
    });
    expect(Math.max(...lengths) - Math.min(...lengths)).toBeLessThan(1e-6);
  });

  it("would be wrong by centimetres if the tilt were not corrected", () => {
    const seen = pointedAt(13, 0.6, -0.4);
    const [a, b] = [
      photographed(sheetCorners[0] as Point, 0.6, -0.4),
      photographed(sheetCorners[3] as Point, 0.6, -0.4),
    ];
    const flat = traceEdge(seen, { kind: "marks", from: a, to: b, apart: A4.long }, 1);
    if (!flat.ok) throw new Error(flat.why);
    expect(Math.abs(flat.edge.length - pathLength(ARC))).toBeGreaterThan(10);
  });
});

describe("two marks on a tape", () => {
  it("give the size of a photograph taken from straight above", () => {
    const reference: PhotoReference = { kind: "marks", from: { x: 10, y: 10 }, to: { x: 10, y: 410 }, apart: 200 };
    const traced = traceEdge(
      [
        { x: 0, y: 0 },
        { x: 300, y: 400 },
      ],
      reference,
      1,
    );
    expect(traced.ok && traced.edge.length).toBeCloseTo(250, 9);
  });
});

describe("references", () => {
  it("that cannot be are refused", () => {
    const places = pointedAt(5, 0, 0);
    const [a, b, c] = sheetCorners as [Point, Point, Point];
    const crossed: PhotoReference = { kind: "rectangle", corners: [a, b, c, c], short: A4.short, long: A4.long };
    expect(traceEdge(places, crossed, 1)).toEqual({ ok: false, why: "no-reference" });
    const noMarks: PhotoReference = { kind: "marks", from: { x: 5, y: 5 }, to: { x: 5, y: 5 }, apart: 100 };
    expect(traceEdge(places, noMarks, 1)).toEqual({ ok: false, why: "no-reference" });
    expect(traceEdge([{ x: 1, y: 1 }], referenceSeen(0, 0), 1)).toEqual({ ok: false, why: "too-few-points" });
  });

  it("lead from the picture to the paper and back", () => {
    for (const reference of [
      referenceSeen(0.5, 0.2),
      { kind: "marks", from: { x: 0, y: 0 }, to: { x: 30, y: 40 }, apart: 25 } as const,
    ]) {
      const [there, back] = [paperFrom(reference), pictureFrom(reference)];
      if (!there || !back) throw new Error("both ways are there");
      const p = { x: 900, y: 700 };
      expect(distance(back(there(p)), p)).toBeLessThan(1e-6);
    }
  });
});
