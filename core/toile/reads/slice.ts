import { at } from "../../data";
import type { Worn } from "../worn";

/** A plane by a place on it and the direction that it looks in, in metres. */
export type Plane = { readonly on: readonly [number, number, number]; readonly way: readonly [number, number, number] };

/** A cut through worn cloth: how long it is as it hangs and in the flat pieces, in millimetres, and how many triangles it meets. */
export type Slice = {
  readonly worn: number;
  readonly flat: number;
  readonly triangles: number;
};

/** Where the plane cuts the triangles that are wanted, and where `near` says so. Lengths are those of the half that is worn. */
export function sliceOf(
  { assembly, places }: Pick<Worn, "assembly" | "places">,
  { on, way }: Plane,
  isWanted: (triangle: number) => boolean,
  near: (x: number, y: number, z: number) => boolean = () => true,
): Slice {
  const { triangles, rest } = assembly.sheet;
  let [worn, flat, cut] = [0, 0, 0];
  for (let t = 0; t < assembly.pieceOf.length; t++) {
    if (!isWanted(t)) continue;
    const corners = [0, 1, 2].map((k) => {
      const q = (triangles[t * 3 + k] ?? 0) * 3;
      const p = [places[q] ?? 0, places[q + 1] ?? 0, places[q + 2] ?? 0] as const;
      const side = (p[0] - on[0]) * way[0] + (p[1] - on[1]) * way[1] + (p[2] - on[2]) * way[2];
      return { p, side, u: rest[t * 6 + k * 2] ?? 0, v: rest[t * 6 + k * 2 + 1] ?? 0 };
    });
    const ends = [0, 1, 2].flatMap((k) => {
      const [a, b] = [at(corners, k), at(corners, (k + 1) % 3)];
      if (a.side < 0 === b.side < 0) return [];
      const share = a.side / (a.side - b.side);
      const mix = (p: number, q: number) => p + (q - p) * share;
      return [
        { x: mix(a.p[0], b.p[0]), y: mix(a.p[1], b.p[1]), z: mix(a.p[2], b.p[2]), u: mix(a.u, b.u), v: mix(a.v, b.v) },
      ];
    });
    const [from, to] = ends;
    if (!from || !to || !near(from.x, from.y, from.z)) continue;
    worn += Math.hypot(to.x - from.x, to.y - from.y, to.z - from.z) * 1000;
    flat += Math.hypot(to.u - from.u, to.v - from.v) * 1000;
    cut++;
  }
  return { worn, flat, triangles: cut };
}
