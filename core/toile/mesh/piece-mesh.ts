import { at } from "../../data";
import { along, distance, endOf, lerp, type Path, type Point, pathLength, startOf, subpath } from "../../geometry";
import type { Piece } from "../../pattern";
import { type Triangulated, triangulate } from "./triangulate";

/** A piece as triangles, with the place of every named point of its outline. Millimetres. */
export type PieceMesh = Triangulated & {
  readonly piece: Piece;
  /** The points along each edge from its start, by the edge's name. */
  readonly edges: ReadonlyMap<string, readonly EdgePoint[]>;
  /** Pairs of points that are sewn to each other within the piece: the legs of its darts. */
  readonly dartStitches: readonly (readonly [number, number])[];
  /** Points along each line that runs through the piece. */
  readonly lines: readonly (readonly number[])[];
};
export type EdgePoint = { readonly at: number; readonly point: number };

/** Nearer than this two points of an outline are one. */
const SAME_POINT_MM = 0.3;

/** What of a piece is worn: beyond a fold of its own, or beyond the middle of the body, it lies on the other side. */
export type Kept = {
  readonly keeps: (p: Point) => number;
  /** Where the cut turns, if it is no straight line. */
  readonly corner?: Point;
};

/** The edge at which a piece is cut off for the `i`th time. */
export const cutName = (i: number): string => `cut${i}`;

/**
 * The piece as triangles. `stations` are the places along its edges that have to be points, by the edge's name; an edge without any is cut in
 * parts about `edge` long. Each of `cuts` says how far inside what is worn a place lies, negative outside: the piece is cut off
 * there, and the cut is an edge of its own, "cut0" for the first.
 */
export function meshOf(
  piece: Piece,
  stations: ReadonlyMap<string, readonly number[]>,
  edge: number,
  cuts: readonly Kept[] = [],
  lines: readonly (readonly Point[])[] = [],
): PieceMesh {
  const { runs, holes } = withDarts(piece, edge, stations);
  const marked = runs.flatMap(({ name, path, length, places }) =>
    places.map((place) => ({ p: along(path, Math.min(length, place)).point, name, place })),
  );
  const clipped = cuts.reduce<readonly Marked[]>((left, cut, i) => cutOff(left, cut, edge, cutName(i)), marked);
  const outline: Point[] = [];
  const edges = new Map<string, EdgePoint[]>();
  for (const { p, name, place } of clipped) {
    const [last, first] = [outline[outline.length - 1], outline[0]];
    const isLast = last !== undefined && distance(last, p) < SAME_POINT_MM;
    const isFirst = !isLast && outline.length > 2 && first !== undefined && distance(first, p) < SAME_POINT_MM;
    if (!isLast && !isFirst) outline.push(p);
    const point = isFirst ? 0 : outline.length - 1;
    const list = edges.get(name) ?? [];
    if (list[list.length - 1]?.point !== point) list.push({ at: place, point });
    edges.set(name, list);
  }
  const loops = [outline, ...holes.map(({ loop }) => loop)];
  const meshed = triangulate(loops, edge, lines);
  return { ...meshed, piece, edges, dartStitches: [...legStitches(edges), ...holeStitches(outline.length, holes)] };
}

type Marked = { readonly p: Point; readonly name: string; readonly place: number };
type RunOf = {
  readonly name: string;
  readonly path: Path;
  readonly length: number;
  readonly places: readonly number[];
};
type Hole = { readonly loop: readonly Point[]; readonly pairs: readonly (readonly [number, number])[] };

const evenly = (length: number, edge: number): readonly number[] => {
  const parts = Math.max(1, Math.round(length / edge));
  return Array.from({ length: parts + 1 }, (_, i) => (length * i) / parts);
};

function placesOf(length: number, given: readonly number[] | undefined, edge: number): readonly number[] {
  if (!given || given.length === 0) return evenly(length, edge);
  const sorted = [0, ...given, length].sort((a, b) => a - b);
  const apart = sorted.filter((place, i) => i === 0 || place - at(sorted, i - 1) > SAME_POINT_MM);
  // A seam may take only a part of an edge: what it leaves is cut evenly.
  return apart.flatMap((place, i) => {
    const next = apart[i + 1];
    if (next === undefined || next - place < 1.6 * edge) return [place];
    return evenly(next - place, edge)
      .slice(0, -1)
      .map((more) => place + more);
  });
}

/** The outline with the mouth of every dart opened to its point, and darts inside the piece as holes. */
function withDarts(piece: Piece, edge: number, stations: ReadonlyMap<string, readonly number[]>) {
  const near = (a: Point, b: Point) => distance(a, b) < MOUTH_MM;
  const inner: Path[] = [];
  const mouths = new Map<string, { readonly dart: Path; readonly isTurned: boolean }>();
  for (const dart of piece.darts) {
    const [from, to] = [startOf(dart), endOf(dart)];
    const mouth = piece.edges.find(
      ({ path }) =>
        (near(startOf(path), from) && near(endOf(path), to)) || (near(startOf(path), to) && near(endOf(path), from)),
    );
    if (mouth) mouths.set(mouth.id, { dart, isTurned: near(startOf(mouth.path), to) });
    else inner.push(dart);
  }
  const runs: readonly RunOf[] = piece.edges.flatMap(({ id, path, length }) => {
    const mouth = mouths.get(id);
    if (!mouth) return [{ name: id, path, length, places: placesOf(length, stations.get(`${piece.id}.${id}`), edge) }];
    const [first, second] = legsOf(mouth.dart, mouth.isTurned);
    const parts = Math.max(2, Math.round(Math.max(pathLength(first), pathLength(second)) / edge));
    return [first, second].map((leg, i) => {
      const whole = pathLength(leg);
      return {
        name: `${id}#${i}`,
        path: leg,
        length: whole,
        places: Array.from({ length: parts + 1 }, (_, k) => (whole * k) / parts),
      };
    });
  });
  return { runs, holes: holesOf(inner, edge) };
}

