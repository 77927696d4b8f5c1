import { at } from "../../data";
import { directionTo, flatten, type Path, type Point, rotateDirection } from "../../geometry";
import type { CutPiece } from "../cut-garment";

/** The cloths of a garment that are laid and bought each by itself. */
export type LayCloth = "outer" | "lining" | "interfacing";

/** How the cloth lies on the table. Millimetres; `shrinkage` is the share by which it gets shorter when it is washed before. */
export type ClothOnTable = {
  readonly width: number;
  readonly isFolded: boolean;
  /** With a nap or a pattern that runs one way: every piece with its top the same way. */
  readonly isOneWay: boolean;
  readonly shrinkage: number;
};

/** A way in which a piece may lie: turned upside down, seen from its other side. */
export type LayWay = { readonly isTurned: boolean; readonly isFlipped: boolean };

/** A piece as it is laid once: its outline with the grain along x, on folded cloth cut through both layers. Millimetres. */
export type LayPiece = {
  readonly id: string;
  /** The piece of the garment, and which of its copies: 1, 2 … */
  readonly piece: string;
  readonly name: string;
  readonly copy: number;
  readonly outline: readonly Point[];
  /** It lies with its edge at y = 0 on the fold of the cloth. */
  readonly isOnFold: boolean;
  readonly ways: readonly LayWay[];
};

/** What has to be laid of one cloth of the garment. Interfacing is cut on the stitching line, so that no seam gets thicker by it. */
export function layPieces(pieces: readonly CutPiece[], cloth: LayCloth, table: ClothOnTable): readonly LayPiece[] {
  return pieces.flatMap((one) => layOf(one, cloth, table));
}

function layOf(one: CutPiece, cloth: LayCloth, { isFolded, isOneWay }: ClothOnTable): readonly LayPiece[] {
  const { piece } = one;
  const { cut } = piece;
  const isPair = cut.mirrored && cut.count === 2;
  const count = cloth !== "interfacing" ? cut.count : isPair && cut.interfacing > 0 ? 2 : cut.interfacing;
  if (count === 0) return [];
  const path = cloth !== "interfacing" ? (one.cutting ?? piece.outline) : piece.outline;
  const half = onGrain(flatten(path, CHORDS), piece.grain);
  const fold = cut.onFold ? foldOnGrain(one) : null;
  const turns = isOneWay ? [false] : [false, true];
  const made = (copy: number, outline: readonly Point[], isOnFold: boolean, flips: readonly boolean[]): LayPiece => ({
    id: `${piece.id} ${copy}`,
    piece: piece.id,
    name: piece.name,
    copy,
    outline: withoutIdlePoints(outline),
    isOnFold,
    // On the fold a piece keeps its edge there: turned, it is flipped with it.
    ways: isOnFold
      ? turns.map((isTurned) => ({ isTurned, isFlipped: isTurned }))
      : turns.flatMap((isTurned) => flips.map((isFlipped) => ({ isTurned, isFlipped }))),
  });
  const copies = (many: number) => Array.from({ length: many }, (_, i) => i + 1);
  if (fold && isFolded && fold.isLevel)
    return copies(count).map((copy) => made(copy, besideFold(half, fold.at), true, []));
  const whole = fold ? unfolded(half, fold) : half;
  if (!isFolded) {
    return copies(count).map((copy) => made(copy, isPair && copy % 2 === 0 ? flipped(whole) : whole, false, [false]));
  }
  // Both layers are cut at once: two that mirror each other, or any two of a piece that is its own mirror image.
  if (isPair || (count > 1 && isSymmetric(whole)))
    return copies(Math.ceil(count / 2)).map((copy) => made(copy, whole, false, [false, true]));
  return copies(count).map((copy) => made(copy, whole, false, [false]));
}

