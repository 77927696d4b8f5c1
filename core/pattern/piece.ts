import { type Path, type Point, pathLength } from "../geometry";

export type Edge = { readonly id: string; readonly name: string; readonly path: Path; readonly length: number };

/** A notch on the piece: where, and which way its mark points into the piece. */
export type PieceNotch = { readonly id: string; readonly at: Point; readonly inwards: Point };

export type Cut = {
  readonly count: number;
  readonly mirrored: boolean;
  readonly onFold: boolean;
  readonly interfacing: number;
};

/** A pattern piece on its stitching line, in millimetres. The edges in order make the closed outline. */
export type Piece = {
  readonly id: string;
  readonly name: string;
  readonly cut: Cut;
  readonly edges: readonly Edge[];
  readonly outline: Path;
  /** Where it is folded: dashed on paper, never cut. */
  readonly folds: readonly Path[];
  /** Darts inside the outline, from one leg over the point to the other; sewn, not cut. */
  readonly darts: readonly Path[];
  readonly grain: { readonly from: Point; readonly to: Point };
  readonly notches: readonly PieceNotch[];
};

export function edge(id: string, name: string, path: Path): Edge {
  return { id, name, path, length: pathLength(path) };
}
