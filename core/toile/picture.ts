import { at } from "../data";
import type { Point } from "../geometry";
import { type Surface, surfaceOf } from "./body/surface";
import { locator } from "./mesh/locate";
import { blended, facing, placeIn } from "./place";
import type { Assembly } from "./sewing/assembly";
import { edgeEnds, edgeKey } from "./solver/sheet";
import type { Worn } from "./wear";
import type { WornHalf } from "./worn-half";

/** Half of a worn toile as it is drawn: plain arrays, on the wearer's right, metres, y up from the neck point. Three figures a point. */
export type HalfPicture = {
  readonly places: Float32Array<ArrayBuffer>;
  /** Three points a triangle, all run round the way that is outside. */
  readonly triangles: Uint32Array<ArrayBuffer>;
  /** More of them: the tip of a lapel beyond the middle, which lies on the other front, and under it on the side that is lapped over. */
  readonly tip: Uint32Array<ArrayBuffer>;
  /** Across and along the grain in the flat piece, in metres. Two a point. */
  readonly grain: Float32Array<ArrayBuffer>;
  /** The larger of the strains across and along the grain round each point: 0.01 for 1 % longer. */
  readonly strain: Float32Array<ArrayBuffer>;
  /** Pairs of places between which a seam runs. Six figures a stretch. */
  readonly seams: Float32Array<ArrayBuffer>;
  /** The same for the edges where cloth ends: hems, and the edges of collars and lapels. */
  readonly ends: Float32Array<ArrayBuffer>;
  readonly tipEnds: Float32Array<ArrayBuffer>;
  readonly notches: Float32Array<ArrayBuffer>;
  readonly body: Surface;
  /** The outline's lowest and highest place: what a view has to show. */
  readonly low: number;
  readonly high: number;
};

/** A worn toile as it is drawn: its right half, and the left one mirrored to the right; null where it is the mirror image. */
export type ToilePicture = HalfPicture & { readonly left: HalfPicture | null };

export function pictureOf(worn: Worn): ToilePicture {
  return { ...halfPicture(worn), left: worn.left && halfPicture(worn.left) };
}

function halfPicture(worn: WornHalf): HalfPicture {
  const { cut, assembly, local, trunk, pose } = worn;
  const isWorn = (i: number) => (assembly.pointOf[i] ?? -1) >= 0;
  const count = at(cut.first, cut.first.length - 1);
  const isTurned = turnedPieces(worn);
  const [triangles, tip]: [number[], number[]] = [[], []];
  cut.meshes.forEach((mesh, m) => {
    const start = at(cut.first, m);
    if (!isWorn(start)) return;
    const isTip = isOfTip(worn, m);
    for (const [a, b, c] of mesh.triangles) {
      const corners = (isTurned.has(m) ? [a, c, b] : [a, b, c]).map((corner) => start + corner);
      (isTip([a, b, c]) ? tip : triangles).push(...corners);
    }
  });
  const strain = strainsAt(worn);
  const picture = {
    places: Float32Array.from(local),
    grain: new Float32Array(count * 2),
    strain: new Float32Array(count),
  };
  cut.meshes.forEach(({ points, piece }, m) => {
    const { from, to } = piece.grain;
    const size = Math.hypot(to.x - from.x, to.y - from.y) || 1;
    const [gx, gy] = [(to.x - from.x) / size, (to.y - from.y) / size];
    points.forEach((p, i) => {
      const n = at(cut.first, m) + i;
      const point = assembly.pointOf[n] ?? -1;
      picture.grain.set([(p.x * gy - p.y * gx) / 1000, (p.x * gx + p.y * gy) / 1000], n * 2);
      if (point < 0) return;
      picture.strain[n] = strain[point] ?? 0;
    });
  });
  let [low, high] = [0, 0];
  for (let i = 0; i < count; i++) {
    if (!isWorn(i)) continue;
    low = Math.min(low, local[i * 3 + 1] ?? 0);
    high = Math.max(high, local[i * 3 + 1] ?? 0);
  }
  return {
    ...picture,
    triangles: Uint32Array.from(triangles),
    tip: Uint32Array.from(tip),
    seams: seamsOf(worn),
    ends: endsOf(worn, [...triangles, ...tip], triangles),
    tipEnds: endsOf(worn, [...triangles, ...tip], tip),
    notches: notchesOf(worn),
    body: surfaceOf(trunk, pose),
    low,
    high,
  };
}