/** The outline without the points at which it does not turn. */
function withoutIdlePoints(points: readonly Point[]): readonly Point[] {
  const kept: Point[] = [];
  points.forEach((p, i) => {
    const before = kept.at(-1) ?? at(points, points.length - 1);
    const after = at(points, (i + 1) % points.length);
    const [ax, ay, bx, by] = [p.x - before.x, p.y - before.y, after.x - p.x, after.y - p.y];
    const isOnTheWay = ax * bx + ay * by > 0 && Math.abs(ax * by - ay * bx) < IDLE_MM * Math.hypot(ax, ay);
    if (!isOnTheWay) kept.push(p);
  });
  return kept.length > 2 ? kept : points;
}

const IDLE_MM = 1e-3;

/** Chords of one curve of an outline on the table. */
const CHORDS = 12;

/** The outline turned so that down along the grain is to the right. */
function onGrain(points: readonly Point[], grain: { readonly from: Point; readonly to: Point }): readonly Point[] {
  const down = directionTo(grain.from, grain.to);
  const turn = -Math.atan2(down.y, down.x);
  return points.map((p) => rotateDirection(p, turn));
}

function foldOnGrain({ piece, allowances }: CutPiece) {
  const fold = allowances.find(({ role }) => role === "fold");
  if (!fold) return null;
  const [a, b] = onGrain(endsOf(fold.edge.path), piece.grain);
  if (!a || !b) return null;
  return { at: a, way: directionTo(a, b), isLevel: Math.abs(b.y - a.y) < LEVEL_MM };
}

const LEVEL_MM = 0.5;
const endsOf = (path: Path): readonly Point[] => [at(path, 0)[0], at(path, path.length - 1)[3]];

/** The half beside the fold, its fold at y = 0 and itself below. */
function besideFold(half: readonly Point[], fold: Point): readonly Point[] {
  const isBelow = half.reduce((sum, p) => sum + p.y - fold.y, 0) > 0;
  return half.map((p) => ({ x: p.x, y: isBelow ? p.y - fold.y : fold.y - p.y }));
}

/** The whole piece of a half: the half and its mirror image across the fold. */
function unfolded(half: readonly Point[], fold: { readonly at: Point; readonly way: Point }): readonly Point[] {
  const { at: a, way } = fold;
  const off = (p: Point) => (p.x - a.x) * -way.y + (p.y - a.y) * way.x;
  const mirror = (p: Point): Point => ({ x: p.x + 2 * off(p) * way.y, y: p.y - 2 * off(p) * way.x });
  const onFold = half.map((p) => Math.abs(off(p)) < ON_FOLD_MM);
  // From where the outline leaves the fold round to where it comes back.
  const start = half.findIndex((_, i) => at(onFold, i) && !at(onFold, (i + 1) % half.length));
  if (start < 0) return half;
  const round = [...half.slice(start), ...half.slice(0, start)];
  const end = round.findIndex((_, i) => i > 0 && at(onFold, (start + i) % half.length));
  const kept = end < 0 ? round : round.slice(0, end + 1);
  return [...kept, ...kept.slice(1, -1).reverse().map(mirror)];
}

const ON_FOLD_MM = 0.02;

const flipped = (points: readonly Point[]): readonly Point[] => points.map(({ x, y }) => ({ x, y: -y })).reverse();

/** Is the piece its own mirror image across the grain? Then two of it come off folded cloth like any two. */
function isSymmetric(points: readonly Point[]): boolean {
  const ys = points.map(({ y }) => y);
  const middle = (Math.min(...ys) + Math.max(...ys)) / 2;
  return points.every(({ x, y }) => points.some((q) => Math.hypot(q.x - x, q.y - (2 * middle - y)) < SYMMETRIC_MM));
}

const SYMMETRIC_MM = 0.5;

/** The outline as it lies in one of its ways. */
export function inWay({ outline }: Pick<LayPiece, "outline">, { isTurned, isFlipped }: LayWay): readonly Point[] {
  const [sx, sy] = [isTurned ? -1 : 1, isTurned !== isFlipped ? -1 : 1];
  const moved = outline.map(({ x, y }) => ({ x: x * sx, y: y * sy }));
  // Seen from its other side an outline runs the other way round.
  return isFlipped ? moved.reverse() : moved;
}
