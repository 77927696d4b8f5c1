import { type Filled, fill, grownBy, type Item, largestFirst, shapeOf } from "@core/cut/index";
import { at } from "@core/data/index";
import { flatten, type Point } from "@core/geometry/index";
import { type Packable, type Packed, type Packing, sideBySide } from "./layout";
import { OVERLAP_MM } from "./tiling";

/** Between one piece and the next there is room for a pair of scissors; nothing lies nearer to the edge of the paper. */
const GAP_MM = 6;
const CELL_MM = 8;
/** Chords of one curve of an outline: they leave it by less than the gap. */
const CHORDS = 6;
/** A few pieces are tried every way round, many by quarters. */
const FEW = 3;
const turnsFor = (count: number): readonly number[] =>
  count <= FEW ? Array.from({ length: 24 }, (_, i) => i * 15) : QUARTER_TURNS;
const QUARTER_TURNS = [0, 90, 180, 270] as const;
/** Strips of so many sheets are tried; beyond that a table is too small. */
const MOST_ROWS = 6;

type Sheet = { readonly width: number; readonly height: number };

/**
 * The pieces packed by their true outlines on sheets of this printable size, turned as it saves paper: the way that needs the fewest sheets
 * with anything on them. On paper the grain need not lie any way.
 */
export function packedOnSheets(pieces: readonly Packable[], sheet: Sheet): Packing {
  const turns = turnsFor(pieces.length);
  const { ways, items } = laidOut(pieces, turns);
  const orders = largestFirst(items);
  const found = stripsOf(sheet).flatMap(({ isLandscape, of, count }): readonly Candidate[] => {
    // The strip grows to the right, over so many sheets down.
    const tall = count * (of.height - OVERLAP_MM) + OVERLAP_MM;
    return orders.flatMap((order) => {
      const filled = fill(items, order, Math.floor(tall / CELL_MM));
      if (!filled) return [];
      const placed = placedFrom(pieces, items, turns, filled);
      const lines = filled.laid.map(({ item, way }, k) => moved(at(at(ways, item), way), at(placed, k)));
      return [{ sheets: sheetsWithLines(lines, of), size: sizeOf(lines), placed, lines, of, isLandscape }];
    });
  });
  const [best] = found.sort(fewerSheets).slice(0, MOST_SHIFTED).map(shiftedBest).sort(fewerSheets);
  // Pieces that are higher than any strip lie side by side, on as many sheets as it takes.
  if (!best) return sideBySide(pieces, { border: GAP_MM, between: GAP_MM });
  const { placed, size, isLandscape } = best;
  return { width: size.width, height: size.height, placed, isLandscape };
}

type Candidate = {
  readonly sheets: number;
  readonly size: Sheet;
  readonly placed: readonly Packed[];
  readonly lines: readonly (readonly Point[])[];
  readonly of: Sheet;
  readonly isLandscape: boolean;
};

const fewerSheets = (a: Candidate, b: Candidate) =>
  a.sheets - b.sheets || a.size.width * a.size.height - b.size.width * b.size.height;

/** Of so many of the best packings it is tried whether they need fewer sheets lying elsewhere on them. */
const MOST_SHIFTED = 2;
const SHIFT_MM = 16;

/** The packing moved as a whole to where the fewest sheets have a part of it: an edge that just reaches over costs a sheet. */
function shiftedBest(candidate: Candidate): Candidate {
  const { lines, of, placed } = candidate;
  const steps = (size: number) =>
    Array.from({ length: Math.ceil((size - OVERLAP_MM) / SHIFT_MM) }, (_, i) => i * SHIFT_MM);
  const points = lines.flatMap(places);
  let best: { readonly sheets: number; readonly by: Point } = { sheets: candidate.sheets, by: { x: 0, y: 0 } };
  for (const x of steps(of.width))
    for (const y of steps(of.height)) {
      const sheets = countSheets(points, { x, y }, of);
      if (sheets < best.sheets) best = { sheets, by: { x, y } };
    }
  const { sheets, by } = best;
  const there = lines.map((line) => moved(line, by));
  const size = sizeOf(there);
  return {
    ...candidate,
    sheets,
    size,
    lines: there,
    placed: placed.map((one) => ({ ...one, x: one.x + by.x, y: one.y + by.y })),
  };
}

