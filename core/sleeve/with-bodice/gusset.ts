import { along, distance, type Point, pathLength } from "../../geometry";
import type { KimonoHalf } from "./kimono-half";

/** A diamond let into the underarm, so that the arm can be raised. Millimetres. */
export type Gusset = {
  /** How long the slash is into each half; every side of the diamond. */
  readonly slash: number;
  /** What the slash opens by when the arm is raised: the diamond's width from bodice to sleeve. */
  readonly width: number;
  /** The diamond from front to back. */
  readonly length: number;
};

/** A diamond is no wider than this share of both its sides together, or it is hardly longer than nothing. Our own limit. */
const WIDEST_SHARE = 0.8;

/**
 * Raised to the level, the sleeve turns about the shoulder tip by its angle, and its underarm moves away from the bodice's by that
 * angle's chord: so much has to be let in (geometry). A slash too short for it is lengthened.
 */
export function gussetFor(front: KimonoHalf, back: KimonoHalf, asked: number): Gusset {
  const lifts = [front, back].map(
    ({ tip, corner, angle }) => 2 * distance(tip, corner) * Math.sin(Math.max(0, angle) / 2),
  );
  const width = Math.max(...lifts);
  const slash = Math.max(asked, width / 2 / WIDEST_SHARE);
  return { slash, width, length: 2 * Math.sqrt(slash * slash - (width * width) / 4) };
}

/** From the middle of the underarm curve towards the shoulder tip. */
export function slashOf({ curve, tip }: KimonoHalf, { slash }: Gusset): { readonly from: Point; readonly to: Point } {
  const from = along(curve, pathLength(curve) / 2).point;
  const whole = distance(from, tip);
  return {
    from,
    to: { x: from.x + ((tip.x - from.x) * slash) / whole, y: from.y + ((tip.y - from.y) * slash) / whole },
  };
}
