import { boxOf } from "@core/geometry/index";
import type { Layout, Piece, PlacedPiece } from "@core/pattern/index";

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