const moved = (points: readonly Point[], by: Point): readonly Point[] =>
  points.map((p) => ({ x: p.x + by.x, y: p.y + by.y }));

function sizeOf(lines: readonly (readonly Point[])[]): Sheet {
  const all = lines.flat();
  const most = (of: (p: Point) => number) => all.reduce((max, p) => Math.max(max, of(p)), 0) + GAP_MM / 2;
  return { width: most(({ x }) => x), height: most(({ y }) => y) };
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
  return countSheets(lines.flatMap(places), { x: 0, y: 0 }, sheet);
}

/** Places along a closed line, none further than `APART_MM` from the next. */
function places(line: readonly Point[]): readonly Point[] {
  return line.flatMap((to, i) => {
    const from = at(line, i === 0 ? line.length - 1 : i - 1);
    const parts = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / APART_MM));
    return Array.from({ length: parts }, (_, k) => ({
      x: from.x + ((to.x - from.x) * (k + 1)) / parts,
      y: from.y + ((to.y - from.y) * (k + 1)) / parts,
    }));
  });
}

const APART_MM = 4;
/** More columns of sheets than any table has. */
const COLUMNS = 4096;

function countSheets(points: readonly Point[], by: Point, { width, height }: Sheet): number {
  const used = new Set<number>();
  for (const { x, y } of points)
    for (const column of sheetsAt(x + by.x, width - OVERLAP_MM, width))
      for (const row of sheetsAt(y + by.y, height - OVERLAP_MM, height)) used.add(row * COLUMNS + column);
  return used.size;
}

/** The sheets, by their column and row, that a closed line touches. */
export function sheetsOf(line: readonly Point[], { width, height }: Sheet): ReadonlySet<string> {
  const used = new Set<string>();
  for (const { x, y } of places(line))
    for (const column of sheetsAt(x, width - OVERLAP_MM, width))
      for (const row of sheetsAt(y, height - OVERLAP_MM, height)) used.add(`${column} ${row}`);
  return used;
}

/** What lies on the strip that is glued over is drawn on both sheets; it is needed on the later one only where it goes on there. */
function sheetsAt(value: number, step: number, size: number): readonly number[] {
  const last = Math.max(0, Math.floor(value / step));
  return last > 0 && value - last * step < OVERLAP_MM && value <= (last - 1) * step + size ? [last - 1] : [last];
}

function turned(points: readonly Point[], turn: number): readonly Point[] {
  const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
  return points.map(({ x, y }) => ({ x: x * cos - y * sin, y: x * sin + y * cos }));
}

/** The pieces packed on a roll of this width, as short as the usual orders make it. The length runs to the right. */
export function packedOnRoll(pieces: readonly Packable[], width: number): Packing | null {
  const { items } = laidOut(pieces, QUARTER_TURNS);
  const filled = largestFirst(items)
    .flatMap((order) => fill(items, order, Math.floor(width / CELL_MM)) ?? [])
    .sort((a, b) => a.columns - b.columns)[0];
  if (!filled) return null;
  const placed = placedFrom(pieces, items, QUARTER_TURNS, filled);
  return { width: filled.columns * CELL_MM, height: width, placed, isLandscape: false };
}

/** The outlines of the pieces in each of these turns, and the cells that they take. */
function laidOut(pieces: readonly Packable[], turns: readonly number[]) {
  const ways = pieces.map(({ outline }) => turns.map((turn) => turned(flatten(outline, CHORDS), turn)));
  const items: readonly Item[] = ways.map((of) => ({
    ways: of.map((points) => shapeOf(grownBy(points, GAP_MM), CELL_MM)),
  }));
  return { ways, items };
}

function placedFrom(
  pieces: readonly Packable[],
  items: readonly Item[],
  turns: readonly number[],
  { laid }: Filled,
): readonly Packed[] {
  return laid.map(({ item, way, column, row }) => {
    const { origin } = at(at(items, item).ways, way);
    const [x, y] = [column * CELL_MM - origin.x, row * CELL_MM - origin.y];
    return { id: at(pieces, item).id, x, y, turn: at(turns, way) };
  });
}
