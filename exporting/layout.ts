import { boxOf } from "@core/geometry/index";
import type { Packable, Packed, Packing } from "./pack";

/** Room left round all the pieces, and between one and the next. */
export type Spacing = { readonly border: number; readonly between: number };

/** The pieces in their order from left to right, their tops level. */
export function sideBySide(pieces: readonly Packable[], { border, between }: Spacing): Packing {
  let x = border;
  let tallest = 0;
  const placed = pieces.map(({ id, outline }): Packed => {
    const { left, right, top, bottom } = boxOf([outline]);
    const one = { id, x: x - left, y: border - top, turn: 0 };
    x += right - left + between;
    tallest = Math.max(tallest, bottom - top);
    return one;
  });
  return {
    width: x - (placed.length > 0 ? between : 0) + border,
    height: tallest + 2 * border,
    placed,
    isLandscape: false,
  };
}
