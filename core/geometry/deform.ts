import { cubicLength } from "./arc-length";
import { type Cubic, mapCubic } from "./cubic";
import { type Path, reversePath } from "./path";
import { add, type Point } from "./point";

/**
 * The path with its end moved by `move` and its start held. Every knot in between follows by its share of the way,
 * and takes its two handles along unturned, so that both ends keep their directions and no knot becomes a corner.
 */
export function moveEnd(path: Path, move: Point): Path {
  const lengths = path.map((cubic) => cubicLength(cubic));
  const total = lengths.reduce((sum, size) => sum + size, 0);
  let run = 0;
  return path.map((cubic, index): Cubic => {
    const before = follow(total > 0 ? run / total : 0);
    run += lengths[index] ?? 0;
    const after = index === path.length - 1 ? 1 : follow(total > 0 ? run / total : 0);
    const [p0, p1, p2, p3] = cubic;
    const near = { x: move.x * before, y: move.y * before };
    const far = { x: move.x * after, y: move.y * after };
    return [add(p0, near), add(p1, near), add(p2, far), add(p3, far)];
  });
}

/** The path with its start moved and its end held: see `moveEnd`. */
export function moveStart(path: Path, move: Point): Path {
  return reversePath(moveEnd(reversePath(path), move));
}

/** The path with its first handle turned into `direction` (a unit vector), as long as it was. */
export function withStartDirection(path: Path, direction: Point): Path {
  const [first, ...rest] = path;
  if (!first) return path;
  const [p0, p1, p2, p3] = first;
  const run = Math.hypot(p1.x - p0.x, p1.y - p0.y);
  return [[p0, { x: p0.x + direction.x * run, y: p0.y + direction.y * run }, p2, p3], ...rest];
}

/** The path turned by `angle` radians (from x towards y) about a point. */
export function rotatePath(path: Path, about: Point, angle: number): Path {
  return path.map((cubic) => mapCubic(cubic, (p) => rotatePoint(p, about, angle)));
}

/** A point turned by `angle` radians (from x towards y) about another. */
export function rotatePoint(p: Point, about: Point, angle: number): Point {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const [x, y] = [p.x - about.x, p.y - about.y];
  return { x: about.x + x * cos - y * sin, y: about.y + x * sin + y * cos };
}

/** 0 at the start, 1 at the end, level at both: what lies near an end stays with it. */
function follow(share: number): number {
  return share * share * (3 - 2 * share);
}
