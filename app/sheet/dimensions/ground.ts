import type { Point } from "@core/geometry/index";
import type { Size } from "../view";
import type { Rect } from "./rect";

/** The side of a cell, in pixels: finer than any gap that is kept. */
const CELL_PX = 4;

/**
 * Which parts of a sheet are drawn on, by cells. Marked first, then asked any number of times: whether a rectangle is free takes four
 * look-ups.
 */
export type Ground = {
  /** Whether nothing is drawn within the rectangle; false where it reaches out of the sheet. */
  readonly isFree: (rect: Rect) => boolean;
  /** The share of a straight line that runs over something drawn, 0 to 1. */
  readonly shareOver: (from: Point, to: Point) => number;
};

type Drawn = { readonly lines: readonly (readonly Point[])[]; readonly rects: readonly Rect[] };

/** The ground of a sheet of this size, in pixels, under these lines (as points along them) and rectangles. */
export function groundOf(size: Size, { lines, rects }: Drawn): Ground {
  const columns = Math.max(1, Math.ceil(size.width / CELL_PX));
  const rows = Math.max(1, Math.ceil(size.height / CELL_PX));
  const marked = new Uint8Array(columns * rows);
  const mark = (x: number, y: number) => {
    const [column, row] = [Math.floor(x / CELL_PX), Math.floor(y / CELL_PX)];
    if (column >= 0 && column < columns && row >= 0 && row < rows) marked[row * columns + column] = 1;
  };
  for (const points of lines)
    points.forEach((to, i) => {
      const from = points[i - 1] ?? to;
      const steps = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / CELL_PX) * 2);
      for (let k = 0; k <= steps; k++)
        mark(from.x + ((to.x - from.x) * k) / steps, from.y + ((to.y - from.y) * k) / steps);
    });
  for (const { left, top, right, bottom } of rects)
    for (let y = top; y <= bottom; y += CELL_PX) for (let x = left; x <= right; x += CELL_PX) mark(x, y);
  const sums = summed(marked, columns, rows);
  return {
    isFree: ({ left, top, right, bottom }) => {
      if (left < 0 || top < 0 || right > size.width || bottom > size.height) return false;
      const [c0, r0] = [Math.floor(left / CELL_PX), Math.floor(top / CELL_PX)];
      const [c1, r1] = [
        Math.min(columns, Math.floor(right / CELL_PX) + 1),
        Math.min(rows, Math.floor(bottom / CELL_PX) + 1),
      ];
      const at = (row: number, column: number) => sums[row * (columns + 1) + column] ?? 0;
      return at(r1, c1) - at(r0, c1) - at(r1, c0) + at(r0, c0) === 0;
    },
    shareOver: (from, to) => {
      const steps = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / (2 * CELL_PX)));
      let over = 0;
      for (let k = 0; k <= steps; k++) {
        const [x, y] = [from.x + ((to.x - from.x) * k) / steps, from.y + ((to.y - from.y) * k) / steps];
        const [column, row] = [Math.floor(x / CELL_PX), Math.floor(y / CELL_PX)];
        if (column >= 0 && column < columns && row >= 0 && row < rows && marked[row * columns + column]) over++;
      }
      return over / (steps + 1);
    },
  };
}

/** How many cells are marked above and to the left of each corner. */
function summed(marked: Uint8Array, columns: number, rows: number): Int32Array {
  const sums = new Int32Array((columns + 1) * (rows + 1));
  for (let row = 0; row < rows; row++) {
    let inRow = 0;
    for (let column = 0; column < columns; column++) {
      inRow += marked[row * columns + column] ?? 0;
      sums[(row + 1) * (columns + 1) + column + 1] = (sums[row * (columns + 1) + column + 1] ?? 0) + inRow;
    }
  }
  return sums;
}
