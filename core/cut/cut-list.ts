import type { Garment } from "../garment";
import { cutWords, inMakersOrder, type Piece } from "../pattern";
import { isLined } from "./lining";

/** One line of the list: so many of a piece, and how it is cut. */
export type CutLine = { readonly piece: Piece; readonly number: number; readonly how: string };

/** What is cut from each cloth, and what is bought besides. */
export type CutList = {
  readonly outer: readonly CutLine[];
  /** Empty where the garment is not lined. */
  readonly lining: readonly CutLine[];
  readonly interfacing: readonly CutLine[];
  readonly buttons: number;
  /** Lengths of elastic as they are cut, in millimetres, with what each is for. */
  readonly elastic: readonly { readonly name: string; readonly length: number }[];
};

/** What has to be cut and bought for this garment, in the order in which the pieces are numbered. */
export function cutList({ pieces, figures, spec }: Garment): CutList {
  const numbered = inMakersOrder(pieces).map((piece, i) => ({ piece, number: i + 1 }));
  const line = ({ piece, number }: (typeof numbered)[number]): CutLine => ({
    piece,
    number,
    how: cutWords({ cut: { ...piece.cut, interfacing: 0 } }),
  });
  return {
    outer: numbered.map(line),
    lining: spec.lay?.lining === "whole" ? numbered.filter(({ piece }) => isLined(piece)).map(line) : [],
    interfacing: numbered
      .filter(({ piece }) => piece.cut.interfacing > 0)
      .map(({ piece, number }) => {
        const isPair = piece.cut.mirrored && piece.cut.count === 2;
        const count = isPair ? 2 : piece.cut.interfacing;
        return { piece, number, how: cutWords({ cut: { ...piece.cut, count, interfacing: 0 } }) };
      }),
    buttons: buttonsOf(pieces),
    elastic: figures
      .filter(({ id, kind }) => kind === "length" && /^(bodice\.)?elastic/.test(id))
      .map(({ label, value }) => ({ name: label, length: value })),
  };
}

/** Every button of the garment: one for each place where a pair closes, and one for each piece that closes over itself. */
export function buttonsOf(pieces: readonly Piece[]): number {
  return pieces.reduce(
    (sum, { buttons = [], cut }) =>
      sum + buttons.reduce((own, { closes }) => own + (closes === "itself" ? cut.count : 1), 0),
    0,
  );
}
