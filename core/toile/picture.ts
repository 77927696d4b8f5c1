import { at } from "../data";
import type { Point } from "../geometry";
import { type Surface, surfaceOf } from "./body/surface";
import { locator } from "./mesh/locate";
import { blended, placeIn } from "./place";
import type { Worn, WornHalf } from "./wear";

/** Half of a worn toile as it is drawn: plain arrays, on the wearer's right, metres, y up from the neck point. Three figures a point. */
export type HalfPicture = {
  readonly places: Float32Array<ArrayBuffer>;
  readonly normals: Float32Array<ArrayBuffer>;
  readonly triangles: Uint32Array<ArrayBuffer>;
  /** Across and along the grain in the flat piece, in metres. Two a point. */
  readonly grain: Float32Array<ArrayBuffer>;
  /** The larger of the strains across and along the grain round each point: 0.01 for 1 % longer. */
  readonly strain: Float32Array<ArrayBuffer>;
  /** Pairs of places between which a seam runs. Six figures a stretch. */
  readonly seams: Float32Array<ArrayBuffer>;
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
  const triangles = cut.meshes.flatMap((mesh, m) => {
    const start = at(cut.first, m);
    return isWorn(start) ? mesh.triangles.flatMap((corners) => corners.map((corner) => start + corner)) : [];
  });
  const normals = normalsOf(worn);
  const strain = strainsAt(worn);
  const picture = {
    places: Float32Array.from(local),
    normals: new Float32Array(count * 3),
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
      for (let k = 0; k < 3; k++) picture.normals[n * 3 + k] = normals[point * 3 + k] ?? 0;
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
    seams: seamsOf(worn),
    notches: notchesOf(worn),
    body: surfaceOf(trunk, pose),
    low,
    high,
  };
}

/** Everything in a picture that may be handed over without a copy. */
export function buffersOf(picture: ToilePicture): readonly ArrayBuffer[] {
  return [picture, ...(picture.left ? [picture.left] : [])].flatMap(
    ({ places, normals, triangles, grain, strain, seams, notches, body }) =>
      [places, normals, triangles, grain, strain, seams, notches, body.places, body.triangles].map(
        ({ buffer }) => buffer,
      ),
  );
}

/** The direction of the cloth at every point, smoothed over the triangles round it. */
function normalsOf({ assembly, places }: WornHalf): Float64Array {
  const { triangles, points } = assembly.sheet;
  const normals = new Float64Array(points * 3);
  for (let t = 0; t < triangles.length; t += 3) {
    const [p, q, r] = [(triangles[t] ?? 0) * 3, (triangles[t + 1] ?? 0) * 3, (triangles[t + 2] ?? 0) * 3];
    const way = (from: number, to: number, k: number) => (places[to + k] ?? 0) - (places[from + k] ?? 0);
    const cross = [
      way(p, q, 1) * way(p, r, 2) - way(p, q, 2) * way(p, r, 1),
      way(p, q, 2) * way(p, r, 0) - way(p, q, 0) * way(p, r, 2),
      way(p, q, 0) * way(p, r, 1) - way(p, q, 1) * way(p, r, 0),
    ];
    for (const corner of [p, q, r])
      for (let k = 0; k < 3; k++) normals[corner + k] = (normals[corner + k] ?? 0) + (cross[k] ?? 0);
  }
  for (let i = 0; i < normals.length; i += 3) {
    const size = Math.hypot(normals[i] ?? 0, normals[i + 1] ?? 0, normals[i + 2] ?? 0) || 1;
    for (let k = 0; k < 3; k++) normals[i + k] = (normals[i + k] ?? 0) / size;
  }
  return normals;
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
