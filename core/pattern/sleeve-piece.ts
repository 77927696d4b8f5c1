import { along, type Path, type Point, reversePath } from "../geometry";
import { hemOf, type SetInSleeve, type SleeveOutline, turnUpEdge } from "../sleeve/set-in";
import { edge, type Piece, type PieceNotch } from "./piece";

/** The grain arrow keeps this far from the cap line and the hem, as a share of what lies between. */
const GRAIN_MARGIN = 0.12;

/** The plain sleeve as a pattern piece: its outline runs from the back underarm over the crown and round. */
export function sleevePiece(sleeve: SetInSleeve): Piece {
  const { outline } = sleeve;
  const capBack = reversePath([outline.capBack]);
  const edges = [
    edge("capBack", "Back cap", capBack),
    edge("capFront", "Front cap", [outline.capFront]),
    edge("underarmFront", "Front underarm", outline.underarmFront),
    ...hemEdges(outline),
    edge("underarmBack", "Back underarm", reversePath(outline.underarmBack)),
  ];
  const fall = outline.frontHem.y - outline.frontEnd.y;
  return {
    id: "sleeve",
    name: "Sleeve",
    cut: { count: 2, mirrored: true, onFold: false, interfacing: 0 },
    edges,
    outline: edges.flatMap((e) => e.path),
    folds: outline.turnUp ? [hemOf(outline)] : [],
    grain: {
      from: { x: 0, y: outline.frontEnd.y + fall * GRAIN_MARGIN },
      to: { x: 0, y: outline.frontHem.y - fall * GRAIN_MARGIN },
    },
    notches: sleeve.notches.map((notch) =>
      pieceNotch(
        notch.id,
        notch.seam === "armhole.front" ? reversePath([outline.capFront]) : capBack,
        notch.partAt,
        notch.seam === "armhole.front" ? -1 : 1,
      ),
    ),
  };
}

/** A plain hem is one edge; one that is turned up is a fold, and the piece goes on below it. */
function hemEdges(outline: SleeveOutline) {
  const { turnUp } = outline;
  if (!turnUp) return [edge("hem", "Hem", hemOf(outline))];
  return [
    edge("turnUpFront", "Front of the turn-up", turnUp.front),
    edge("turnUp", "Turn-up", turnUpEdge(turnUp)),
    edge("turnUpBack", "Back of the turn-up", reversePath(turnUp.back)),
  ];
}

/** `turn` says on which side of the edge's direction the piece lies: its left (-1) or its right (1). */
function pieceNotch(id: string, fromUnderarm: Path, at: number, turn: 1 | -1): PieceNotch {
  const { point, direction } = along(fromUnderarm, at);
  const inwards: Point = { x: -direction.y * turn, y: direction.x * turn };
  return { id, at: point, inwards };
}
