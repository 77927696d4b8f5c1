import { at } from "../data";
import type { Point } from "../geometry";
import { type Surface, surfaceOf } from "./body/surface";
import { locator } from "./mesh/locate";
import { blended, facing, placeIn } from "./place";
import type { Assembly } from "./sewing/assembly";
import { edgeEnds, edgeKey } from "./solver/sheet";
import type { Worn } from "./worn";
import type { WornHalf } from "./worn-half";

/** What is drawn of a half on one side of the middle of the body. Metres. */
export type Side = {
  /** Three points a triangle, all run round the way that is outside. */
  readonly triangles: Uint32Array<ArrayBuffer>;
  /** Pairs of places between which a seam runs. Six figures a stretch. */
  readonly seams: Float32Array<ArrayBuffer>;
  /** The same for the edges where cloth ends: hems, and the edges of collars and lapels. */
  readonly ends: Float32Array<ArrayBuffer>;
  readonly notches: Float32Array<ArrayBuffer>;
};

/** Half of a worn toile as it is drawn: plain arrays, on the wearer's right, metres, y up from the neck point. Three figures a point. */
export type HalfPicture = Side & {
  readonly places: Float32Array<ArrayBuffer>;
  /** What lies beyond the middle, on the other front: a lapel's tip, a band. On the side that is lapped over it lies under that, and is not seen. */
  readonly over: Side;
  /** Across and along the grain in the flat piece, in metres. Two a point. */
  readonly grain: Float32Array<ArrayBuffer>;
  /** The larger of the strains across and along the grain round each point: 0.01 for 1 % longer. */
  readonly strain: Float32Array<ArrayBuffer>;
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

function halfPicture(half: WornHalf): HalfPicture {
  const worn = { ...half, local: liftedBeyond(half.local), places: liftedBeyond(half.places) };
  const { cut, assembly, local, trunk, pose } = worn;
  const isWorn = (i: number) => (assembly.pointOf[i] ?? -1) >= 0;
  const count = at(cut.first, cut.first.length - 1);
  const isTurned = turnedPieces(half);
  const [near, over]: [number[], number[]] = [[], []];
  cut.meshes.forEach((mesh, m) => {
    const start = at(cut.first, m);
    if (!isWorn(start)) return;
    for (const [a, b, c] of mesh.triangles) {
      const corners = (isTurned.has(m) ? [a, c, b] : [a, b, c]).map((corner) => start + corner);
      const mean = corners.reduce((sum, corner) => sum + placeIn(local, corner)[0], 0) / 3;
      (mean < -IN_MIDDLE ? over : near).push(...corners);
    }
  });
  const all = [...near, ...over];
  const lines = { seams: seamsOf(worn), notches: notchesOf(worn) };
  const side = (triangles: readonly number[], isOver: boolean): Side => ({
    triangles: Uint32Array.from(triangles),
    seams: onSide(lines.seams, 6, isOver),
    ends: endsOf(worn, all, triangles),
    notches: onSide(lines.notches, 3, isOver),
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
    ...side(near, false),
    over: side(over, true),
    body: surfaceOf(trunk, pose),
    low,
    high,
  };
}

/** What lies beyond the middle is drawn so much further out, so that it is seen on the other front and not in it. Metres. */
const LIFTED = 0.003;
/** And so far beyond it, it is lifted wholly. */
const LIFTED_FROM = 0.01;

function liftedBeyond(places: Float64Array): Float64Array {
  return places.map((value, i) => {
    const x = places[i - 2] ?? 0;
    return i % 3 === 2 && x < 0 ? value + Math.sign(value) * LIFTED * Math.min(1, -x / LIFTED_FROM) : value;
  });
}

/** Those of some marks, each so many figures, that begin on one side of the middle. */
function onSide(marks: readonly number[], size: number, isOver: boolean): Float32Array<ArrayBuffer> {
  return Float32Array.from(marks.filter((_, i) => (marks[i - (i % size)] ?? 0) < -IN_MIDDLE === isOver));
}

const buffersOfSide = ({ triangles, seams, ends, notches }: Side) =>
  [triangles, seams, ends, notches].map(({ buffer }) => buffer);

/** Everything in a picture that may be handed over without a copy. */
export function buffersOf(picture: ToilePicture): readonly ArrayBuffer[] {
  return [picture, ...(picture.left ? [picture.left] : [])].flatMap((half) => [
    ...[half.places, half.grain, half.strain, half.body.places, half.body.triangles].map(({ buffer }) => buffer),
    ...buffersOfSide(half),
    ...buffersOfSide(half.over),
  ]);
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

function seamsOf({ stitches, local, assembly }: WornHalf): readonly number[] {
  const lines: number[] = [];
  const sewn = stitches.filter(({ pair: [a] }) => (assembly.pointOf[a] ?? -1) >= 0);
  const placeOf = ({ pair: [a] }: (typeof sewn)[number]) => placeIn(local, a);
  sewn.slice(1).forEach((stitch, i) => {
    const before = at(sewn, i);
    if (before.seam !== stitch.seam) return;
    const [from, to] = [placeOf(before), placeOf(stitch)];
    if (Math.hypot(...to.map((part, k) => part - (from[k] ?? 0))) < NEXT_STITCH) lines.push(...from, ...to);
  });
  return lines;
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

function notchesOf({ cut, local, assembly }: WornHalf): readonly number[] {
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
  return places;
}
