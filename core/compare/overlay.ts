import type { Figure } from "../draft";
import type { Garment } from "../garment";
import { type Box, boxOf, svgPathData } from "../geometry";
import { arranged, type Piece } from "../pattern";

/** A piece of two garments laid over each other, each as SVG path data in millimetres of the sheet; null in the one that has no such piece. */
export type OverlaidPiece = {
  readonly id: string;
  readonly name: string;
  readonly under: string | null;
  readonly over: string | null;
  readonly box: Box;
};

/** A figure that the two have otherwise; null in the one that has none such. Millimetres, degrees or a ratio, as its kind says. */
export type ChangedFigure = Pick<Figure, "id" | "label" | "kind"> & {
  readonly under: number | null;
  readonly over: number | null;
};

export type Overlay = {
  readonly width: number;
  readonly height: number;
  readonly pieces: readonly OverlaidPiece[];
  readonly figures: readonly ChangedFigure[];
};

/** About as wide as high as the room for it is. */
const ASPECT = 1.3;
const BETWEEN_MM = 45;
/** What differs by less is the same on any tape; of ratios and degrees a hundredth. */
const SAME = { length: 0.05, angle: 0.01, ratio: 0.001 } as const;

/** Two garments laid over each other, piece on piece as each is drafted, and every figure that changed. */
export function overlayOf(under: Garment, over: Garment): Overlay {
  const both = [...over.pieces, ...under.pieces.filter(({ id }) => !over.pieces.some((one) => one.id === id))];
  const pieceOf = ({ pieces }: Garment, id: string) => pieces.find((one) => one.id === id) ?? null;
  const pairs = both.map((piece) => ({ piece, under: pieceOf(under, piece.id), over: pieceOf(over, piece.id) }));
  // Room is made for the larger of the two, so that neither lies over a neighbour.
  const roomy = pairs.map(
    (pair): Piece => ({ ...pair.piece, outline: [...(pair.under?.outline ?? []), ...(pair.over?.outline ?? [])] }),
  );
  const { width, height, pieces } = arranged(roomy, ASPECT, BETWEEN_MM);
  return {
    width,
    height,
    pieces: pieces.flatMap(({ piece, x, y }) => {
      const pair = pairs.find((one) => one.piece.id === piece.id);
      if (!pair) return [];
      const moved = (one: Piece | null) => one && svgPathData(shifted(one, x, y), true);
      const { left, right, top, bottom } = boxOf([piece.outline]);
      const box = { left: left + x, right: right + x, top: top + y, bottom: bottom + y };
      return [{ id: piece.id, name: piece.name, under: moved(pair.under), over: moved(pair.over), box }];
    }),
    figures: changedFigures(under.figures, over.figures),
  };
}

const shifted = ({ outline }: Piece, dx: number, dy: number) =>
  outline.map(([a, b, c, d]) => {
    const move = (p: typeof a) => ({ x: p.x + dx, y: p.y + dy });
    return [move(a), move(b), move(c), move(d)] as const;
  });

function changedFigures(under: readonly Figure[], over: readonly Figure[]): readonly ChangedFigure[] {
  const gone = under.filter(({ id }) => !over.some((one) => one.id === id));
  return [
    ...over.flatMap(({ id, label, kind, value }): ChangedFigure[] => {
      const before = under.find((one) => one.id === id)?.value ?? null;
      return before !== null && Math.abs(before - value) <= SAME[kind]
        ? []
        : [{ id, label, kind, under: before, over: value }];
    }),
    ...gone.map(({ id, label, kind, value }): ChangedFigure => ({ id, label, kind, under: value, over: null })),
  ];
}
