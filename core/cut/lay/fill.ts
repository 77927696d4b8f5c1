import { at } from "../../data";
import type { CellRange, Shape } from "./raster";

/** What is to be laid, as the ways in which it may lie; `row` where it has to lie at one level, as on a fold. */
export type Item = { readonly ways: readonly Shape[]; readonly row?: number };

/** An item in its turn; with `way`, only in that one of its ways. */
export type Turn = { readonly item: number; readonly way: number | null };

/** Where an item came to lie: by its number, in which of its ways, and at which cell. */
export type PlacedItem = { readonly item: number; readonly way: number; readonly column: number; readonly row: number };

export type Filled = {
  readonly laid: readonly PlacedItem[];
  readonly columns: number;
  /** How often a column was looked at: on any machine the same. */
  readonly work: number;
};

/** A strip that grows to the right: of each column the next taken row at or after a row, where that stretch ends, and its longest free stretch. */
type Strip = {
  readonly rows: number;
  readonly next: Uint16Array[];
  readonly end: Uint16Array[];
  readonly free: number[];
  work: number;
};

/**
 * Lays the items one after the other into a strip of so many rows, each where it ends furthest to the left (bottom-left fill), in the best
 * of its ways. Null where one is higher than the strip.
 */
export function fill(items: readonly Item[], order: readonly Turn[], rows: number): Filled | null {
  const strip: Strip = { rows, next: [], end: [], free: [], work: 0 };
  const laid: PlacedItem[] = [];
  let columns = 0;
  for (const { item, way: only } of order) {
    const { ways, row } = at(items, item);
    let found: (PlacedItem & { readonly last: number }) | null = null;
    for (const [way, shape] of ways.entries()) {
      if (shape.rows > rows || (only !== null && only !== way)) continue;
      const most: number = found === null ? Number.POSITIVE_INFINITY : found.last - shape.columns.length;
      const place = firstPlace(strip, shape, most, row);
      if (place) found = { item, way, ...place, last: place.column + shape.columns.length };
    }
    if (!found) return null;
    take(strip, at(ways, found.way), found.column, found.row);
    laid.push({ item, way: found.way, column: found.column, row: found.row });
    columns = Math.max(columns, found.last);
  }
  return { laid, columns, work: strip.work };
}

/** The first column, and in it the first row, at which the shape shares no cell with what lies there; none at `most` or beyond. */
function firstPlace(strip: Strip, shape: Shape, most: number, fixedRow?: number) {
  const highest = fixedRow ?? strip.rows - shape.rows;
  for (let column = 0; column < most; column++) {
    if (column >= strip.next.length) return fixedRow === undefined ? { column, row: 0 } : { column, row: fixedRow };
    if (!hasRoom(strip, shape, column)) continue;
    let row = fixedRow ?? 0;
    let blocked = 0;
    while (row <= highest) {
      blocked = blockedBy(strip, shape, column, row);
      if (blocked === 0) return { column, row };
      row += blocked;
    }
  }
  return null;
}

/** Can the shape lie at this column at all: is no stretch of it longer than the longest that is free there? */
function hasRoom(strip: Strip, { stretches }: Shape, column: number): boolean {
  const { free, rows } = strip;
  for (const [i, one] of stretches.entries())
    if ((free[column + one.column] ?? rows) < one.rows) {
      strip.work += i + 1;
      return false;
    }
  strip.work += stretches.length;
  return true;
}

/** By how many rows the shape has to move on at least; nothing where it is free. */
function blockedBy(strip: Strip, { columns }: Shape, column: number, row: number): number {
  const count = Math.min(columns.length, strip.next.length - column);
  strip.work += count;
  for (let i = 0; i < count; i++) {
    const next = at(strip.next, column + i);
    const ranges = at(columns, i);
    for (const [from, to] of ranges) {
      const taken = at2(next, row + from);
      if (taken < row + to) return at2(at(strip.end, column + i), taken) - row - from;
    }
  }
  return 0;
}

const at2 = (list: Uint16Array, index: number): number => list[index] ?? list.length;

function take(strip: Strip, { columns }: Shape, column: number, row: number): void {
  while (strip.next.length < column + columns.length) {
    strip.next.push(new Uint16Array(strip.rows + 1).fill(strip.rows));
    strip.end.push(new Uint16Array(strip.rows + 1).fill(0));
    strip.free.push(strip.rows);
  }
  columns.forEach((ranges, i) => {
    if (ranges.length > 0)
      strip.free[column + i] = takeColumn(
        at(strip.next, column + i),
        at(strip.end, column + i),
        ranges,
        row,
        strip.rows,
      );
  });
}

/** Takes rows of a column; gives the longest stretch that is free in it then. */
function takeColumn(
  next: Uint16Array,
  end: Uint16Array,
  ranges: readonly CellRange[],
  row: number,
  rows: number,
): number {
  for (const [from, to] of ranges) for (let y = row + from; y < row + to; y++) next[y] = y;
  let [nearest, last, longest] = [rows, rows, 0];
  for (let y = rows - 1; y >= 0; y--) {
    if (next[y] === y) {
      if (nearest !== y + 1) last = y + 1;
      nearest = y;
      end[y] = last;
    } else {
      next[y] = nearest;
      longest = Math.max(longest, nearest - y);
    }
  }
  return longest;
}

/** Orders to begin with: what is large first, by its cells, its longer side, its rows and its columns, in the first of its ways. */
export function largestFirst(items: readonly Item[]): readonly (readonly Turn[])[] {
  const sizes: readonly ((shape: Shape) => number)[] = [
    ({ cells }) => cells,
    ({ rows, columns }) => Math.max(rows, columns.length),
    ({ rows }) => rows,
    ({ columns }) => columns.length,
  ];
  return sizes.map((size) =>
    items
      .map(({ ways }, item) => ({ item, size: size(at(ways, 0)) }))
      .sort((a, b) => b.size - a.size)
      .map(({ item }) => ({ item, way: null })),
  );
}
