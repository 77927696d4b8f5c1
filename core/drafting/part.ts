import type { Draft, Handle } from "../draft";
import type { NamedSolution } from "../geometry";
import type { Piece, Seam } from "../pattern";

/** What every drafted part of a garment gives, whatever style of sleeve or kind of collar it is. Millimetres. */
export type Part<Dragged extends Handle = Handle> = {
  /** How it is drawn, act by act: the sheet, the card and every figure's reason follow from it. */
  readonly draft: Draft;
  /** The pieces as they lie on the sheet. */
  readonly drawn: readonly Piece[];
  /** All that is cut, with the small pieces that only follow from the others. */
  readonly pieces: readonly Piece[];
  /** Each edge that is sewn to another, measured on the finished curves. */
  readonly seams: readonly Seam[];
  /** What may be dragged on the sheet. */
  readonly handles: readonly Dragged[];
  readonly solvers: readonly NamedSolution[];
};
