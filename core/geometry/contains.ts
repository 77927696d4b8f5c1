import { at } from "../data";
import type { Point } from "./point";

/** Does a closed outline, given by its corners, hold the point? Even-odd rule: does a ray to the right cross the outline an odd number of times? */
export function contains(corners: readonly Point[], p: Point): boolean {
  return (
    corners.filter((to, i) => {
      const from = at(corners, i === 0 ? corners.length - 1 : i - 1);
      if (from.y > p.y === to.y > p.y) return false;
      return p.x < from.x + ((to.x - from.x) * (p.y - from.y)) / (to.y - from.y);
    }).length %
      2 ===
    1
  );
}
