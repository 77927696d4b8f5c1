/**
 * A sheet of cloth as triangles. Metres. `rest` holds each corner of each triangle in the flat piece, u across the grain and v along it:
 * six figures a triangle, because a seam joins corners that lie in different pieces.
 */
export type Sheet = {
  /** How many points there are. */
  readonly points: number;
  /** Three points a triangle. */
  readonly triangles: Int32Array;
  readonly rest: Float64Array;
  /** Which cloth of `cloths` each triangle is of. */
  readonly clothOf: Uint8Array;
  readonly cloths: readonly SheetCloth[];
  /** Pairs of points across which the cloth does not resist bending: pressed folds. */
  readonly creases?: ReadonlySet<number>;
};

/** Kilograms a square metre, newtons a metre, newton metres. */
export type SheetCloth = {
  readonly density: number;
  readonly warp: number;
  readonly weft: number;
  readonly bias: number;
  readonly rigidity: number;
};

/** One name for the edge between two points, whichever comes first. */
export const edgeKey = (a: number, b: number): number => (a < b ? a * 0x4000000 + b : b * 0x4000000 + a);

/** The two points of such a name. */
export const edgeEnds = (key: number): readonly [number, number] => [Math.floor(key / 0x4000000), key % 0x4000000];

/** The area of a triangle in the flat piece, in square metres; negative where it runs the other way round. */
export function restArea(rest: Float64Array, triangle: number): number {
  const at = (i: number) => rest[triangle * 6 + i] ?? 0;
  return ((at(2) - at(0)) * (at(5) - at(1)) - (at(4) - at(0)) * (at(3) - at(1))) / 2;
}

/** The mass of every point in kilograms: a third of each triangle round it. */
export function massesOf({ points, triangles, rest, clothOf, cloths }: Sheet): Float64Array {
  const masses = new Float64Array(points);
  for (let t = 0; t < clothOf.length; t++) {
    const share = (Math.abs(restArea(rest, t)) * (cloths[clothOf[t] ?? 0]?.density ?? 0)) / 3;
    for (let k = 0; k < 3; k++) {
      const point = triangles[t * 3 + k] ?? 0;
      masses[point] = (masses[point] ?? 0) + share;
    }
  }
  return masses;
}
