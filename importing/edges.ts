import {
  along,
  type Cubic,
  cubicDerivative,
  endOf,
  type Path,
  type Point,
  pathLength,
  reversePath,
  startOf,
} from "@core/geometry/index";
import KDBush from "kdbush";
import type { Drawing, Shape } from "./drawing";
import { smoothed } from "./smooth";

/** A stretch of a drawn line between two corners: what a person points at. */
export type DrawnEdge = {
  readonly id: string;
  readonly name: string | null;
  readonly path: Path;
  readonly length: number;
  /** Edges of one line, in their order; closed when the last meets the first. */
  readonly line: { readonly index: number; readonly place: number; readonly count: number; readonly isClosed: boolean };
};

/** Ends nearer than this meet. Drawings are often rounded to a tenth. */
const MEETING_MM = 0.11;
/** A line that turns by more at a joint has a corner there; curves drawn as many straight pieces turn by less. */
const CORNER_RADIANS = (24 * Math.PI) / 180;
/** Shorter lines are notches, crosses and letters. */
const LEAST_EDGE_MM = 8;

/** The drawing's lines joined where they meet and cut at their corners. */
export function drawnEdges(drawing: Drawing): readonly DrawnEdge[] {
  const lines = joinShapes(drawing.shapes);
  return lines
    .flatMap((shape, index) => {
      const parts = cutAtCorners(shape);
      return parts.map((path, place) => ({
        id: `${index}.${place}`,
        name: shape.name,
        path,
        length: pathLength(path),
        line: { index, place, count: parts.length, isClosed: shape.isClosed },
      }));
    })
    .filter((edge) => edge.length >= LEAST_EDGE_MM);
}

/** Open lines that meet end to end become one; where three meet none of them goes on. Lines named as an edge keep to themselves. */
function joinShapes(shapes: readonly Shape[]): readonly Shape[] {
  const closed = shapes.filter((shape) => shape.isClosed);
  const named = shapes.filter((shape) => !shape.isClosed && isNamedEdge(shape.name));
  const open = shapes.filter((shape) => !shape.isClosed && !isNamedEdge(shape.name));
  const endsNear = endsByPlace(open);
  const left = new Set(open);
  const joined: Shape[] = [];
  for (const shape of open) {
    if (!left.delete(shape)) continue;
    let path = shape.path;
    for (let grown = true; grown; ) {
      grown = false;
      for (const backwards of [false, true]) {
        const at = backwards ? startOf(path) : endOf(path);
        const meeting = endsNear(at);
        if (meeting.length !== 2 || isNear(startOf(path), endOf(path))) continue;
        const next = meeting.find((other) => left.has(other));
        if (!next) continue;
        left.delete(next);
        const onwards = isNear(startOf(next.path), at) ? next.path : reversePath(next.path);
        path = backwards ? [...reversePath(onwards), ...path] : [...path, ...onwards];
        grown = true;
      }
    }
    joined.push({ name: shape.name, path, isClosed: isNear(startOf(path), endOf(path)) });
  }
  return [...closed, ...named, ...joined];
}

/** The shapes that end near a place, each as often as it does, in their order. */
function endsByPlace(shapes: readonly Shape[]): (p: Point) => readonly Shape[] {
  const ends = shapes.flatMap((shape) => [startOf(shape.path), endOf(shape.path)].map((at) => ({ shape, at })));
  const index = new KDBush(ends.length);
  for (const { at } of ends) index.add(at.x, at.y);
  index.finish();
  return ({ x, y }) =>
    index
      .within(x, y, MEETING_MM)
      .sort((a, b) => a - b)
      .flatMap((found) => ends[found]?.shape ?? []);
}

function isNamedEdge(name: string | null): boolean {
  return name !== null && /armhole|armscye|neckline|shoulder/i.test(name);
}

function isNear(a: Point, b: Point): boolean {
  return Math.hypot(a.x - b.x, a.y - b.y) <= MEETING_MM;
}

function cutAtCorners({ path, isClosed }: Shape): readonly Path[] {
  const corners = path.flatMap((cubic, i) => {
    const before = path[i === 0 ? path.length - 1 : i - 1];
    if (!before || (i === 0 && !isClosed)) return [];
    return turnBetween(before, cubic) > CORNER_RADIANS ? [i] : [];
  });
  if (corners.length === 0) return [path];
  // A closed line begins at its first corner, so that no edge is cut where the drawing happened to start.
  const [first = 0] = corners;
  const turned = isClosed ? [...path.slice(first), ...path.slice(0, first)] : path;
  const cuts = corners.map((corner) => corner - (isClosed ? first : 0)).filter((cut) => cut > 0);
  return [0, ...cuts].map((from, i) => turned.slice(from, cuts[i] ?? turned.length)).filter((part) => part.length > 0);
}

function turnBetween(before: Cubic, after: Cubic): number {
  const [a, b] = [directionAt(before, 1), directionAt(after, 0)];
  if (!a || !b) return 0;
  return Math.abs(Math.atan2(a.x * b.y - a.y * b.x, a.x * b.x + a.y * b.y));
}

/** The direction at an end, also where a handle has no length. */
function directionAt(cubic: Cubic, end: 0 | 1): Point | null {
  const d = cubicDerivative(cubic, end);
  if (Math.hypot(d.x, d.y) > 1e-9) return d;
  const length = pathLength([cubic]);
  const near = along([cubic], end === 0 ? length * 1e-3 : length * (1 - 1e-3)).direction;
  return Math.hypot(near.x, near.y) > 0 ? near : null;
}

/** A line of more pieces is no edge of a bodice, and too much for the garment file. */
const MOST_PIECES = 800;

/**
 * Several edges pointed at one after another as one: in order, meeting end to end, and as one fair curve where they were drawn in
 * many small pieces. Null when they do not meet, or are made of far too many pieces.
 */
export function joinEdges(edges: readonly DrawnEdge[]): Path | null {
  const [first, ...rest] = edges;
  if (!first) return null;
  let path = first.path;
  let left = [...rest];
  while (left.length > 0) {
    const fits = left.flatMap((edge) => grow(path, edge.path).map((grown) => ({ edge, grown })));
    const [next] = fits;
    if (!next) return null;
    path = next.grown;
    left = left.filter((edge) => edge !== next.edge);
  }
  const curve = smoothed(path);
  return curve.length <= MOST_PIECES ? curve : null;
}

function grow(path: Path, more: Path): readonly Path[] {
  const [start, end] = [startOf(path), endOf(path)];
  if (isNear(end, startOf(more))) return [[...path, ...more]];
  if (isNear(end, endOf(more))) return [[...path, ...reversePath(more)]];
  if (isNear(start, endOf(more))) return [[...more, ...path]];
  if (isNear(start, startOf(more))) return [[...reversePath(more), ...path]];
  return [];
}