/** Everything in a picture that may be handed over without a copy. */
export function buffersOf(picture: ToilePicture): readonly ArrayBuffer[] {
  return [picture, ...(picture.left ? [picture.left] : [])].flatMap(
    ({ places, triangles, tip, grain, strain, seams, ends, tipEnds, notches, body }) =>
      [places, triangles, tip, grain, strain, seams, ends, tipEnds, notches, body.places, body.triangles].map(
        ({ buffer }) => buffer,
      ),
  );
}

/** Does a triangle of a piece lie in the tip of its lapel: folded over, and beyond the middle of the body? */
function isOfTip({ plan, folds, cut, local }: WornHalf, m: number): (corners: readonly number[]) => boolean {
  const isCutThere = at(plan.pieces, m).cuts.some(({ corner }) => corner);
  const fold = folds[m];
  if (!isCutThere || !fold) return () => false;
  const mean = (of: (corner: number) => number, corners: readonly number[]) =>
    corners.reduce((sum, corner) => sum + of(corner), 0) / corners.length;
  const { points } = at(cut.meshes, m);
  return (corners) =>
    mean((corner) => placeIn(local, at(cut.first, m) + corner)[0], corners) < 0 &&
    fold.beyond({
      x: mean((corner) => at(points, corner).x, corners),
      y: mean((corner) => at(points, corner).y, corners),
    }) !== null;
}

/** The pieces that lie with their other side out, as those that are cut again mirrored do: what is sewn together has one outside. */
function turnedPieces({ assembly, places, plan }: WornHalf): ReadonlySet<number> {
  const { triangles } = assembly.sheet;
  // How often two pieces run along an edge that they share in opposite ways, as they do where both lie alike, less how often in one.
  const alike = new Map<number, Map<number, number>>();
  const open = new Map<number, { readonly piece: number; readonly from: number }>();
  const count = plan.pieces.length;
  for (let t = 0; t < assembly.pieceOf.length; t++) {
    const piece = assembly.pieceOf[t] ?? 0;
    for (let k = 0; k < 3; k++) {
      const [from, to] = [triangles[t * 3 + k] ?? 0, triangles[t * 3 + ((k + 1) % 3)] ?? 0];
      const other = open.get(edgeKey(from, to));
      if (!other) open.set(edgeKey(from, to), { piece, from });
      else if (other.piece !== piece) {
        for (const [a, b] of [
          [piece, other.piece],
          [other.piece, piece],
        ] as const) {
          const own = alike.get(a) ?? new Map<number, number>();
          alike.set(a, own.set(b, (own.get(b) ?? 0) + (other.from === from ? -1 : 1)));
        }
      }
    }
  }
  const turned = new Map<number, boolean>();
  for (let first = 0; first < count; first++) {
    if (turned.has(first)) continue;
    const isFirstTurned = !looksOut(assembly, places, first);
    turned.set(first, isFirstTurned);
    const next = [first];
    for (let piece = next.pop(); piece !== undefined; piece = next.pop()) {
      for (const [other, votes] of alike.get(piece) ?? []) {
        if (turned.has(other)) continue;
        turned.set(other, (turned.get(piece) ?? false) !== votes < 0);
        next.push(other);
      }
    }
  }
  return new Set([...turned].flatMap(([piece, isTurned]) => (isTurned ? [piece] : [])));
}

