import Delaunator from "delaunator";
import { at } from "../../data";
import { contains, distance, distanceToChain, lerp, type Point } from "../../geometry";
import Constrainautor from "./constrained.mjs";

export type Triangulated = {
  /** The corners of the loops first, in their order, then those inside. */
  readonly points: readonly Point[];
  readonly triangles: readonly (readonly [number, number, number])[];
};

/** Points inside keep so far from the outline, as a share of the edge. */
const CLEAR_OF_OUTLINE = 0.62;
const ROUNDS_OF_SMOOTHING = 4;
/** A triangle this flat, as twice its area over the square of its longest side, is none. */
const FLAT = 1e-3;

/**
 * A plane region as triangles with edges about `edge` long: the first loop is the outline, the others are holes in it; every side of a loop is
 * the side of a triangle. `lines` run through it, and every stretch of them is the side of a triangle too. Points of a loop lie apart from each
 * other.
 */
export function triangulate(
  loops: readonly (readonly Point[])[],
  edge: number,
  lines: readonly (readonly Point[])[] = [],
): Triangulated & { readonly lines: readonly (readonly number[])[] } {
  const ofLoops = loops.flat();
  const border = [...ofLoops];
  const [outline = [], ...holes] = loops;
  const isInside = (p: Point) => contains(outline, p) && !holes.some((hole) => contains(hole, p));
  const closed = loops.map((loop) => [...loop, ...loop.slice(0, 1)]);
  const isClear = (p: Point) => isInside(p) && nearestOn(closed, p) > CLEAR_OF_OUTLINE * edge;
  const numbered = lines.map((line) => stopsOf(line, ofLoops, border, isClear, edge));
  const ofLines = border.slice(ofLoops.length);
  const inner = latticeIn(border, edge).filter(
    (p) => isClear(p) && ofLines.every((q) => distance(p, q) > CLEAR_OF_OUTLINE * edge),
  );
  let points: readonly Point[] = [...border, ...inner];
  let triangles = trianglesOf(points, loops, numbered, isInside);
  for (let round = 0; round < ROUNDS_OF_SMOOTHING; round++) {
    points = smoothed(points, triangles, border.length);
    triangles = trianglesOf(points, loops, numbered, isInside);
  }
  return { points, triangles, lines: numbered };
}

/** The points of a line, those inside the region added to `border`; where it comes to the outline it ends at the nearest point of that. */
function stopsOf(
  line: readonly Point[],
  ofLoops: readonly Point[],
  border: Point[],
  isClear: (p: Point) => boolean,
  edge: number,
): readonly number[] {
  const stops: number[] = [];
  const toOutline = (p: Point) => {
    const nearest = ofLoops.reduce((best, q, i) => (distance(p, q) < distance(p, at(ofLoops, best)) ? i : best), 0);
    if (distance(p, at(ofLoops, nearest)) < edge && !stops.includes(nearest)) stops.push(nearest);
  };
  for (let i = 0; i + 1 < line.length; i++) {
    const [from, to] = [at(line, i), at(line, i + 1)];
    const parts = Math.max(1, Math.round(distance(from, to) / edge));
    for (let k = i === 0 ? 0 : 1; k <= parts; k++) {
      const p = lerp(from, to, k / parts);
      if (isClear(p)) stops.push(border.push(p) - 1);
      else toOutline(p);
    }
  }
  return stops;
}

function latticeIn(border: readonly Point[], edge: number): readonly Point[] {
  const { left, right, top, bottom } = extentOf(border);
  const rowHeight = (edge * Math.sqrt(3)) / 2;
  const lattice: Point[] = [];
  for (let row = 0; top + row * rowHeight <= bottom; row++)
    for (let x = left + (row % 2) * (edge / 2); x <= right; x += edge) lattice.push({ x, y: top + row * rowHeight });
  return lattice;
}

