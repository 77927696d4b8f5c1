import { remembered } from "../data";
import { cubicLength, parameterAtLength } from "./arc-length";
import { type Cubic, cubicDerivative, cubicPoint, lineCubic, mapCubic, reverseCubic, splitCubic } from "./cubic";
import type { Point } from "./point";
import { findRoot } from "./solve";
import { SAME_MM, SOLVED_FINELY_MM } from "./tolerance";

/** A run of cubics, each starting where the one before ends. Never empty. */
export type Path = readonly Cubic[];

export function line(from: Point, to: Point): Path {
  return [lineCubic(from, to)];
}

export function pathLength(path: Path): number {
  return lengthsOf(path).reduce((sum, size) => sum + size, 0);
}

export function startOf(path: Path): Point {
  return cubicAt(path, 0)[0];
}

export function endOf(path: Path): Point {
  return cubicAt(path, path.length - 1)[3];
}

export function reversePath(path: Path): Path {
  return path.map(reverseCubic).reverse();
}

export function mapPath(path: Path, move: (p: Point) => Point): Path {
  return path.map((cubic) => mapCubic(cubic, move));
}

/** Place and unit direction of the path at `length` mm from its start; the ends beyond them. */
export function along(path: Path, length: number): { readonly point: Point; readonly direction: Point } {
  const { cubic, t } = locate(path, length);
  const d = cubicDerivative(cubic, t);
  const size = Math.hypot(d.x, d.y);
  return {
    point: cubicPoint(cubic, t),
    direction: size > 0 ? { x: d.x / size, y: d.y / size } : { x: 0, y: 0 },
  };
}

/** The part of the path between two lengths from its start; `from` < `to`, both within the path. */
export function subpath(path: Path, from: number, to: number): Path {
  const head = cutAt(path, to).before;
  return cutAt(head, from).after;
}

/**
 * How far along the path it first comes to the height y, for a path that runs steadily down (or level).
 * Throws when it never does: a broken contract of the caller.
 */
export function lengthAtHeight(path: Path, y: number): number {
  let run = 0;
  for (const cubic of path) {
    const low = Math.min(cubic[0].y, cubic[3].y);
    const high = Math.max(cubic[0].y, cubic[3].y);
    // A height that is just that of a joint may lie a hair beyond both its neighbours.
    if (y >= low - SAME_MM && y <= high + SAME_MM) {
      const found = findRoot((t) => cubicPoint(cubic, t).y - y, 0, 1, SOLVED_FINELY_MM);
      return run + cubicLength(cubic, found.value);
    }
    run += cubicLength(cubic);
  }
  throw new RangeError(`lengthAtHeight: the path does not pass the height ${y}`);
}

function cutAt(path: Path, length: number): { readonly before: Path; readonly after: Path } {
  const { cubic, t, index } = locate(path, length);
  if (t <= 0 && index === 0) return { before: path, after: path };
  const [left, right] = splitCubic(cubic, t);
  return {
    before: [...path.slice(0, index), left],
    after: t >= 1 && index < path.length - 1 ? path.slice(index + 1) : [right, ...path.slice(index + 1)],
  };
}

/** How long each cubic of a path is: asked again and again by whoever goes along it. */
const lengthsOf = remembered((path: Path) => path.map((cubic) => cubicLength(cubic)));

function locate(path: Path, length: number): { readonly cubic: Cubic; readonly t: number; readonly index: number } {
  let left = Math.max(0, length);
  const sizes = lengthsOf(path);
  for (const [index, cubic] of path.entries()) {
    const size = sizes[index] ?? 0;
    if (left <= size || index === path.length - 1) return { cubic, t: parameterAtLength(cubic, left, size), index };
    left -= size;
  }
  throw new RangeError("locate: a path has at least one cubic");
}

function cubicAt(path: Path, index: number): Cubic {
  const cubic = path[index];
  if (!cubic) throw new RangeError(`cubicAt: no cubic ${index} in a path of ${path.length}`);
  return cubic;
}

/** The smallest upright box that holds the path's control points (so at least the path). */
export type Box = { readonly left: number; readonly top: number; readonly right: number; readonly bottom: number };

/** The box round the paths' points and handles: it holds the curves, and may be larger. Infinite and inside out for no point. */
export function boxOf(paths: readonly Path[]): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const path of paths) {
    for (const cubic of path) {
      for (const { x, y } of cubic) {
        left = Math.min(left, x);
        top = Math.min(top, y);
        right = Math.max(right, x);
        bottom = Math.max(bottom, y);
      }
    }
  }
  return { left, top, right, bottom };
}
