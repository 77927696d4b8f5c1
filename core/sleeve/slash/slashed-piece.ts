import { along, endOf, line, type Path, reversePath, startOf } from "../../geometry";
import { type Edge, edge, type Piece, type PieceNotch } from "../../pattern";
import type { StyleBase } from "../style";
import type { Slashed } from "./slash";

const GRAIN_MARGIN = 0.12;

/** A slashed and spread sleeve as a pattern piece. Its grain is the upright at the centre line, which the spread leaves alone. */
export function slashedPiece(id: string, name: string, slashed: Slashed, { sleeve, turnUp }: StyleBase): Piece {
  const { outline } = sleeve;
  const edges = [
    edge("capBack", "Back cap", reversePath(slashed.capBack)),
    edge("capFront", "Front cap", slashed.capFront),
    edge("underarmFront", "Front underarm", slashed.placeFront(outline.underarmFront)),
    ...hemEdges(slashed, turnUp),
    edge("underarmBack", "Back underarm", reversePath(slashed.placeBack(outline.underarmBack))),
  ];
  const fall = outline.frontHem.y - outline.frontEnd.y;
  return {
    id,
    name,
    cut: { count: 2, mirrored: true, onFold: false, interfacing: 0 },
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: turnUp > 0 ? [slashed.hem] : [],
    darts: [],
    grain: {
      from: { x: 0, y: outline.frontEnd.y + fall * GRAIN_MARGIN },
      to: { x: 0, y: outline.frontHem.y - fall * GRAIN_MARGIN },
    },
    notches: sleeve.notches.map(({ id: notch, seam, partAt }) =>
      seam === "armhole.front"
        ? notchOn(notch, reversePath(slashed.capFront), partAt, -1)
        : notchOn(notch, reversePath(slashed.capBack), partAt, 1),
    ),
  };
}

/** What is turned up hangs on below the hem, as wide as the hem is. */
function hemEdges(slashed: Slashed, depth: number): readonly Edge[] {
  if (depth <= 0) return [edge("hem", "Hem", slashed.hem)];
  const below = slashed.hemBelow(depth);
  return [
    edge("turnUpFront", "Front of the turn-up", line(startOf(slashed.hem), startOf(below))),
    edge("turnUp", "Turn-up", below),
    edge("turnUpBack", "Back of the turn-up", line(endOf(below), endOf(slashed.hem))),
  ];
}

/** The shoulder notch stands at the crown, where the spread cap may be longer than the plain one was. */
function notchOn(id: string, up: Path, at: number, turn: 1 | -1): PieceNotch {
  const { point, direction } = along(up, id === "shoulder" ? Number.POSITIVE_INFINITY : at);
  return { id, at: point, inwards: { x: -direction.y * turn, y: direction.x * turn } };
}
