import { EndType, inflatePathsD, JoinType } from "clipper2-ts";
import { at } from "../../data";
import type { Point } from "../../geometry";

/** From one cell up to before another. */
export type CellRange = readonly [from: number, to: number];

/**
 * A closed outline as the cells that it touches, column by column, each column as ranges of rows. Whatever two shapes share no cell, their
 * outlines do not overlap. `origin` is where the corner of its first cell lies in the outline's own coordinates.
 */
export type Shape = {
  readonly columns: readonly (readonly CellRange[])[];
  readonly rows: number;
  readonly cells: number;
  /** The most rows that each of its columns takes in one stretch, the column with the most of all first. */
  readonly stretches: readonly { readonly column: number; readonly rows: number }[];
  readonly origin: Point;
};

/** The outline with what lies nearer to it than half of `gap`. `fold` is the level on which it lies on the fold. Millimetres. */
export function grownBy(outline: readonly Point[], gap: number, fold: number | null = null): readonly Point[] {
  const [wide = []] = inflatePathsD([[...outline]], gap / 2, JoinType.Miter, EndType.Polygon, 2, 3);
  // On a fold nothing is kept free: there the cloth ends.
  return fold === null ? wide : wide.map(({ x, y }) => ({ x, y: Math.max(fold, y) }));
}

/** The cells that an outline touches, or that lie in it. Millimetres. */
export function shapeOf(grown: readonly Point[], cell: number): Shape {
  const xs = grown.map(({ x }) => x);
  const ys = grown.map(({ y }) => y);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const across = Math.max(1, Math.ceil((Math.max(...xs) - left) / cell));
  const rows = Math.max(1, Math.ceil((Math.max(...ys) - top) / cell));
  const spans: [number, number][][] = Array.from({ length: across }, () => []);
  const middles: number[][] = Array.from({ length: across }, () => []);
  grown.forEach((to, i) => {
    const from = at(grown, i === 0 ? grown.length - 1 : i - 1);
    const [a, b] = from.x <= to.x ? [from, to] : [to, from];
    const yAt = (x: number) => (b.x === a.x ? a.y : a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x));
    const last = Math.min(across - 1, Math.floor((b.x - left) / cell));
    for (let column = Math.max(0, Math.floor((a.x - left) / cell)); column <= last; column++) {
      const [from, to] = [Math.max(a.x, left + column * cell), Math.min(b.x, left + (column + 1) * cell)];
      const [y, z] = b.x === a.x ? [a.y, b.y] : [yAt(from), yAt(to)];
      at(spans, column).push([Math.min(y, z), Math.max(y, z)]);
      const middle = left + (column + 0.5) * cell;
      if (a.x <= middle && middle < b.x) at(middles, column).push(yAt(middle));
    }
  });
  const columns = spans.map((touched, column) => {
    const crossed = at(middles, column).sort((p, q) => p - q);
    // Between every other pair of crossings the middle of the column lies inside.
    const inside = crossed.flatMap((y, i): [number, number][] => (i % 2 === 0 ? [[y, crossed[i + 1] ?? y]] : []));
    return merged(
      [...touched, ...inside].map(([y, z]) => [
        Math.floor((y - top) / cell),
        Math.min(rows, Math.floor((z - top) / cell) + 1),
      ]),
    );
  });
  return {
    columns,
    rows,
    cells: columns.reduce((sum, ranges) => sum + ranges.reduce((part, [from, to]) => part + to - from, 0), 0),
    stretches: columns
      .map((ranges, column) => ({ column, rows: Math.max(0, ...ranges.map(([from, to]) => to - from)) }))
      .sort((a, b) => b.rows - a.rows),
    origin: { x: left, y: top },
  };
}

function merged(ranges: readonly CellRange[]): readonly CellRange[] {
  const sorted = [...ranges].sort((a, b) => a[0] - b[0]);
  const joined: [number, number][] = [];
  for (const [from, to] of sorted) {
    const last = joined.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else joined.push([from, to]);
  }
  return joined;
}
