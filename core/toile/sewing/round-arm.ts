import { at } from "../../data";
import { armOf, HAND } from "../body/arm";
import { type Place, placeIn } from "../place";
import { edgeEnds, edgeKey } from "../solver/sheet";
import type { WornHalf } from "../worn-half";

/**
 * Does the end of every sleeve go round its arm? One that an arm has gone through hangs beside it, and strains no more than another. The end is a
 * ring of open edges; how often it goes round is told by its angle about the limb.
 */
export function liesRoundArm(half: WornHalf): boolean {
  const arm = armOf(half.trunk.figures, half.pose);
  return ringsOf(half).every((ring) => {
    const along = ring.reduce((sum, p) => sum + aboutAxis(p, arm.shoulder, arm.upperWay).along, 0) / ring.length;
    // What hangs down beyond the hand goes round nothing.
    if (along > arm.upperLength + arm.lowerLength + HAND) return true;
    const [from, way] = along < arm.upperLength ? [arm.shoulder, arm.upperWay] : [arm.elbow, arm.lowerWay];
    const turns = ring.map((p) => aboutAxis(p, from, way).turn);
    const gone = turns.reduce((sum, turn, i) => {
      const step = turn - at(turns, (i + turns.length - 1) % turns.length);
      return sum + step - 2 * Math.PI * Math.round(step / (2 * Math.PI));
    }, 0);
    return Math.abs(Math.round(gone / (2 * Math.PI))) === 1;
  });
}

/** Every closed ring of open edges of what is worn on the arm. What ends in the middle of the body is none. */
function ringsOf({ plan, assembly, places }: WornHalf): readonly (readonly Place[])[] {
  const { triangles } = assembly.sheet;
  const open = new Map<number, number>();
  for (let t = 0; t < assembly.pieceOf.length; t++)
    for (let k = 0; k < 3; k++) {
      const key = edgeKey(triangles[t * 3 + k] ?? 0, triangles[t * 3 + ((k + 1) % 3)] ?? 0);
      if (!open.delete(key)) open.set(key, assembly.pieceOf[t] ?? 0);
    }
  const next = new Map<number, number[]>();
  for (const [key, m] of open) {
    const { role, piece } = at(plan.pieces, m);
    if (role !== "arm" && role !== "flat" && piece.kind.of !== "sleeve") continue;
    const [a, b] = edgeEnds(key);
    // In the middle the other half goes on.
    if (Math.abs(places[a * 3] ?? 0) < IN_MIDDLE && Math.abs(places[b * 3] ?? 0) < IN_MIDDLE) continue;
    next.set(a, [...(next.get(a) ?? []), b]);
    next.set(b, [...(next.get(b) ?? []), a]);
  }
  const rings: Place[][] = [];
  const gone = new Set<number>();
  for (const first of next.keys()) {
    if (gone.has(first)) continue;
    const ring: number[] = [];
    for (let point: number | undefined = first; point !== undefined; ) {
      gone.add(point);
      ring.push(point);
      point = next.get(point)?.find((one) => !gone.has(one));
    }
    const isClosed = ring.length > 2 && (next.get(first) ?? []).includes(at(ring, ring.length - 1));
    if (isClosed && ring.every((point) => next.get(point)?.length === 2))
      rings.push(ring.map((point) => placeIn(places, point)));
  }
  return rings;
}

/** Metres. */
const IN_MIDDLE = 1e-6;

/** How far along an axis a place lies, and at what angle round it. */
function aboutAxis(p: Place, from: Place, way: Place): { readonly along: number; readonly turn: number } {
  const [x, y, z] = [p[0] - from[0], p[1] - from[1], p[2] - from[2]];
  const along = x * way[0] + y * way[1] + z * way[2];
  // Forward, square to the axis; and square to both.
  const ahead: Place = [-way[2] * way[0], -way[2] * way[1], 1 - way[2] * way[2]];
  const size = Math.hypot(...ahead) || 1;
  const [ox, oy, oz] = [ahead[0] / size, ahead[1] / size, ahead[2] / size];
  const [qx, qy, qz] = [way[1] * oz - way[2] * oy, way[2] * ox - way[0] * oz, way[0] * oy - way[1] * ox];
  return { along, turn: Math.atan2(x * qx + y * qy + z * qz, x * ox + y * oy + z * oz) };
}
