import { type Arm, type ArmPose, armOf } from "../body/arm";
import type { BodyFigures } from "../body/figure";
import { cross, dot, eachAxis, type Place, placeIn } from "../place";

const minus = (a: Place, b: Place): Place => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];

type Frame = { readonly origin: Place; readonly axes: readonly [Place, Place, Place] };

/** Upper arm and forearm each as a frame of its own: along it, forward, and square to both. */
function framesOf(arm: Arm, { forward, elbow }: ArmPose): { readonly upper: Frame; readonly lower: Frame } {
  const [swing, bend] = [(forward * Math.PI) / 180, (elbow * Math.PI) / 180];
  const ahead: Place = [0, Math.sin(swing), Math.cos(swing)];
  const bent = eachAxis((k) => -Math.sin(bend) * arm.upperWay[k] + Math.cos(bend) * ahead[k]);
  return {
    upper: { origin: arm.shoulder, axes: [arm.upperWay, ahead, cross(arm.upperWay, ahead)] },
    lower: { origin: arm.elbow, axes: [arm.lowerWay, bent, cross(arm.lowerWay, bent)] },
  };
}

function carried(place: Place, from: Frame, to: Frame): Place {
  const way = minus(place, from.origin);
  const own = from.axes.map((axis) => dot(way, axis));
  return eachAxis((k) => to.axes.reduce((sum, axis, i) => sum + axis[k] * (own[i] ?? 0), to.origin[k]));
}

/** The forearm takes over from the upper arm over so much on both sides of the elbow. Metres. */
const ELBOW_BLEND = 0.05;

/**
 * Turns the points of a sleeve with its arm from one pose to another, each by its share: an arm that moved alone would go through its sleeve.
 * Speeds stay as they are.
 */
export function turnWithArm(
  places: Float64Array,
  shares: Float64Array,
  figures: BodyFigures,
  from: ArmPose,
  to: ArmPose,
): void {
  const [before, after] = [armOf(figures, from), armOf(figures, to)];
  const [old, next] = [framesOf(before, from), framesOf(after, to)];
  for (let i = 0; i < shares.length; i++) {
    const share = shares[i] ?? 0;
    if (share === 0) continue;
    const q = i * 3;
    const place = placeIn(places, i);
    const along = dot(minus(place, before.shoulder), before.upperWay) - before.upperLength;
    const lower = Math.min(1, Math.max(0, (along + ELBOW_BLEND) / (2 * ELBOW_BLEND)));
    const [u, l] = [carried(place, old.upper, next.upper), carried(place, old.lower, next.lower)];
    for (const k of [0, 1, 2] as const) {
      const moved = u[k] + (l[k] - u[k]) * lower;
      places[q + k] = place[k] + (moved - place[k]) * share;
    }
  }
}

/** The pose so far on the way from one to the other. */
export function poseBetween(from: ArmPose, to: ArmPose, share: number): ArmPose {
  const mix = (name: keyof ArmPose) => from[name] + (to[name] - from[name]) * share;
  return { raised: mix("raised"), forward: mix("forward"), elbow: mix("elbow") };
}
