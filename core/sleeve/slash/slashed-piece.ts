import { endOf, line, reversePath, startOf } from "../../geometry";
import { edge, hemEdges, MIRRORED_PAIR, notchOn, type Piece, uprightGrain } from "../../pattern";
import type { StyleBase } from "../style";
import type { Slashed } from "./slash";

/**
 * A slashed and spread sleeve as a pattern piece. Its grain is the upright at the centre line, which the spread leaves alone. What is
 * turned up hangs on below the hem, as wide as the hem is.
 */
export function slashedPiece(id: string, name: string, slashed: Slashed, { sleeve, turnUp }: StyleBase): Piece {
  const { outline } = sleeve;
  const edges = [
    edge("capBack", "Back cap", reversePath(slashed.capBack)),
    edge("capFront", "Front cap", slashed.capFront),
    edge("underarmFront", "Front underarm", slashed.placeFront(outline.underarmFront)),
    ...hemEdges(slashed.hem, turnUp > 0 ? turnedUp(slashed, turnUp) : null),
    edge("underarmBack", "Back underarm", reversePath(slashed.placeBack(outline.underarmBack))),
  ];
  return {
    id,
    name,
    cut: MIRRORED_PAIR,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: turnUp > 0 ? [slashed.hem] : [],
    darts: [],
    grain: uprightGrain(0, outline.frontEnd.y, outline.frontHem.y),
    notches: sleeve.notches.map(({ id: notch, seam, partAt }) => {
      // The shoulder notch stands at the crown, where the spread cap may be longer than the plain one was.
      const at = notch === "shoulder" ? Number.POSITIVE_INFINITY : partAt;
      return seam === "armhole.front"
        ? notchOn(notch, reversePath(slashed.capFront), at, -1)
        : notchOn(notch, reversePath(slashed.capBack), at);
    }),
  };
}

function turnedUp(slashed: Slashed, depth: number) {
  const below = slashed.hemBelow(depth);
  return {
    front: line(startOf(slashed.hem), startOf(below)),
    edge: below,
    back: line(endOf(slashed.hem), endOf(below)),
  };
}
