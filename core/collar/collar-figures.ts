import { type Figure, length, type Phrase, phrase } from "../draft";
import {
  along,
  directionTo,
  distance,
  endOf,
  fairCurve,
  insideCorner,
  offset,
  type Path,
  type Point,
  pathLength,
  subpath,
} from "../geometry";

/** A length that is measured on the finished draft. */
export function measuredFigure(id: string, label: string, value: number, formula: Phrase): Figure {
  return { id, label, value, kind: "length", formula, rule: "Measured on the draft", source: "geometry" };
}

/** How long the seam at the neck is, of the half; told from what it is put together. */
export function neckSeamFigure(value: number, formula: Phrase): Figure {
  return measuredFigure("collar.neckSeam", "Neck seam of the collar, half", value, formula);
}

/** Of a collar that runs along the whole neckline, and on along a button stand. */
export function alongNeckline({
  back,
  front,
  beyond,
}: {
  readonly back: number;
  readonly front: number;
  readonly beyond: number;
}): Phrase {
  return phrase`back neck ${length(back)} + front neck ${length(front)}${beyond > 0 ? phrase` + button stand ${length(beyond)}` : ""}`;
}

/** Of a collar that is cut in one with the front. */
export const BACK_NECK_ONLY = phrase`the back neckline; in front the collar is in one with the front`;

/** The under collar is so much smaller all along its free edges, so that the seam rolls under (from memory). Millimetres. */
export const UNDER_SMALLER_MM = 2.5;

/** A handle of this share of the radius makes a quarter of a circle, nearly. */
export const QUARTER_HANDLE = 0.5523;

/** A lapel, turned back, keeps an inch inside the armhole (common practice, no source). */
export const LEAST_CLEARANCE_MM = 25.4;

/** How far below the front neck a lapel's tip lies (common practice, no source). Millimetres. */
export const USUAL_DROP_MM = 12.7;

/** The last of an edge is drawn on into the corner that its neighbour is made smaller by too. Millimetres. */
const INTO_CORNER_MM = 6;

/**
 * The outer edge of an under collar: `UNDER_SMALLER_MM` inside the top collar's at every place, so that the seam rolls under whatever
 * way it bends, from the centre back to `tip`, which lies inside the corner. The collar lies to the right of the edge (1) or to its left (-1).
 */
export function smallerTo(outer: Path, tip: Point, turn: 1 | -1): Path {
  const whole = pathLength(outer);
  const short = Math.max(INTO_CORNER_MM, 1.5 * distance(endOf(outer), tip));
  const inside = offset(subpath(outer, 0, Math.max(whole / 2, whole - short)), () => UNDER_SMALLER_MM, turn);
  return [...inside, ...fairCurve([inside[inside.length - 1]?.[3] ?? tip, tip])];
}

/** The tip of an under collar: as far inside the outer edge as inside the edge from the top collar's tip on to `next`. */
export function tipInside(outer: Path, tip: Point, next: Point): Point {
  const whole = pathLength(outer);
  const most = Math.min(whole, distance(tip, next)) / 2;
  return insideCorner(along(outer, whole).direction, tip, directionTo(tip, next), UNDER_SMALLER_MM, most);
}

/** The same along an edge that ends in the edge of the front, where both layers meet again. */
export function smallerRunningOut(outer: Path, over: number, turn: 1 | -1): Path {
  const whole = pathLength(outer);
  return offset(outer, (share) => UNDER_SMALLER_MM * Math.min(1, ((1 - share) * whole) / over), turn);
}
