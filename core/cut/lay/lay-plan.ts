import { at } from "../../data";
import { areaOf, lineCubic, type Point } from "../../geometry";
import { type Filled, fill, type Item, largestFirst, type Turn } from "./fill";
import { type ClothOnTable, inWay, type LayPiece, type LayWay } from "./lay-pieces";
import { grownBy, shapeOf } from "./raster";

/** Where a piece lies on the cloth: its outline in the way it lies, moved by so much. The length of the cloth runs along x, its fold along y = 0. */
export type LaidPiece = {
  readonly id: string;
  readonly way: LayWay;
  readonly x: number;
  readonly y: number;
};

export type LayPlan = {
  readonly laid: readonly LaidPiece[];
  /** Of the cloth that is used, in millimetres. */
  readonly length: number;
  /** Pieces that are wider than the cloth: none of them is laid. */
  readonly tooWide: readonly string[];
};

/** Cells of this size: finer gains a little cloth, and takes its time. */
const CELL_MM = 4;
/** Kept between two cutting lines. */
const GAP_MM = 1;

/**
 * Plans ever better: the first at once, by the usual orders (large first; what lies on the fold first), then by trying other orders, from
 * which it goes on by simulated annealing. The same seed gives the same plans, however long each takes. It ends after so much work (`Filled`),
 * where that is given.
 */
export function* layPlans(
  pieces: readonly LayPiece[],
  table: ClothOnTable,
  seed: number,
  mostWork = Number.POSITIVE_INFINITY,
): Generator<LayPlan | null> {
  const across = table.isFolded ? table.width / 2 : table.width;
  const rows = Math.floor(across / CELL_MM);
  const all = pieces.map((piece) => {
    const grown = { outline: grownBy(piece.outline, GAP_MM, piece.isOnFold ? 0 : null) };
    const ways = piece.ways.map((way) => shapeOf(inWay(grown, way), CELL_MM));
    return { piece, item: { ways, ...(piece.isOnFold ? { row: 0 } : {}) } satisfies Item };
  });
  const fits = all.filter(({ item }) => item.ways.some((shape) => shape.rows <= rows));
  const tooWide = all.filter((one) => !fits.includes(one)).map(({ piece }) => piece.id);
  const items = fits.map(({ item }) => item);
  const planOf = (filled: Filled): LayPlan =>
    planFrom(
      fits.map(({ piece }) => piece),
      items,
      filled,
      tooWide,
    );
  if (items.length === 0) {
    yield { laid: [], length: 0, tooWide };
    return;
  }
  let best: Filled | null = null;
  let order: readonly Turn[] = [];
  let work = 0;
  for (const one of firstOrders(items)) {
    if (best && work > mostWork) return;
    const filled = fill(items, one, rows);
    work += filled?.work ?? 0;
    if (!filled || (best && cost(filled) >= cost(best))) continue;
    best = filled;
    order = one;
    yield planOf(filled);
  }
  if (!best || items.length < 2) return;
  const random = randomFrom(seed);
  let [now, nowCost] = [order, cost(best)];
  for (let i = 0; work <= mostWork; i++) {
    // Warmed up again every so often, from the best there is: another way out of a dead end.
    if (i % ROUND === 0) [now, nowCost] = [order, cost(best)];
    const heat = HOTTEST * nowCost * COOLING ** (i % ROUND);
    const tried = changed(now, items, random);
    const filled = fill(items, tried, rows);
    work += filled?.work ?? 0;
    const triedCost = filled ? cost(filled) : Number.POSITIVE_INFINITY;
    if (triedCost <= nowCost || random() < Math.exp((nowCost - triedCost) / Math.max(heat, 1e-9))) {
      now = tried;
      nowCost = triedCost;
    }
    if (filled && triedCost < cost(best)) {
      best = filled;
      order = tried;
      yield planOf(filled);
    } else yield null;
  }
}

/** A worse order is kept for a while with this heat, a share of the length, that cools by so much at each try. Chosen by trials on the starting points. */
const HOTTEST = 0.02;
const COOLING = 0.99;
const ROUND = 300;

/** The length, and a little for what lies far to the right: of two plans as long as each other the one with more room at its end. */
function cost({ columns, laid }: Filled): number {
  const right = laid.reduce((sum, { column }) => sum + column, 0) / laid.length;
  return columns + right * 0.01;
}

function planFrom(
  pieces: readonly LayPiece[],
  items: readonly Item[],
  { laid }: Filled,
  tooWide: readonly string[],
): LayPlan {
  const placed = laid.map(({ item, way, column, row }): LaidPiece => {
    const piece = at(pieces, item);
    const { origin } = at(at(items, item).ways, way);
    return {
      id: piece.id,
      way: at(piece.ways, way),
      x: column * CELL_MM - origin.x,
      y: piece.isOnFold ? 0 : row * CELL_MM - origin.y,
    };
  });
  return { laid: placed, length: lengthOf(pieces, placed), tooWide };
}

/** How far the furthest piece reaches. */
export function lengthOf(pieces: readonly LayPiece[], laid: readonly LaidPiece[]): number {
  return laid.reduce((most, one) => Math.max(most, ...outlineOnCloth(pieces, one).map(({ x }) => x)), 0);
}

/** The outline of a laid piece on the cloth. */
export function outlineOnCloth(pieces: readonly LayPiece[], { id, way, x, y }: LaidPiece): readonly Point[] {
  const piece = pieces.find((one) => one.id === id);
  return piece ? inWay(piece, way).map((p) => ({ x: p.x + x, y: p.y + y })) : [];
}

/** The share of the cloth that the pieces take. */
export function shareUsed(
  pieces: readonly LayPiece[],
  { laid, length }: LayPlan,
  { width, isFolded }: ClothOnTable,
): number {
  const area = laid.reduce((sum, one) => {
    const points = outlineOnCloth(pieces, one);
    return sum + areaOf(points.map((p, i) => lineCubic(p, at(points, (i + 1) % points.length))));
  }, 0);
  return length > 0 ? area / (length * (isFolded ? width / 2 : width)) : 0;
}

/** Large first, and what lies on the fold before all else. */
function firstOrders(items: readonly Item[]): readonly (readonly Turn[])[] {
  const orders = largestFirst(items);
  const isOnFold = ({ item }: Turn) => at(items, item).row !== undefined;
  return [...orders.map((order) => [...order.filter(isOnFold), ...order.filter((one) => !isOnFold(one))]), ...orders];
}

/** How often each kind of change is tried. Chosen by trials on the starting points. */
const HELD_SHARE = 0.2;
const EXCHANGED_SHARE = 0.6;

/** Two items exchanged, one taken out and put in elsewhere, or one held to one of its ways, or let go again. */
function changed(order: readonly Turn[], items: readonly Item[], random: () => number): readonly Turn[] {
  const next = [...order];
  const [i, k] = [Math.floor(random() * next.length), Math.floor(random() * next.length)];
  const kind = random();
  if (kind < HELD_SHARE) {
    const { item, way } = at(order, i);
    next[i] = { item, way: way === null ? Math.floor(random() * at(items, item).ways.length) : null };
  } else if (kind < EXCHANGED_SHARE) [next[i], next[k]] = [at(order, k), at(order, i)];
  else next.splice(k, 0, ...next.splice(i, 1));
  return next;
}

/** Numbers from 0 up to 1 that look random and are the same for the same seed (mulberry32, public domain). */
function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
