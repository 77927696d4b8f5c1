import { at } from "../../data";
import { distance, type Point } from "../../geometry";
import type { PieceMesh } from "../mesh/piece-mesh";
import type { Stitch } from "../mesh/stations";
import type { Sheet, SheetCloth } from "../solver/sheet";

/** Two points by number, counted through all pieces. */
export type Pair = readonly [number, number];

/** All pieces that are worn, their points numbered through. */
export type Cut = {
  readonly meshes: readonly PieceMesh[];
  /** The number of the first point of each piece, and after the last of all. */
  readonly first: readonly number[];
  /** Which of the cloths a place of each piece is of. */
  readonly clothOf: readonly ((p: Point) => number)[];
};

export function cutOf(meshes: readonly PieceMesh[], clothOf: Cut["clothOf"]): Cut {
  const first = [0];
  for (const { points } of meshes) first.push(at(first, first.length - 1) + points.length);
  return { meshes, first, clothOf };
}

/** A stitch with the two points that it joins. */
export type Stitched = Stitch & { readonly pair: Pair };

/** A place along an edge is the point there to this. Millimetres. */
const SAME_STATION_MM = 0.6;

/** The points that every stitch joins; one whose place was cut off is none. */
export function pairsOf({ meshes, first }: Cut, stitches: readonly Stitch[]): readonly Stitched[] {
  const pointAt = ({ edge, at: place }: Stitch["body"]): number | null => {
    const [id = "", name = ""] = edge.split(".");
    const m = meshes.findIndex(({ piece }) => piece.id === id);
    const found = meshes[m]?.edges.get(name)?.find((one) => Math.abs(one.at - place) < SAME_STATION_MM);
    return found ? at(first, m) + found.point : null;
  };
  return stitches.flatMap((stitch) => {
    const [a, b] = [pointAt(stitch.body), pointAt(stitch.part)];
    return a === null || b === null || a === b ? [] : [{ ...stitch, pair: [a, b] as const }];
  });
}

/** The pairs of all darts. */
export function dartPairs({ meshes, first }: Cut): readonly Pair[] {
  return meshes.flatMap(({ dartStitches }, m) =>
    dartStitches.map(([a, b]) => [at(first, m) + a, at(first, m) + b] as const),
  );
}

/** Pieces with what was sewn already made one. */
export type Assembly = {
  readonly sheet: Sheet;
  /** The point of the sheet that each point of a piece became. */
  readonly pointOf: Int32Array;
  /** The piece of every triangle, and its three points in the piece's numbering. */
  readonly pieceOf: Uint8Array;
};

/** Which of the cloths of a toile: as it is, interfaced, beside a seam. */
export const PLAIN = 0;
export const INTERFACED = 1;
const SEAMED = 2;

/** Joins the pairs for good. Only pieces for which `isWorn` are taken; a triangle that two joined corners leave without area is none. */
export function assembled(
  cut: Cut,
  pairs: readonly Pair[],
  cloths: readonly SheetCloth[],
  isWorn: (piece: number) => boolean,
): Assembly {
  const count = at(cut.first, cut.first.length - 1);
  const parent = Int32Array.from({ length: count }, (_, i) => i);
  const root = (i: number): number => {
    let r = i;
    while (parent[r] !== r) r = parent[r] ?? 0;
    while (parent[i] !== r) {
      const next = parent[i] ?? 0;
      parent[i] = r;
      i = next;
    }
    return r;
  };
  for (const [a, b] of pairs) {
    const [p, q] = [root(a), root(b)];
    if (p !== q) parent[Math.max(p, q)] = Math.min(p, q);
  }
  const isSewn = new Set(pairs.flat());
  const pointOf = new Int32Array(count).fill(-1);
  let points = 0;
  const triangles: number[] = [];
  const rest: number[] = [];
  const clothOf: number[] = [];
  const pieceOf: number[] = [];
  cut.meshes.forEach((mesh, m) => {
    if (!isWorn(m)) return;
    const start = at(cut.first, m);
    mesh.points.forEach((_, i) => {
      const r = root(start + i);
      if (pointOf[r] === -1) pointOf[r] = points++;
      pointOf[start + i] = pointOf[r] ?? 0;
    });
    const grain = grainOf(mesh);
    for (const corners of mesh.triangles) {
      const joined = corners.map((corner) => pointOf[start + corner] ?? 0);
      if (new Set(joined).size < 3) continue;
      triangles.push(...joined);
      for (const corner of corners) rest.push(...grain(at(mesh.points, corner)));
      const own = at(cut.clothOf, m)(middleOf(corners.map((corner) => at(mesh.points, corner))));
      clothOf.push(own === PLAIN && corners.some((corner) => isSewn.has(start + corner)) ? SEAMED : own);
      pieceOf.push(m);
    }
  });
  const sheet: Sheet = {
    points,
    triangles: Int32Array.from(triangles),
    rest: Float64Array.from(rest),
    clothOf: Uint8Array.from(clothOf),
    cloths,
  };
  return { sheet, pointOf, pieceOf: Uint8Array.from(pieceOf) };
}

function middleOf(corners: readonly Point[]): Point {
  const mean = (of: (p: Point) => number) => corners.reduce((sum, p) => sum + of(p), 0) / corners.length;
  return { x: mean(({ x }) => x), y: mean(({ y }) => y) };
}

/** Where the middle of a triangle lies on its flat piece, in millimetres. */
export function placeOnPiece({ grain: { from, to } }: PieceMesh["piece"], rest: Float64Array, triangle: number) {
  const size = distance(from, to) || 1;
  const [gx, gy] = [(to.x - from.x) / size, (to.y - from.y) / size];
  const mean = (k: number) => [0, 2, 4].reduce((sum, corner) => sum + (rest[triangle * 6 + corner + k] ?? 0), 0) / 3;
  const [u, v] = [mean(0) * 1000, mean(1) * 1000];
  return { x: u * gy + v * gx, y: v * gy - u * gx };
}

/** A place of a piece across and along its grain, in metres. */
function grainOf({ piece }: PieceMesh): (p: { readonly x: number; readonly y: number }) => readonly [number, number] {
  const { from, to } = piece.grain;
  const size = distance(from, to) || 1;
  const [gx, gy] = [(to.x - from.x) / size, (to.y - from.y) / size];
  return ({ x, y }) => [(x * gy - y * gx) / 1000, (x * gx + y * gy) / 1000];
}
