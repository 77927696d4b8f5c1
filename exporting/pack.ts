import { fill, type Item, shapeOf, type Turn } from "@core/cut/index";
import { at } from "@core/data/index";
import { flatten, type Point } from "@core/geometry/index";
import { type Packable, type Packed, type Packing, sideBySide } from "./layout";
import { OVERLAP_MM } from "./tiling";

/** Between one piece and the next there is room for a pair of scissors; nothing lies nearer to the edge of the paper. */
const GAP_MM = 6;
const CELL_MM = 6;
const TURNS = [0, 90, 180, 270] as const;
/** Strips of so many sheets are tried; beyond that a table is too small. */
const MOST_ROWS = 6;

type Sheet = { readonly width: number; readonly height: number };

/**
 * The pieces packed by their true outlines on sheets of this printable size, turned as it saves paper: the way that needs the fewest sheets
 * with anything on them. On paper the grain need not lie any way.
 */
export function packedOnSheets(pieces: readonly Packable[], sheet: Sheet): Packing {
  const outlines = pieces.map(({ outline }) => flatten(outline));
  const ways = outlines.map((points) => TURNS.map((turn) => turned(points, turn)));
  const items: readonly Item[] = ways.map((of) => ({ ways: of.map((points) => shapeOf(points, CELL_MM, GAP_MM)) }));
  const orders = usualOrders(items);
  let best: { readonly sheets: number; readonly size: number; readonly packing: Packing } | null = null;
  for (const { isLandscape, of, count } of stripsOf(sheet)) {
    // The strip grows to the right, over so many sheets down.
    const tall = count * (of.height - OVERLAP_MM) + OVERLAP_MM;
    for (const order of orders) {
      const filled = fill(items, order, Math.floor(tall / CELL_MM));
      if (!filled) continue;
      const placed = filled.laid.map(({ item, way, column, row }): Packed => {
        const { origin } = at(at(items, item).ways, way);
        const x = column * CELL_MM - origin.x;
        const y = row * CELL_MM - origin.y;
        return { id: at(pieces, item).id, x, y, turn: at(TURNS, way) };
      });
      const lines = filled.laid.map(({ item, way }, i) => {
        const { x, y } = at(placed, i);
        return at(at(ways, item), way).map((p) => ({ x: p.x + x, y: p.y + y }));
      });
      const width = Math.max(...lines.flat().map(({ x }) => x)) + GAP_MM / 2;
      const height = Math.max(...lines.flat().map(({ y }) => y)) + GAP_MM / 2;
      const sheets = sheetsWithLines(lines, of);
      if (!best || sheets < best.sheets || (sheets === best.sheets && width * height < best.size))
        best = { sheets, size: width * height, packing: { width, height, placed, isLandscape } };
    }
  }
  // Pieces that are higher than any strip lie side by side, on as many sheets as it takes.
  return best?.packing ?? sideBySide(pieces, { border: GAP_MM, between: GAP_MM });
}

/** Both ways of the paper, each some sheets high. */
function stripsOf(sheet: Sheet) {
  return [false, true].flatMap((isLandscape) =>
    Array.from({ length: MOST_ROWS }, (_, i) => ({
      isLandscape,
      of: isLandscape ? across(sheet) : sheet,
      count: i + 1,
    })),
  );
}

const across = ({ width, height }: Sheet): Sheet => ({ width: height, height: width });

/** How many sheets have a part of an outline on them, the strips that are glued over each other among it. */
function sheetsWithLines(lines: readonly (readonly Point[])[], sheet: Sheet): number {
  const used = new Set<string>();
  for (const line of lines) for (const name of sheetsOf(line, sheet)) used.add(name);
  return used.size;
}

/** The sheets, by their column and row, that a closed line touches. */
export function sheetsOf(line: readonly Point[], { width, height }: Sheet): ReadonlySet<string> {
  const [stepX, stepY] = [width - OVERLAP_MM, height - OVERLAP_MM];
  const used = new Set<string>();
  line.forEach((to, i) => {
    const from = at(line, i === 0 ? line.length - 1 : i - 1);
    const parts = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / 4));
    for (let k = 1; k <= parts; k++) {
      const p = { x: from.x + ((to.x - from.x) * k) / parts, y: from.y + ((to.y - from.y) * k) / parts };
      for (const column of sheetsAt(p.x, stepX, width))
        for (const row of sheetsAt(p.y, stepY, height)) used.add(`${column} ${row}`);
    }
  });
  return used;
}

/** What lies on the strip that is glued over is drawn on both sheets; it is needed on the later one only where it goes on there. */
function sheetsAt(value: number, step: number, size: number): readonly number[] {
  const last = Math.max(0, Math.floor(value / step));
  return last > 0 && value - last * step < OVERLAP_MM && value <= (last - 1) * step + size ? [last - 1] : [last];
}

function turned(points: readonly Point[], turn: number): readonly Point[] {
  const [cos, sin] = [Math.round(Math.cos((turn * Math.PI) / 180)), Math.round(Math.sin((turn * Math.PI) / 180))];
  return points.map(({ x, y }) => ({ x: x * cos - y * sin, y: x * sin + y * cos }));
}

/** By area, by height and by length: what is large first. */
function usualOrders(items: readonly Item[]): readonly (readonly Turn[])[] {
  const numbers = items.map((_, i) => i);
  const by = (size: (item: Item) => number) =>
    [...numbers].sort((a, b) => size(at(items, b)) - size(at(items, a))).map((item): Turn => ({ item, way: null }));
  const first = ({ ways }: Item) => at(ways, 0);
  return [
    by((item) => first(item).cells),
    by((item) => Math.max(first(item).rows, first(item).columns.length)),
    by((item) => first(item).rows),
    by((item) => first(item).columns.length),
  ];
}

/** The pieces packed on a roll of this width, as short as the usual orders make it. The length runs to the right. */
export function packedOnRoll(pieces: readonly Packable[], width: number): Packing | null {
  const ways = pieces.map(({ outline }) => TURNS.map((turn) => turned(flatten(outline), turn)));
  const items: readonly Item[] = ways.map((of) => ({ ways: of.map((points) => shapeOf(points, CELL_MM, GAP_MM)) }));
  const filled = usualOrders(items)
    .flatMap((order) => fill(items, order, Math.floor(width / CELL_MM)) ?? [])
    .sort((a, b) => a.columns - b.columns)[0];
  if (!filled) return null;
  const placed = filled.laid.map(({ item, way, column, row }): Packed => {
    const { origin } = at(at(items, item).ways, way);
    return {
      id: at(pieces, item).id,
      x: column * CELL_MM - origin.x,
      y: row * CELL_MM - origin.y,
      turn: at(TURNS, way),
    };
  });
  return { width: filled.columns * CELL_MM, height: width, placed, isLandscape: false };
}
