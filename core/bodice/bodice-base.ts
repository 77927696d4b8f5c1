import type { Block, Side } from "../block";
import { startOf } from "../geometry";
import type { HalfEdges, NeckEdges } from "../pattern";
import type { BodiceChoices } from "./choices";

/** What a bodice is cut from: both halves as sleeve and collar leave them. */
export type BodiceBase = {
  readonly block: Block;
  readonly halves: Readonly<Record<Side, HalfEdges>>;
  /** The edges of the whole neck, from the centre back to the shoulder and on to the centre front, sleeve pieces included. */
  readonly neck: NeckEdges;
  readonly choices: BodiceChoices;
};

/** Can the centre lie on a fold? Cloth folds along a straight line only. */
export function isStraight({ centre }: HalfEdges): boolean {
  const xs = centre.flatMap((cubic) => cubic.map(({ x }) => x));
  return Math.max(...xs) - Math.min(...xs) <= 0.1;
}

/** How much of the side seam lies above a dart in it. */
export function aboveSideDart({ outer }: HalfEdges): number {
  return outer.find(({ id }) => id === "sideUpper")?.length ?? 0;
}

/** How far a front edge that a collar makes lies beyond the centre front. */
export function beyondCentre({ half, centre }: BodiceBase["halves"]["front"]): number {
  return startOf(half.centre).x - startOf(centre).x;
}
