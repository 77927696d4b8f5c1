import type { LetteredPoint } from "@core/draft/index";
import { distance } from "@core/geometry/index";

/** The letters whose points lie nearer than `least` to an earlier one: they are written below their points. */
export function crowdedLetters(points: readonly LetteredPoint[], least: number): ReadonlySet<string> {
  return new Set(
    points
      .filter((point, i) => points.slice(0, i).some((earlier) => distance(earlier.at, point.at) < least))
      .map((point) => point.letter),
  );
}
