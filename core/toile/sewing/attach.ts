import { at } from "../../data";
import type { Point } from "../../geometry";
import type { Arm, Place } from "../body/arm";
import type { PieceMesh } from "../mesh/piece-mesh";
import type { WornPiece } from "./plan";

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
  const wayFrom = wayOf(piece, arm);
  return mesh.points.map((p, i) => {
    const own = known.get(i);
    if (own) return own;
    const { foot, off } = nearestOn(chain, p);
    const way = wayFrom(foot);
    return [0, 1, 2].map((k) => (foot[k] ?? 0) + (way[k] ?? 0) * off) as unknown as Place;
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

/** Which way a piece goes from its edge. */
function wayOf({ id, lines }: WornPiece["piece"], arm: Arm): (foot: Place) => Place {
  // A collar in one goes up first, and is turned over at its fold; a fall is sewn to the top of its stand and lies over it.
  const isFall = id === "collar" && !lines?.some(({ name }) => name === "Fold of the stand");
  if (id === "collarStand" || id.startsWith("front") || (id === "collar" && !isFall)) return upright;
  if (isFall) return outAndDown;
  if (id === "hemBand") return () => DOWN;
  return () => arm.upperWay;
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