const nearestOn = (closed: readonly (readonly Point[])[], p: Point) =>
  closed.reduce((least, loop) => Math.min(least, distanceToChain(p, loop)), Number.POSITIVE_INFINITY);

function trianglesOf(
  points: readonly Point[],
  loops: readonly (readonly Point[])[],
  lines: readonly (readonly number[])[],
  isInside: (p: Point) => boolean,
): Triangulated["triangles"] {
  // With a frame round it no side of a loop lies on the hull, where rounding may leave it out.
  const delaunay = Delaunator.from(
    [...points, ...frameOf(points)],
    ({ x }) => x,
    ({ y }) => y,
  );
  const constrained = new Constrainautor(delaunay);
  let first = 0;
  for (const loop of loops) {
    for (let i = 0; i < loop.length; i++) constrained.constrainOne(first + i, first + ((i + 1) % loop.length));
    first += loop.length;
  }
  for (const line of lines)
    line.slice(1).forEach((stop, i) => {
      // A line that runs along the outline, or through a corner of it, is the outline there.
      try {
        constrained.constrainOne(at(line, i), stop);
      } catch {}
    });
  const kept: (readonly [number, number, number])[] = [];
  for (let t = 0; t < delaunay.triangles.length; t += 3) {
    const [a, b, c] = [delaunay.triangles[t] ?? 0, delaunay.triangles[t + 1] ?? 0, delaunay.triangles[t + 2] ?? 0];
    if (Math.max(a, b, c) >= points.length) continue;
    const [p, q, r] = [at(points, a), at(points, b), at(points, c)];
    // Points along a straight edge make triangles without area, which are no cloth.
    const longest = Math.max(distance(p, q), distance(q, r), distance(r, p));
    if (Math.abs(turned(p, q, r)) < FLAT * longest * longest) continue;
    // No triangle crosses a loop: one with a point inside lies inside.
    const isOnLoops = Math.max(a, b, c) < first;
    const middle = { x: (p.x + q.x + r.x) / 3, y: (p.y + q.y + r.y) / 3 };
    if (!isOnLoops || isInside(middle)) kept.push(turned(p, q, r) > 0 ? [a, b, c] : [a, c, b]);
  }
  return kept;
}

/** Four places well outside of all. */
function frameOf(points: readonly Point[]): readonly Point[] {
  const { left, right, top, bottom } = extentOf(points);
  const off = right - left + bottom - top;
  return [left - off, right + off].flatMap((x) => [top - off, bottom + off].map((y) => ({ x, y })));
}

function extentOf(points: readonly Point[]) {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
}

const turned = (p: Point, q: Point, r: Point) => (q.x - p.x) * (r.y - p.y) - (r.x - p.x) * (q.y - p.y);

/** Every inner point moved to the middle of its neighbours. */
function smoothed(points: readonly Point[], triangles: Triangulated["triangles"], fixed: number): readonly Point[] {
  const sums = points.map(() => ({ x: 0, y: 0, count: 0 }));
  for (const corners of triangles) {
    for (let k = 0; k < 3; k++) {
      const sum = at(sums, at(corners, k));
      for (const other of [at(corners, (k + 1) % 3), at(corners, (k + 2) % 3)]) {
        sum.x += at(points, other).x;
        sum.y += at(points, other).y;
        sum.count++;
      }
    }
  }
  return points.map((p, i) => {
    const sum = at(sums, i);
    return i < fixed || sum.count === 0 ? p : { x: sum.x / sum.count, y: sum.y / sum.count };
  });
}

/** The smallest angle of a triangle in degrees. */
export function smallestAngle(p: Point, q: Point, r: Point): number {
  const [a, b, c] = [distance(q, r), distance(p, r), distance(p, q)];
  const angle = (across: number, s: number, t: number) =>
    Math.acos(Math.min(1, Math.max(-1, (s * s + t * t - across * across) / (2 * s * t))));
  return (Math.min(angle(a, b, c), angle(b, a, c), angle(c, a, b)) * 180) / Math.PI;
}