/** Does a piece, as its triangles run, look away from the axis of the body? */
function looksOut({ sheet: { triangles }, pieceOf }: Assembly, places: Float64Array, piece: number): boolean {
  let out = 0;
  for (let t = 0; t < pieceOf.length; t++) {
    if (pieceOf[t] !== piece) continue;
    const first = triangles[t * 3] ?? 0;
    const [x, , z] = placeIn(places, first);
    const [nx, , nz] = facing(places, first, triangles[t * 3 + 1] ?? 0, triangles[t * 3 + 2] ?? 0);
    out += nx * x + nz * z;
  }
  return out > 0;
}

function strainsAt({ assembly, strains }: WornHalf): Float64Array {
  const { triangles, points } = assembly.sheet;
  const [sum, count] = [new Float64Array(points), new Float64Array(points)];
  for (let t = 0; t < triangles.length / 3; t++) {
    const most = Math.max(strains[t * 2] ?? 0, strains[t * 2 + 1] ?? 0);
    for (let k = 0; k < 3; k++) {
      const point = triangles[t * 3 + k] ?? 0;
      sum[point] = (sum[point] ?? 0) + most;
      count[point] = (count[point] ?? 0) + 1;
    }
  }
  return sum.map((value, i) => value / Math.max(1, count[i] ?? 1));
}

/** A seam further than this from one stitch to the next runs over to another piece. Metres. */
const NEXT_STITCH = 0.06;

function seamsOf({ stitches, local, assembly }: WornHalf): Float32Array<ArrayBuffer> {
  const lines: number[] = [];
  const sewn = stitches.filter(({ pair: [a] }) => (assembly.pointOf[a] ?? -1) >= 0);
  const placeOf = ({ pair: [a] }: (typeof sewn)[number]) => placeIn(local, a);
  sewn.slice(1).forEach((stitch, i) => {
    const before = at(sewn, i);
    if (before.seam !== stitch.seam) return;
    const [from, to] = [placeOf(before), placeOf(stitch)];
    if (Math.hypot(...to.map((part, k) => part - (from[k] ?? 0))) < NEXT_STITCH) lines.push(...from, ...to);
  });
  return Float32Array.from(lines);
}

/** Nearer to the middle of the body the other half goes on. Metres. */
const IN_MIDDLE = 1e-4;

/** The open edges of all that is drawn, those of some of the triangles. */
function endsOf(
  { assembly: { pointOf }, places }: WornHalf,
  all: readonly number[],
  own: readonly number[],
): Float32Array<ArrayBuffer> {
  const edges = (triangles: readonly number[]) =>
    triangles.map((corner, i) => {
      const next = triangles[i % 3 === 2 ? i - 2 : i + 1] ?? 0;
      return edgeKey(pointOf[corner] ?? -1, pointOf[next] ?? -1);
    });
  const open = new Set<number>();
  for (const key of edges(all)) if (!open.delete(key)) open.add(key);
  return Float32Array.from(
    edges(own).flatMap((key) => {
      if (!open.has(key)) return [];
      const [from, to] = edgeEnds(key).map((point) => placeIn(places, point));
      if (!from || !to) return [];
      return Math.abs(from[0]) < IN_MIDDLE && Math.abs(to[0]) < IN_MIDDLE ? [] : [...from, ...to];
    }),
  );
}

function notchesOf({ cut, local, assembly }: WornHalf): Float32Array<ArrayBuffer> {
  const places: number[] = [];
  cut.meshes.forEach((mesh, m) => {
    const start = at(cut.first, m);
    if ((assembly.pointOf[start] ?? -1) < 0) return;
    const find = locator(mesh);
    const on = (p: Point) => {
      const found = find(p);
      return found && Math.min(...found.shares) > -0.5
        ? blended(found, (corner) => placeIn(local, start + corner))
        : null;
    };
    for (const { at: place, inwards } of mesh.piece.notches) {
      const found = on({ x: place.x + inwards.x, y: place.y + inwards.y });
      if (found) places.push(...found);
    }
  });
  return Float32Array.from(places);
}
