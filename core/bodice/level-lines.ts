import { flatten, line, type Path } from "../geometry";
import type { NamedLine } from "../pattern";

/** A level of the body, by what it is called on the piece. */
export type NamedLevel = { readonly name: string; readonly y: number };

/** Less of a line is a dot in a corner. */
const LEAST_MM = 15;

/** The levels that cross a piece, each as far as it lies inside the outline. */
export function levelLines(outline: Path, levels: readonly NamedLevel[]): readonly NamedLine[] {
  const corners = flatten(outline);
  return levels.flatMap(({ name, y }) => {
    const crossings = corners
      .flatMap((to, i) => {
        const from = corners[i === 0 ? corners.length - 1 : i - 1] ?? to;
        if (from.y > y === to.y > y) return [];
        return [from.x + ((to.x - from.x) * (y - from.y)) / (to.y - from.y)];
      })
      .sort((a, b) => a - b);
    const runs = Array.from({ length: Math.floor(crossings.length / 2) }, (_, i) => ({
      left: crossings[2 * i] ?? 0,
      right: crossings[2 * i + 1] ?? 0,
    }));
    return runs
      .filter(({ left, right }) => right - left > LEAST_MM)
      .map(({ left, right }) => ({ name, path: line({ x: left, y }, { x: right, y }) }));
  });
}
