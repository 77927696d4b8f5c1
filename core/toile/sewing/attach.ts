import { at } from "../../data";
import type { Point } from "../../geometry";
import type { Arm, Place } from "../body/arm";
import type { PieceMesh } from "../mesh/piece-mesh";
import type { WornPiece } from "./plan";

/** The place of a point of the pieces that hang already; null for one that does not. */
export type PlaceOf = (point: number) => Place | null;

/**
 * Where the points of an attached piece begin: from the edge that it is sewn by, in the way in which it will lie. `sewnTo` gives the place that
 * each point of that edge is sewn to. Null while fewer than two of them hang.
 */
export function attachedPlaces(
  mesh: PieceMesh,
  { piece, base }: WornPiece,
  sewnTo: (point: number) => Place | null,
  arm: Arm,
): readonly Place[] | null {
  const known = new Map<number, Place>();
  for (const { point } of base.flatMap((name) => mesh.edges.get(name) ?? [])) {
    const place = sewnTo(point);
    if (place) known.set(point, place);
  }
  if (known.size < 2) return null;
  const chain = base.flatMap((name) => chainOf(mesh, name, known));
  const ways = waysOf(piece.id, arm);
  const fold = foldHeight(mesh, base);
  return mesh.points.map((p, i) => {
    const own = known.get(i);
    if (own) return own;
    const { foot, off } = nearestOn(chain, p);
    const up = Math.min(off, fold);
    const down = off - up;
    const { first, then } = ways(foot);
    return [0, 1, 2].map((k) => (foot[k] ?? 0) + (first[k] ?? 0) * up + (then[k] ?? 0) * down) as unknown as Place;
  });
}

type Link = { readonly a: Point; readonly b: Point; readonly from: Place; readonly to: Place };

/** The edge as straight links between points whose place is known. */
function chainOf(mesh: PieceMesh, name: string, known: ReadonlyMap<number, Place>): readonly Link[] {
  const points = (mesh.edges.get(name) ?? []).map(({ point }) => point).filter((point) => known.has(point));
  return points.slice(1).flatMap((point, i) => {
    const before = at(points, i);
    const [from, to] = [known.get(before), known.get(point)];
    return from && to ? [{ a: at(mesh.points, before), b: at(mesh.points, point), from, to }] : [];
  });
}

/** The foot of a place on the chain, on the body, and how far off it the place lies in the flat piece, in metres. */
function nearestOn(chain: readonly Link[], p: Point): { readonly foot: Place; readonly off: number } {
  let best = { foot: [0, 0, 0] as Place, off: Number.POSITIVE_INFINITY };
  for (const { a, b, from, to } of chain) {
    const squared = (b.x - a.x) ** 2 + (b.y - a.y) ** 2;
    const t =
      squared > 0 ? Math.min(1, Math.max(0, ((p.x - a.x) * (b.x - a.x) + (p.y - a.y) * (b.y - a.y)) / squared)) : 0;
    const off = Math.hypot(p.x - a.x - t * (b.x - a.x), p.y - a.y - t * (b.y - a.y)) / 1000;
    if (off < best.off)
      best = {
        foot: [from[0] + (to[0] - from[0]) * t, from[1] + (to[1] - from[1]) * t, from[2] + (to[2] - from[2]) * t],
        off,
      };
  }
  return best;
}

const DOWN: Place = [0, -1, 0];

/** Which way a piece goes from its edge, and which way beyond its fold. */
function waysOf(id: string, arm: Arm): (foot: Place) => { readonly first: Place; readonly then: Place } {
  if (id === "collarStand") return (foot) => ({ first: upright(foot), then: upright(foot) });
  // A fall is sewn to the top of the stand and lies over it; a collar in one goes up to its fold first.
  if (id === "collar") return (foot) => ({ first: upright(foot), then: outAndDown(foot) });
  if (id === "hemBand") return () => ({ first: DOWN, then: DOWN });
  return () => ({ first: arm.upperWay, then: arm.upperWay });
}

/** Away from the axis of the neck. */
function outwards([x, , z]: Place): Place {
  const size = Math.hypot(x, z + 0.005) || 1;
  return [x / size, 0, (z + 0.005) / size];
}

function upright(foot: Place): Place {
  const [x, , z] = outwards(foot);
  return [-0.12 * x, 0.985, -0.12 * z];
}

function outAndDown(foot: Place): Place {
  const [x, , z] = outwards(foot);
  return [0.5 * x, -0.86, 0.5 * z];
}

/** How far from its neck edge a collar in one piece is folded: to the line that the draft gives. A fall is folded at its seam. Metres. */
function foldHeight({ piece }: PieceMesh, base: readonly string[]): number {
  const line = piece.lines?.find(({ name }) => name === "Fold of the stand");
  const neck = piece.edges.find(({ id }) => base.includes(id));
  if (piece.id === "collar" && !line) return 0;
  if (!line || !neck) return Number.POSITIVE_INFINITY;
  const [p] = line.path;
  if (!p) return 0;
  const centreBack = piece.edges.find(({ id }) => id === "centreBack");
  const foot = centreBack?.path.at(-1)?.[3] ?? neck.path[0]?.[0];
  return foot ? Math.hypot(p[0].x - foot.x, p[0].y - foot.y) / 1000 : 0;
}
