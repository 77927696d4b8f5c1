import type { Side } from "../block";
import type { Path } from "../geometry";
import type { Edge } from "../pattern";

/** A part of a half that is cut as one piece, before its centre and its hem are finished. Its outline has it to the right. */
export type Panel = {
  readonly id: string;
  readonly name: string;
  readonly side: Side;
  /** From its left edge to its right one. */
  readonly top: readonly Edge[];
  /** Down: the side seam, or where it was cut from the next panel. */
  readonly right: Edge;
  /** From the foot of its right edge to that of its left one. */
  readonly bottom: readonly Edge[];
  /** Down: the centre, or where it was cut from the panel before. */
  readonly left: Edge;
  readonly darts: readonly Path[];
  readonly isAtCentre: boolean;
  /** Does its lower edge meet another piece at the waist? */
  readonly endsAtWaist: boolean;
  readonly startsAtWaist: boolean;
};

/** Where the body's levels lie on a half; null for one that the block has not. */
export type Levels = { readonly bust: number | null; readonly waist: number | null; readonly hip: number | null };

export type Panelled = {
  /** From the centre outwards, those above the waist before those below it. */
  readonly panels: readonly Panel[];
  /** Were they wanted and not possible? */
  readonly isUncut: boolean;
  /** Which pieces an edge of the half came to lie on, along the outline. */
  readonly edges: ReadonlyMap<string, readonly string[]>;
};
