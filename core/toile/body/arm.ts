import { along, type Place } from "../place";
import type { BodyFigures } from "./figure";
import type { RoundCone } from "./round-cone";

/** How the arm is held, in degrees: raised to the side from hanging straight down, swung forward, and the elbow bent. */
export type ArmPose = { readonly raised: number; readonly forward: number; readonly elbow: number };

/** An arm that hangs by itself: a little off the body, a little forward, the elbow a little bent (from memory). */
export const HANGING: ArmPose = { raised: 13, forward: 4, elbow: 16 };
/** How a sleeve is sewn in: straight, and well away from the body. */
export const HELD_OUT: ArmPose = { raised: 50, forward: 0, elbow: 0 };

export type Arm = {
  readonly shoulder: Place;
  readonly elbow: Place;
  readonly wrist: Place;
  /** Out along the upper arm and the forearm. */
  readonly upperWay: Place;
  readonly lowerWay: Place;
  readonly upperRadius: number;
  readonly elbowRadius: number;
  readonly wristRadius: number;
  readonly upperLength: number;
  readonly lowerLength: number;
};

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** The arm of a figure in a pose. Metres, y up. */
export function armOf({ arm, tip, shape }: BodyFigures, { raised, forward, elbow }: ArmPose): Arm {
  const upperRadius = arm.upper / 2000 / Math.PI;
  const [elbowRadius, wristRadius] = [arm.elbow / 2000 / Math.PI, arm.wrist / 2000 / Math.PI];
  const shoulder: Place = [
    tip.x / 1000 - 0.4 * upperRadius,
    -tip.y / 1000 - 0.98 * upperRadius,
    (shape.stoop + shape.tipForward) / 1000,
  ];
  const [out, swing, bend] = [radians(raised), radians(forward), radians(elbow)];
  const upperWay: Place = [Math.sin(out), -Math.cos(out) * Math.cos(swing), Math.cos(out) * Math.sin(swing)];
  // The forearm bends forward, square to the upper arm.
  const ahead: Place = [0, Math.sin(swing), Math.cos(swing)];
  const mix = (k: 0 | 1 | 2) => upperWay[k] * Math.cos(bend) + ahead[k] * Math.sin(bend);
  const lowerWay: Place = [mix(0), mix(1), mix(2)];
  const upperLength = Math.max(0.1, arm.toElbow / 1000 - 0.98 * upperRadius);
  const lowerLength = Math.max(0.08, (arm.length - arm.toElbow) / 1000);
  const at = along(shoulder, upperWay, upperLength);
  return {
    shoulder,
    elbow: at,
    wrist: along(at, lowerWay, lowerLength),
    upperWay,
    lowerWay,
    upperRadius,
    elbowRadius,
    wristRadius,
    upperLength,
    lowerLength,
  };
}

/** The hand is a mitten of so much beyond the wrist: a sleeve has to end somewhere on it. */
export const HAND = 0.11;

/** The solids of an arm: upper arm as thick as it was measured down to where it was, forearm, hand. */
export function conesOf(arm: Arm): readonly RoundCone[] {
  const middle = along(arm.shoulder, arm.upperWay, arm.upperLength * 0.45);
  return [
    { from: arm.shoulder, to: middle, fromRadius: arm.upperRadius, toRadius: arm.upperRadius },
    { from: middle, to: arm.elbow, fromRadius: arm.upperRadius, toRadius: arm.elbowRadius },
    { from: arm.elbow, to: arm.wrist, fromRadius: arm.elbowRadius, toRadius: arm.wristRadius },
    {
      from: arm.wrist,
      to: along(arm.wrist, arm.lowerWay, HAND),
      fromRadius: arm.wristRadius,
      toRadius: arm.wristRadius * 0.8,
    },
  ];
}
