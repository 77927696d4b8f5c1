import { endOf, line, type Path, reversePath, startOf } from "../geometry";
import { type Edge, edge, foldedBeyond } from "../pattern";
import { isStraightHem } from "./shape-hem";

/** What hangs below a hem: a casing or what is turned up, its ends mirrored from the edges above so that it lies flat. */
export type TurnedUp = { readonly edges: readonly Edge[]; readonly fold: Path };

/**
 * The lower edges of a piece with so much to turn up below them. `right` and `left` run down to the hem's two ends. Null where the hem is
 * not straight: then it cannot be folded, and is faced.
 */
export function turnedUpHem(right: Path, left: Path, bottom: readonly Edge[], depth: number): TurnedUp | null {
  const fold = bottom.flatMap(({ path }) => path);
  if (depth <= 0 || !isStraightHem(fold)) return null;
  const [from, to] = [startOf(fold), endOf(fold)];
  const rightEnd = foldedBeyond(right, to, depth);
  const leftEnd = foldedBeyond(left, from, depth);
  return {
    edges: [
      edge("turnUpFront", "end", "End of the turn-up", rightEnd),
      edge("turnUp", "turned-up", "Turn-up", line(endOf(rightEnd), endOf(leftEnd))),
      edge("turnUpBack", "end", "End of the turn-up", reversePath(leftEnd)),
    ],
    fold,
  };
}
