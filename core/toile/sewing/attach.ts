import { at } from "../../data";
import { footOnStretch, type Point } from "../../geometry";
import type { Arm } from "../body/arm";
import type { PieceMesh } from "../mesh/piece-mesh";
import { along, DOWN, eachAxis, type Place, unit } from "../place";
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
    return along(foot, wayFrom(foot), off);
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
  let best: { readonly foot: Place; readonly off: number } = { foot: [0, 0, 0], off: Number.POSITIVE_INFINITY };
  for (const { a, b, from, to } of chain) {
    const { share, off } = footOnStretch(p, a, b);
    if (off / 1000 < best.off) best = { foot: eachAxis((k) => from[k] + (to[k] - from[k]) * share), off: off / 1000 };
  }
  return best;
}

/** Which way a piece goes from its edge; a collar that is grown on goes up from its front. */
function wayOf({ kind: { worn } }: WornPiece["piece"], arm: Arm): (foot: Place) => Place {
  switch (worn.as === "hung" ? worn.goes : "up") {
    case "up":
    case "stand":
      return upright;
    case "over":
      return outAndDown;
    case "down":
      return () => DOWN;
    case "round":
      return upThenAcross;
    case "cuff":
    case "arm":
      return () => arm.upperWay;
  }
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

/** A band all round an open front stands up behind the neck, and goes on across the front towards the middle. */
function upThenAcross(foot: Place): Place {
  const share = Math.min(1, Math.max(0, foot[2] / IS_FRONT));
  const up = upright(foot);
  return unit(eachAxis((k) => up[k] * (1 - share) + (k === 0 ? -share : 0)));
}

/** So far before the neck it is the front. Metres. */
const IS_FRONT = 0.06;

function outAndDown(foot: Place): Place {
  const [x, , z] = outwards(foot);
  return [0.5 * x, -0.86, 0.5 * z];
}
