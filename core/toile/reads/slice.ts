import { at } from "../../data";
import { placeIn } from "../place";
import { edgeKey } from "../solver/sheet";
import type { WornHalf } from "../worn-half";

/** A plane by a place on it and the direction that it looks in, in metres. */
export type Plane = { readonly on: readonly [number, number, number]; readonly way: readonly [number, number, number] };

/** How long a line is as it hangs and in the flat pieces, in millimetres, of the half that is worn. */
export type Line = { readonly worn: number; readonly flat: number };

type End = { readonly edge: number; readonly x: number; readonly z: number };
type Segment = { readonly ends: readonly [End, End] } & Line;

/**
 * The loop in which a plane cuts the worn cloth, of those of its parts that hold together the longest that is closed: round a limb by itself,
 * or from the middle of the body in front to the middle behind, which the other half closes. Null where none is: part of a girth is no girth.
 */
export function loopOf(
  half: WornHalf,
  plane: Plane,
  round: "body" | "limb",
  isWanted: (t: number) => boolean,
): Line | null {
  let best: Line | null = null;
  for (const part of partsOf(segmentsOf(half, plane, isWanted))) {
    const met = new Map<number, End[]>();
    for (const end of part.flatMap(({ ends }) => ends)) met.set(end.edge, [...(met.get(end.edge) ?? []), end]);
    const loose = [...met.values()].flatMap((ends) => (ends.length === 1 ? ends : []));
    const isClosed =
      round === "limb"
        ? loose.length === 0
        : loose.length === 2 &&
          loose.every(isInMiddle) &&
          Math.min(...loose.map(({ z }) => z)) < 0 &&
          Math.max(...loose.map(({ z }) => z)) > 0;
    const sum = (of: keyof Line) => part.reduce((all, one) => all + one[of], 0);
    if (isClosed && sum("worn") > (best?.worn ?? 0)) best = { worn: sum("worn"), flat: sum("flat") };
  }
  return best;
}

/** So near the middle plane a loop ends in it. Metres. */
const IN_MIDDLE = 0.002;
const isInMiddle = ({ x }: End) => Math.abs(x) < IN_MIDDLE;

/** Where the plane cuts the triangles that are wanted. */
function segmentsOf(
  { assembly, places }: WornHalf,
  { on, way }: Plane,
  isWanted: (t: number) => boolean,
): readonly Segment[] {
  const { triangles, rest } = assembly.sheet;
  return Array.from({ length: assembly.pieceOf.length }, (_, t) => t).flatMap((t): readonly Segment[] => {
    if (!isWanted(t)) return [];
    const corners = [0, 1, 2].map((k) => {
      const point = triangles[t * 3 + k] ?? 0;
      const p = placeIn(places, point);
      const side = (p[0] - on[0]) * way[0] + (p[1] - on[1]) * way[1] + (p[2] - on[2]) * way[2];
      return { point, p, side, u: rest[t * 6 + k * 2] ?? 0, v: rest[t * 6 + k * 2 + 1] ?? 0 };
    });
    const [from, to] = [0, 1, 2].flatMap((k) => {
      const [a, b] = [at(corners, k), at(corners, (k + 1) % 3)];
      if (a.side < 0 === b.side < 0) return [];
      const share = a.side / (a.side - b.side);
      const mix = (p: number, q: number) => p + (q - p) * share;
      return [
        {
          edge: edgeKey(a.point, b.point),
          x: mix(a.p[0], b.p[0]),
          y: mix(a.p[1], b.p[1]),
          z: mix(a.p[2], b.p[2]),
          u: mix(a.u, b.u),
          v: mix(a.v, b.v),
        },
      ];
    });
    if (!from || !to) return [];
    return [
      {
        ends: [from, to],
        worn: Math.hypot(to.x - from.x, to.y - from.y, to.z - from.z) * 1000,
        flat: Math.hypot(to.u - from.u, to.v - from.v) * 1000,
      },
    ];
  });
}

/** The segments that hold together, part by part. */
function partsOf(segments: readonly Segment[]): readonly (readonly Segment[])[] {
  const on = new Map<number, number[]>();
  for (const [i, { ends }] of segments.entries())
    for (const { edge } of ends) on.set(edge, [...(on.get(edge) ?? []), i]);
  const seen = new Set<number>();
  return segments.flatMap((_, start) => {
    if (seen.has(start)) return [];
    const part: Segment[] = [];
    const next = [start];
    seen.add(start);
    for (let i = next.pop(); i !== undefined; i = next.pop()) {
      const own = at(segments, i);
      part.push(own);
      for (const { edge } of own.ends)
        for (const other of on.get(edge) ?? [])
          if (!seen.has(other)) {
            seen.add(other);
            next.push(other);
          }
    }
    return [part];
  });
}

/**
 * A level line of a flat piece, `y` millimetres down its draft: how long it is there, and how long the same line of cloth is as it hangs. It is
 * followed in the cloth, so that folds and where a plane would meet them have no part in it. What is turned over at a fold of the piece is left out.
 * `isWanted` leaves out what lies elsewhere along it. `height` is how high it hangs on average; 0 where the piece does not reach there.
 */
export function levelLine(
  { cut, local, folds }: Pick<WornHalf, "cut" | "local" | "folds">,
  m: number,
  y: number,
  isWanted: (x: number) => boolean = () => true,
): Line & { readonly height: number } {
  const { points, triangles } = at(cut.meshes, m);
  const first = at(cut.first, m);
  let [worn, flat, heights] = [0, 0, 0];
  for (const triangle of triangles) {
    const ends = [0, 1, 2].flatMap((k) => {
      const [i, j] = [at(triangle, k), at(triangle, (k + 1) % 3)];
      const [a, b] = [at(points, i), at(points, j)];
      if (a.y < y === b.y < y) return [];
      const share = (y - a.y) / (b.y - a.y);
      const [p, q] = [placeIn(local, first + i), placeIn(local, first + j)];
      const mix = (n: 0 | 1 | 2) => p[n] + (q[n] - p[n]) * share;
      return [{ x: a.x + (b.x - a.x) * share, place: [mix(0), mix(1), mix(2)] as const }];
    });
    const [from, to] = ends;
    if (!from || !to) continue;
    const middle = (from.x + to.x) / 2;
    if (!isWanted(middle) || at(folds, m)?.beyond({ x: middle, y })) continue;
    flat += Math.abs(to.x - from.x);
    heights += Math.abs(to.x - from.x) * 500 * (from.place[1] + to.place[1]);
    worn += Math.hypot(to.place[0] - from.place[0], to.place[1] - from.place[1], to.place[2] - from.place[2]) * 1000;
  }
  return { worn, flat, height: flat > 0 ? heights / flat : 0 };
}
