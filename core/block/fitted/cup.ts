import type { Drawn } from "./frame";
import type { FittedBody } from "./task";

/**
 * The angle in radians that the fullness of the cup asks of a dart: the surplus lies in front, half a side, none of it at across front and all
 * of it at the bust point, `below` millimetres further down. From a trial on 2,400 bodies.
 */
export function cupAngle({ bust, upperBust }: FittedBody, below: number): number {
  return below > LEAST_BELOW_MM ? Math.max(0, bust - upperBust) / (2 * below) : 0;
}

/** A bust point nearer to across front makes no cup. */
const LEAST_BELOW_MM = 40;

/** The cup's angle on a front that was drawn with it. */
export function cupOn(body: FittedBody, { bustPoint, middle, tip, underarm }: Drawn): number {
  const level = (tip.front.y + underarm.front.y) / 2;
  return cupAngle(body, bustPoint.y - (middle.front.y + (level - middle.front.y) * ACROSS_LEVEL_SHARE));
}

/** Across front lies between its levels with the dart open at the side and turned back: so far from the first (fitted to a trial). */
const ACROSS_LEVEL_SHARE = 1 / 3;