const MOUTH_MM = 1;

/** Both legs in the direction of the outline: to the point, and back from it. */
function legsOf(dart: Path, isTurned: boolean): readonly [Path, Path] {
  const whole = pathLength(dart);
  const [a, b] = [startOf(dart), endOf(dart)];
  // The point is the place furthest from the mouth.
  const off = (p: Point) => Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x));
  let best = whole / 2;
  for (let i = 1; i < 200; i++)
    if (off(along(dart, (whole * i) / 200).point) > off(along(dart, best).point)) best = (whole * i) / 200;
  const [first, second] = [subpath(dart, 0, best), subpath(dart, best, whole)];
  const back = (path: Path): Path => [...path].reverse().map(([p, q, r, s]) => [s, r, q, p] as const);
  return isTurned ? [back(second), back(first)] : [first, second];
}

/** Darts with two points: two lines from the one to the other, with the cloth between them taken in. */
function holesOf(lines: readonly Path[], edge: number): readonly Hole[] {
  const holes: Hole[] = [];
  const used = new Set<number>();
  lines.forEach((line, i) => {
    if (used.has(i)) return;
    const j = lines.findIndex(
      (other, k) =>
        k > i &&
        !used.has(k) &&
        distance(startOf(other), startOf(line)) < MOUTH_MM &&
        distance(endOf(other), endOf(line)) < MOUTH_MM,
    );
    const other = lines[j];
    if (!other) return;
    used.add(j);
    const [lengthA, lengthB] = [pathLength(line), pathLength(other)];
    const parts = Math.max(3, Math.round(Math.max(lengthA, lengthB) / edge));
    const on = (path: Path, whole: number, k: number) => along(path, (whole * k) / parts).point;
    const down = Array.from({ length: parts + 1 }, (_, k) => on(line, lengthA, k));
    const up = Array.from({ length: parts - 1 }, (_, k) => on(other, lengthB, parts - 1 - k));
    const pairs = Array.from({ length: parts - 1 }, (_, k) => [k + 1, 2 * parts - (k + 1)] as const);
    holes.push({ loop: [...down, ...up], pairs });
  });
  return holes;
}

function holeStitches(outline: number, holes: readonly Hole[]): readonly (readonly [number, number])[] {
  let first = outline;
  return holes.flatMap(({ loop, pairs }) => {
    const own = pairs.map(([a, b]) => [first + a, first + b] as const);
    first += loop.length;
    return own;
  });
}

function legStitches(edges: ReadonlyMap<string, readonly EdgePoint[]>): readonly (readonly [number, number])[] {
  return [...edges].flatMap(([name, points]) => {
    if (!name.endsWith("#0")) return [];
    const other = edges.get(`${name.slice(0, -1)}1`) ?? [];
    return points.slice(0, -1).map(({ point }, i) => [point, other[other.length - 1 - i]?.point ?? point] as const);
  });
}

/** The outline without what lies outside; where it goes out and comes in again it runs along the cut. */
function cutOff(marked: readonly Marked[], { keeps, corner }: Kept, edge: number, cut: string): readonly Marked[] {
  const result: Marked[] = [];
  const count = marked.length;
  const crossing = (a: Marked, b: Marked): Marked => {
    const [ka, kb] = [keeps(a.p), keeps(b.p)];
    const t = ka / (ka - kb);
    const p = { x: a.p.x + (b.p.x - a.p.x) * t, y: a.p.y + (b.p.y - a.p.y) * t };
    return {
      p,
      name: a.name === b.name ? a.name : cut,
      place: a.name === b.name ? a.place + (b.place - a.place) * t : 0,
    };
  };
  let wentOut: Point | null = null;
  const comeIn = (to: Point) => {
    if (!wentOut) return;
    const stops = corner ? [wentOut, corner, to] : [wentOut, to];
    wentOut = null;
    stops.slice(1).forEach((end, i) => {
      const start = at(stops, i);
      const parts = Math.max(1, Math.round(distance(start, end) / edge));
      // Only what lies along the middle is the cut; beyond its corner the edge is free.
      const name = i === 0 ? cut : `${cut}free`;
      for (let k = 0; k <= parts; k++)
        result.push({ p: lerp(start, end, k / parts), name, place: (distance(start, end) * k) / parts });
    });
  };
  // Begins at a place that is kept, so that every way out has its way in.
  const begin = marked.findIndex(
    ({ p }, i) => keeps(p) >= -ON_CUT_MM && keeps(at(marked, (i + count - 1) % count).p) >= -ON_CUT_MM,
  );
  for (let n = 0; n < count; n++) {
    const [here, next] = [at(marked, (begin + n) % count), at(marked, (begin + n + 1) % count)];
    const [isIn, isNextIn] = [keeps(here.p) >= -ON_CUT_MM, keeps(next.p) >= -ON_CUT_MM];
    if (isIn) result.push(here);
    if (isIn && !isNextIn) {
      const out = keeps(here.p) <= ON_CUT_MM ? here : crossing(here, next);
      if (out !== here) result.push(out);
      wentOut = out.p;
    } else if (!isIn && isNextIn) {
      const back = keeps(next.p) <= ON_CUT_MM ? next : crossing(here, next);
      comeIn(back.p);
      if (back !== next) result.push(back);
    }
  }
  return result;
}

const ON_CUT_MM = 0.05;
