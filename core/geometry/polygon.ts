import { at } from "../data";
import { flatten } from "./crossing";
import type { Path } from "./path";
import { distance, lerp, type Point } from "./point";

/** Does a closed outline, given by its corners, hold the point? Even-odd rule: does a ray to the right cross the outline an odd number of times? */
export function contains(corners: readonly Point[], p: Point): boolean {
  let isInside = false;
  let from = corners[corners.length - 1];
  // A loop without lists: meshes and lay plans ask it some hundred thousand times.
  for (const to of corners) {
    if (from && from.y > p.y !== to.y > p.y && p.x < from.x + ((to.x - from.x) * (p.y - from.y)) / (to.y - from.y))
      isInside = !isInside;
    from = to;
  }
  return isInside;
}

/** What a closed outline holds, in square millimetres, whichever way it runs. */
export function areaOf(outline: Path): number {
  const points = flatten(outline);
  return Math.abs(
    points.reduce((sum, p, i) => {
      const q = points[(i + 1) % points.length] ?? p;
      return sum + (p.x * q.y - q.x * p.y) / 2;
    }, 0),
  );
}

/** The parts of a straight line between two points that lie inside a closed outline, given by its corners. From first to last. */
export function partsInside(corners: readonly Point[], from: Point, to: Point): readonly (readonly [Point, Point])[] {
  const way = { x: to.x - from.x, y: to.y - from.y };
  const sideOf = (p: Point) => way.x * (p.y - from.y) - way.y * (p.x - from.x);
  const whole = way.x * way.x + way.y * way.y;
  const crossings: number[] = [];
  // A loop without lists, each corner looked at once: every level of every piece of a frame comes through here.
  let p = corners[corners.length - 1];
  let a = p ? sideOf(p) : 0;
  for (const q of corners) {
    const b = sideOf(q);
    if (p && a > 0 !== b > 0) {
      const at = lerp(p, q, a / (a - b));
      crossings.push(((at.x - from.x) * way.x + (at.y - from.y) * way.y) / whole);
    }
    [p, a] = [q, b];
  }
  crossings.sort((one, other) => one - other);
  const within = (t: number | undefined) => lerp(from, to, Math.min(1, Math.max(0, t ?? 0)));
  return Array.from({ length: Math.floor(crossings.length / 2) }, (_, i) => [
    within(crossings[2 * i]),
    within(crossings[2 * i + 1]),
  ]);
}

/** The nearest point of a straight stretch: where it is, how far off, and its share of the way, which goes on beyond the ends in `unbounded`. */
export function footOnStretch(p: Point, from: Point, to: Point) {
  const size = (to.x - from.x) ** 2 + (to.y - from.y) ** 2;
  const unbounded = size > 0 ? ((p.x - from.x) * (to.x - from.x) + (p.y - from.y) * (to.y - from.y)) / size : 0;
  const share = Math.min(1, Math.max(0, unbounded));
  const foot = { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
  return { foot, share, unbounded, off: distance(p, foot) };
}

/** How far a point lies from the nearest of the chords between samples; infinite for fewer than two. */
export function distanceToChain(p: Point, samples: readonly Point[]): number {
  return samples
    .slice(1)
    .reduce((best, to, i) => Math.min(best, footOnStretch(p, at(samples, i), to).off), Number.POSITIVE_INFINITY);
}

/** How wide a closed outline, given by its corners, is free to both sides of a place, the same to each, on every one of the levels. */
export function roomBeside(corners: readonly Point[], { x }: Point, levels: readonly number[]): number {
  const xs = corners.map((p) => p.x);
  const [left, right] = [Math.min(...xs) - 1, Math.max(...xs) + 1];
  const rooms = levels.map((y) => {
    const own = partsInside(corners, { x: left, y }, { x: right, y }).find(([from, to]) => from.x <= x && to.x >= x);
    return own ? 2 * Math.min(x - own[0].x, own[1].x - x) : 0;
  });
  return Math.min(...rooms);
}
