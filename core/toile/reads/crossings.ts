import { at } from "../../data";
import { cross, dot, eachAxis, type Place, placeIn } from "../place";
import { edgeEnds, edgeKey } from "../solver/sheet";
import type { WornHalf } from "../worn-half";

/** Triangles are looked for in cells of this size, a good deal larger than they are. Metres. */
const CELL = 0.04;

/** The share of the edges of worn cloth that go through a triangle of it, 0 to 1. One layer of cloth on a body has hardly any. */
export function shareCrossing({ assembly, places }: Pick<WornHalf, "assembly" | "places">): number {
  const { triangles } = assembly.sheet;
  const cornersOf = (t: number) => [0, 1, 2].map((k) => triangles[t * 3 + k] ?? 0);
  const cells = new Map<string, number[]>();
  const edges = new Set<number>();
  for (let t = 0; t < assembly.pieceOf.length; t++) {
    const corners = cornersOf(t);
    for (const cell of cellsOf(corners.map((corner) => placeIn(places, corner)))) {
      const own = cells.get(cell);
      if (own) own.push(t);
      else cells.set(cell, [t]);
    }
    for (let k = 0; k < 3; k++) edges.add(edgeKey(at(corners, k), at(corners, (k + 1) % 3)));
  }
  let crossing = 0;
  for (const key of edges) {
    const [a, b] = edgeEnds(key);
    const [from, to] = [placeIn(places, a), placeIn(places, b)];
    const near = new Set(cellsOf([from, to]).flatMap((cell) => cells.get(cell) ?? []));
    for (const t of near) {
      const corners = cornersOf(t);
      if (corners.includes(a) || corners.includes(b)) continue;
      const [p, q, r] = corners.map((corner) => placeIn(places, corner));
      if (p && q && r && goesThrough(from, to, p, q, r)) {
        crossing++;
        break;
      }
    }
  }
  return edges.size === 0 ? 0 : crossing / edges.size;
}

/** The names of all cells that the box round these places meets. */
function cellsOf(places: readonly Place[]): readonly string[] {
  const range = (k: 0 | 1 | 2) => {
    const all = places.map((p) => Math.floor(p[k] / CELL));
    const [low, high] = [Math.min(...all), Math.max(...all)];
    return Array.from({ length: high - low + 1 }, (_, i) => low + i);
  };
  return range(0).flatMap((x) => range(1).flatMap((y) => range(2).map((z) => `${x} ${y} ${z}`)));
}

/** Does the stretch from one place to another go through the triangle (Möller and Trumbore 1997)? */
function goesThrough(from: Place, to: Place, p: Place, q: Place, r: Place): boolean {
  const less = (a: Place, b: Place) => eachAxis((k) => a[k] - b[k]);
  const [way, one, other] = [less(to, from), less(q, p), less(r, p)];
  const side = cross(way, other);
  const size = dot(one, side);
  if (Math.abs(size) < 1e-14) return false;
  const off = less(from, p);
  const u = dot(off, side) / size;
  const turn = cross(off, one);
  const v = dot(way, turn) / size;
  const share = dot(other, turn) / size;
  return u > 0 && v > 0 && u + v < 1 && share > 0 && share < 1;
}
