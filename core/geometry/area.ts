import { flatten } from "./crossing";
import type { Path } from "./path";

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
