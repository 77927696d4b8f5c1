import { beside, fairCurve, type Path, type Point, pathLength, subpath } from "../geometry";
import { UNDER_SMALLER_MM } from "./collar-figures";

/** The last of an edge is drawn on into the corner that its neighbour is made smaller by too. Millimetres. */
const INTO_CORNER_MM = 6;

/**
 * The outer edge of an under collar: `UNDER_SMALLER_MM` inside the top collar's at every place, so that the seam rolls under whatever
 * way it bends, from the centre back to `tip`, which lies inside the corner. The collar lies to the right of the edge (1) or to its left (-1).
 */
export function smallerTo(outer: Path, tip: Point, turn: 1 | -1): Path {
  const whole = pathLength(outer);
  const inside = beside(subpath(outer, 0, Math.max(whole / 2, whole - INTO_CORNER_MM)), () => UNDER_SMALLER_MM, turn);
  return [...inside, ...fairCurve([inside[inside.length - 1]?.[3] ?? tip, tip])];
}

/** The same along an edge that ends in the edge of the front, where both layers meet again. */
export function smallerRunningOut(outer: Path, over: number, turn: 1 | -1): Path {
  const whole = pathLength(outer);
  return beside(outer, (share) => UNDER_SMALLER_MM * Math.min(1, ((1 - share) * whole) / over), turn);
}
