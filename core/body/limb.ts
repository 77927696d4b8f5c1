import type { SleeveBody } from "./estimates";

type ArmBody = Pick<SleeveBody, "upperArm" | "elbow" | "wrist" | "shoulderToElbow" | "armLength">;

/** The girth of the arm so far below the shoulder point, between what was measured above and below it; up to `capHeight` it is the upper arm's. */
export function limbAt(level: number, capHeight: number, body: ArmBody): number {
  const { upperArm, elbow, wrist, shoulderToElbow, armLength } = body;
  const between = (from: number, to: number, top: number, bottom: number) =>
    from + (to - from) * Math.min(1, Math.max(0, (level - top) / (bottom - top)));
  return level < shoulderToElbow
    ? between(upperArm, elbow, capHeight, shoulderToElbow)
    : between(elbow, wrist, shoulderToElbow, armLength);
}
