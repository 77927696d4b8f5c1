import { boxOf } from "../geometry";
import type { Piece } from "./piece";
import type { PieceKind } from "./piece-kind";

/** A piece and where it lies: `x` and `y` are added to its own coordinates. Millimetres, y down. */
export type PlacedPiece = { readonly piece: Piece; readonly x: number; readonly y: number };

/** Pieces on one large sheet whose upper left corner is the origin. Millimetres. */
export type Layout = { readonly width: number; readonly height: number; readonly pieces: readonly PlacedPiece[] };

/** The body first, then sleeve and collar, small pieces last: as a maker lays them out to see that all are there. */
const ORDER: readonly ((kind: PieceKind) => boolean)[] = [
  ({ of, side }) => of === "bodice" && side === "back",
  ({ of, side }) => of === "bodice" && side === "front",
  ({ of, worn }) => of === "sleeve" && !(worn.as === "hung" && worn.goes === "cuff"),
  ({ of }) => of === "collar",
];

function rankOf({ kind }: Piece): number {
  const rank = ORDER.findIndex((isOf) => isOf(kind));
  return rank < 0 ? ORDER.length : rank;
}

/** The pieces in the order in which a maker lays them out and counts them. */
export function inMakersOrder(pieces: readonly Piece[]): readonly Piece[] {
  return [...pieces].sort((a, b) => rankOf(a) - rankOf(b));
}

/** How many widths between that of the widest piece and that of all side by side are tried. */
const WIDTHS_TRIED = 40;

/**
 * The pieces in rows, in a maker's order, as large as they can be shown in a room that is `aspect` times as wide as high. `between` is kept
 * free round each.
 */
export function arranged(pieces: readonly Piece[], aspect: number, between: number): Layout {
  const ordered = inMakersOrder(pieces);
  const widths = ordered.map((piece) => widthOf(piece) + between);
  const [least, most] = [Math.max(0, ...widths), widths.reduce((sum, width) => sum + width, 0)];
  const tried = Array.from({ length: WIDTHS_TRIED }, (_, i) =>
    inRows(ordered, least + ((most - least) * i) / (WIDTHS_TRIED - 1), between),
  );
  const sizeOf = ({ width, height }: Layout) => Math.max(width / aspect, height);
  return tried.reduce((best, one) => (sizeOf(one) < sizeOf(best) ? one : best));
}

function widthOf({ outline }: Piece): number {
  const { left, right } = boxOf([outline]);
  return right - left;
}

/** From left to right, a new row begun where the next piece would go beyond the width; the tops of a row are level. */
function inRows(pieces: readonly Piece[], width: number, between: number): Layout {
  let [x, y, tallest, widest] = [0, 0, 0, 0];
  const placed = pieces.map((piece): PlacedPiece => {
    const box = boxOf([piece.outline]);
    const own = box.right - box.left + between;
    if (x > 0 && x + own > width + between / 2) {
      y += tallest + between;
      [x, tallest] = [0, 0];
    }
    const at = { piece, x: x - box.left, y: y - box.top };
    x += own;
    tallest = Math.max(tallest, box.bottom - box.top);
    widest = Math.max(widest, x - between);
    return at;
  });
  return { width: widest, height: y + tallest, pieces: placed };
}
