import { type ArmPose, armOf } from "./arm";
import type { Trunk } from "./body";

/** Between arm and trunk there is room for sleeve and bodice. Metres. */
const ROOM = 0.01;
/** So far down the upper arm it may touch: there it is the armpit. */
const FROM_SHARE = 0.62;
const STEP_DEGREES = 1;
/** No arm hangs further off. */
const MOST_DEGREES = 50;

/** The pose with the arm raised as far as it has to be to leave room between itself and the trunk: flesh gives way, this body does not. */
export function clearOfTrunk({ exact, figures }: Trunk, pose: ArmPose): ArmPose {
  const roomAt = (raised: number) => {
    const arm = armOf(figures, { ...pose, raised });
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i <= 12; i++) {
      const upper = FROM_SHARE + ((1 - FROM_SHARE) * i) / 12;
      const lower = i / 12;
      const onUpper = arm.shoulder.map((at, k) => at + (arm.upperWay[k] ?? 0) * arm.upperLength * upper);
      const onLower = arm.elbow.map((at, k) => at + (arm.lowerWay[k] ?? 0) * arm.lowerLength * lower);
      const upperRadius = arm.upperRadius + (arm.elbowRadius - arm.upperRadius) * upper;
      const lowerRadius = arm.elbowRadius + (arm.wristRadius - arm.elbowRadius) * lower;
      const off = ([x = 0, y = 0, z = 0]: readonly number[]) => exact(x, y, z);
      least = Math.min(least, off(onUpper) - upperRadius, off(onLower) - lowerRadius);
    }
    return least;
  };
  let { raised } = pose;
  while (raised < MOST_DEGREES && roomAt(raised) < ROOM) raised += STEP_DEGREES;
  return { ...pose, raised };
}
