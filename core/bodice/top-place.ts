import {
  along,
  type Box,
  boxOf,
  contains,
  distance,
  endOf,
  flatten,
  leastAt,
  line,
  moveStart,
  type Path,
  type Point,
  pathLength,
  SEEN_MM,
  SOLVED_FINELY_MM,
  startOf,
  subpath,
} from "../geometry";
import type { Edge } from "../pattern";

/** A place along a run of edges: on which of them, and how far along it. */
export type TopPlace = { readonly index: number; readonly at: number };

/** An edge is looked along at so many places before the nearest is found exactly. */
const PLACES = 48;

/** The place of a run of edges that lies nearest to a point. */
function nearestPlace(edges: readonly Edge[], p: Point): TopPlace & { readonly far: number } {
  let best = { index: 0, at: 0, far: Number.POSITIVE_INFINITY };
  // What is drawn on a block begins as a rule where one of its edges does.
  for (const [index, { path, length }] of edges.entries()) {
    for (const [at, end] of [
      [0, startOf(path)],
      [length, endOf(path)],
    ] as const)
      if (distance(end, p) < best.far) best = { index, at, far: distance(end, p) };
  }
  if (best.far <= SOLVED_FINELY_MM) return best;
  for (const [index, { path, length }] of edges.entries()) {
    if (outside(boxOf([path]), p) >= best.far) continue;
    const farAt = (at: number) => distance(along(path, at).point, p);
    for (let i = 0; i <= PLACES; i++) {
      const at = (length * i) / PLACES;
      const far = farAt(at);
      if (far < best.far) best = { index, at, far };
    }
  }
  const edge = edges[best.index];
  if (!edge) return best;
  const step = edge.length / PLACES;
  const farAt = (at: number) => distance(along(edge.path, at).point, p);
  const at = leastAt(farAt, Math.max(0, best.at - step), Math.min(edge.length, best.at + step), SOLVED_FINELY_MM);
  return farAt(at) < best.far ? { index: best.index, at, far: farAt(at) } : best;
}

/** How far a point lies outside a box at least: no place of a path in the box is nearer. */
function outside({ left, right, top, bottom }: Box, { x, y }: Point): number {
  return Math.hypot(Math.max(left - x, 0, x - right), Math.max(top - y, 0, y - bottom));
}

/**
 * A line of the block as a cut from the top of a piece: where it comes in, and from there on. What was drawn on the block may begin in a
 * part that a sleeve took along, or short of an edge that was moved out since. Null for one that does not pass through the piece.
 */
export function cutFromTop(
  top: readonly Edge[],
  outline: Path,
  drawn: Path,
): { readonly place: TopPlace; readonly path: Path } | null {
  const onTop = nearestPlace(top, startOf(drawn));
  if (onTop.far <= MOVED_MM) return { place: onTop, path: startingAt(drawn, pointOn(top, onTop)) };
  const corners = flatten(outline);
  const whole = pathLength(drawn);
  const isInside = (at: number) => contains(corners, along(drawn, at).point);
  const first = Array.from({ length: PLACES }, (_, i) => (whole * (i + 0.5)) / PLACES).find(isInside);
  if (first === undefined) return null;
  if (isInside(0)) {
    const start = pointOn(top, onTop);
    return { place: onTop, path: [...line(start, startOf(drawn)), ...drawn] };
  }
  let [out, inside] = [Math.max(0, first - whole / PLACES), first];
  while (inside - out > SEEN_MM) {
    const middle = (out + inside) / 2;
    if (isInside(middle)) inside = middle;
    else out = middle;
  }
  const place = nearestPlace(top, along(drawn, inside).point);
  return place.far < 1 ? { place, path: startingAt(subpath(drawn, inside, whole), pointOn(top, place)) } : null;
}

/** An alteration moves an edge by no more: the line's start is moved along with it. What a sleeve takes along reaches further. Our own limit. */
const MOVED_MM = 30;

export function pointOn(edges: readonly Edge[], { index, at }: TopPlace): Point {
  const edge = edges[index];
  if (!edge) throw new RangeError(`pointOn: no edge ${index} of ${edges.length}`);
  return along(edge.path, at).point;
}

/** The path with its start moved to a place, its end held. */
export function startingAt(path: Path, start: Point): Path {
  const from = startOf(path);
  return moveStart(path, { x: start.x - from.x, y: start.y - from.y });
}

/** Less of an edge than this is a corner. */
const CORNER_MM = 0.05;

/** The run of edges before a place, and from it on; an edge that it cuts keeps its name on both. */
export function splitAt(edges: readonly Edge[], { index, at }: TopPlace): readonly [readonly Edge[], readonly Edge[]] {
  const edge = edges[index];
  if (!edge) return [edges, []];
  const part = (from: number, to: number): readonly Edge[] =>
    to - from < CORNER_MM
      ? []
      : from === 0 && to === edge.length
        ? [edge]
        : [{ ...edge, path: subpath(edge.path, from, to), length: to - from }];
  return [
    [...edges.slice(0, index), ...part(0, at < CORNER_MM ? 0 : at)],
    [...part(edge.length - at < CORNER_MM ? edge.length : at, edge.length), ...edges.slice(index + 1)],
  ];
}
