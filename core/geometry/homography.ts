import { at } from "../data";
import type { Point } from "./point";

/** A perspective mapping of the plane, as a photograph makes it: rows of a 3 × 3 matrix, the last figure 1. */
export type Homography = readonly [number, number, number, number, number, number, number, number];

export type Corners = readonly [Point, Point, Point, Point];

/**
 * The perspective that takes each of four points to its partner. Null where three of either four lie on a line: then
 * there is none, or no single one. Solved directly as eight linear equations, with pivoting.
 */
export function homographyBetween(from: Corners, to: Corners): Homography | null {
  const rows = from.flatMap((p, i) => {
    const q = at(to, i);
    return [
      [p.x, p.y, 1, 0, 0, 0, -q.x * p.x, -q.x * p.y, q.x],
      [0, 0, 0, p.x, p.y, 1, -q.y * p.x, -q.y * p.y, q.y],
    ];
  });
  const solved = solveLinear(rows);
  const row = (i: number) => at(solved ?? [], i);
  return solved && [row(0), row(1), row(2), row(3), row(4), row(5), row(6), row(7)];
}

/** Where the perspective puts a point. */
export function project([a, b, c, d, e, f, g, h]: Homography, p: Point): Point {
  const w = g * p.x + h * p.y + 1;
  return { x: (a * p.x + b * p.y + c) / w, y: (d * p.x + e * p.y + f) / w };
}

/** Smaller pivots than this share of the largest figure mean that the equations say the same twice. */
const SINGULAR_SHARE = 1e-11;

/** Gaussian elimination with row pivoting on `[matrix | right side]`; null when singular. */
function solveLinear(given: readonly (readonly number[])[]): readonly number[] | null {
  const rows = given.map((row) => [...row]);
  const size = rows.length;
  const largest = Math.max(...rows.flat().map(Math.abs));
  for (let column = 0; column < size; column++) {
    let pivot = column;
    for (let row = column + 1; row < size; row++) {
      if (Math.abs(rows[row]?.[column] ?? 0) > Math.abs(rows[pivot]?.[column] ?? 0)) pivot = row;
    }
    const top = at(rows, pivot);
    if (!(Math.abs(at(top, column)) > SINGULAR_SHARE * largest)) return null;
    rows[pivot] = at(rows, column);
    rows[column] = top;
    for (let row = 0; row < size; row++) {
      if (row === column) continue;
      const other = at(rows, row);
      const factor = at(other, column) / at(top, column);
      for (let k = column; k <= size; k++) other[k] = at(other, k) - factor * at(top, k);
    }
  }
  return rows.map((row, i) => at(row, size) / at(row, i));
}
