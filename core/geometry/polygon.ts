import { at } from "../data";
import { flatten } from "./crossing";
import type { Path } from "./path";
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

/** What a closed outline holds, in square millimetres, whichever way it runs. */
export function areaOf(outline: Path): number {
  const points = flatten(outline);
  return Math.abs(
    points.reduce((sum, p, i) => {
      const q = points[(i + 1) % points.length] ?? p;
      return sum + (p.x * q.y - q.x * p.y) / 2;
    }, 0),
  );
}
