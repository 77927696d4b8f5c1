import { boxOf, type Path } from "@core/geometry/index";

/** Something to be laid on paper, by its outline. */
export type Packable = { readonly id: string; readonly outline: Path };
/** Where its own origin comes to lie, turned by so many degrees clockwise (y down) first. */
export type Packed = { readonly id: string; readonly x: number; readonly y: number; readonly turn: number };
export type Packing = {
  readonly width: number;
  readonly height: number;
  readonly placed: readonly Packed[];
  /** Is the paper laid with its long side across? */
  readonly isLandscape: boolean;
};

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
