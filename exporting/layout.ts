import { boxOf } from "@core/geometry/index";
import type { Piece } from "@core/pattern/index";

/** A piece and where it lies: `x` and `y` are added to its own coordinates. Millimetres, y down. */
export type PlacedPiece = { readonly piece: Piece; readonly x: number; readonly y: number };

/** Pieces laid out on one large sheet whose upper left corner is the origin. Millimetres. */
export type Layout = { readonly width: number; readonly height: number; readonly pieces: readonly PlacedPiece[] };

/** Room left round all the pieces, and between one and the next. */
export type Spacing = { readonly border: number; readonly between: number };

/** The pieces in their order from left to right, the tops of their stitching lines level. */
export function sideBySide(pieces: readonly Piece[], { border, between }: Spacing): Layout {
  let x = border;
  let tallest = 0;
  const placed = pieces.map((piece): PlacedPiece => {
    const { left, right, top, bottom } = boxOf([piece.outline]);
    const at = { piece, x: x - left, y: border - top };
    x += right - left + between;
    tallest = Math.max(tallest, bottom - top);
    return at;
  });
  return { width: x - (placed.length > 0 ? between : 0) + border, height: tallest + 2 * border, pieces: placed };
}
