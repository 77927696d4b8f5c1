import { at } from "../../data";
import type { Point } from "../../geometry";
import { eachAxis, facing, type Place } from "../place";
import { edgeKey } from "../solver/sheet";
import type { Worn } from "../worn";

/** How sharply cloth is bent from triangle to triangle, as a root mean square in degrees, over the edges whose ends are both wanted. */
export function foldedness(
  { assembly, places }: Pick<Worn, "assembly" | "places">,
  isWanted: (point: number) => boolean,
): number {
  const { triangles } = assembly.sheet;
  const open = new Map<number, readonly [number, number, number]>();
  let [sum, count] = [0, 0];
  for (let t = 0; t < assembly.pieceOf.length; t++) {
    const own = normalOf(triangles, places, t);
    for (let k = 0; k < 3; k++) {
      const [a, b] = [triangles[t * 3 + k] ?? 0, triangles[t * 3 + ((k + 1) % 3)] ?? 0];
      const key = edgeKey(a, b);
      const other = open.get(key);
      if (!other) open.set(key, own);
      else if (isWanted(a) && isWanted(b)) {
        const along = own[0] * other[0] + own[1] * other[1] + own[2] * other[2];
        sum += Math.acos(Math.min(1, Math.max(-1, along))) ** 2;
        count++;
      }
    }
  }
  return count === 0 ? 0 : (Math.sqrt(sum / count) * 180) / Math.PI;
}

function normalOf(triangles: Int32Array, places: Float64Array, t: number): Place {
  const way = facing(places, triangles[t * 3] ?? 0, triangles[t * 3 + 1] ?? 0, triangles[t * 3 + 2] ?? 0);
  const size = Math.hypot(...way) || 1;
  return eachAxis((k) => way[k] / size);
}

/** The points of the sheet that belong to the pieces in question, where a place in the flat piece is wanted. Millimetres. */
export function pointsWhere(
  { cut, assembly }: Pick<Worn, "cut" | "assembly">,
  isWanted: (piece: string, place: Point) => boolean,
): ReadonlySet<number> {
  const points = new Set<number>();
  cut.meshes.forEach((mesh, m) => {
    mesh.points.forEach((p, i) => {
      const point = assembly.pointOf[at(cut.first, m) + i] ?? -1;
      if (point >= 0 && isWanted(mesh.piece.id, p)) points.add(point);
    });
  });
  return points;
}
