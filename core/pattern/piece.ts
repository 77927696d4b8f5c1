import type { DraftLine } from "../draft";
import { along, line, type Path, type Point, pathLength, reversePath, step } from "../geometry";
import type { PieceKind } from "./piece-kind";

/**
 * What an edge is to the garment, set by its maker. `neck-end`: the upper end of a strip or of what is folded back at an opening,
 * which is cut as the neck is. `collar-neck` and `collar-centre`: the back neck edge and the centre back of a collar that is drafted with its front.
 * `raglan` and `lower-cap`: of a sleeve that goes up to the neck. `outer`: the free edge of a collar or a front; `notch`: what of it makes the notch. `inner`: of a strip or a facing, away from what it is sewn to.
 * `end`: across a strip or a turn-up. `dart`: the mouth of one that is cut. `raw`: drawn where it is cut; `folded-back`, behind the front edge, and
 * `turned-up`, behind a hem, are that too. `seam`: every other that is sewn.
 */
export type EdgeRole =
  | "neck"
  | "neck-end"
  | "collar-neck"
  | "collar-centre"
  | "gorge"
  | "armhole"
  | "cap"
  | "raglan"
  | "lower-cap"
  | "shoulder"
  | "overarm"
  | "side"
  | "underarm"
  | "centre"
  | "hem"
  | "outer"
  | "notch"
  | "inner"
  | "end"
  | "dart"
  | "raw"
  | "folded-back"
  | "turned-up"
  | "seam";

export type Edge = {
  readonly id: string;
  readonly role: EdgeRole;
  readonly name: string;
  readonly path: Path;
  readonly length: number;
};

/** A notch on the piece: where, and which way its mark points into the piece. */
export type PieceNotch = { readonly id: string; readonly at: Point; readonly inwards: Point };

export type Cut = {
  readonly count: number;
  readonly mirrored: boolean;
  readonly onFold: boolean;
  readonly interfacing: number;
};

/**
 * A line on a piece. `roll`: where a lapel turns over; `stand-fold`: where a collar in one turns over; `level`: of the body; `place`: any other
 * that a maker checks by.
 */
export type NamedLine = {
  readonly role: "roll" | "stand-fold" | "level" | "place";
  readonly name: string;
  readonly path: Path;
};

/** The arm that a piece is cut for, where the arms differ; `insteadOf` is the piece of the first arm whose place it takes on the other. */
export type OneArm = { readonly side: "left" | "right"; readonly insteadOf: string | null };

/**
 * A button and the hole that it closes with. What closes over its mirror image, as a front does, has both at one place: the hole is made in
 * the one that laps over. What closes over itself, as a cuff does, has one at each end.
 */
export type Button = { readonly at: Point; readonly hole: Path; readonly closes: "pair" | "itself" };

/** A hole is longer than the button is wide, by how thick that is (from memory). */
const BUTTON_THICK_MM = 3;
/** Along the way it is pulled a hole begins so far beyond the place of its button, for the shank (from memory). */
const SHANK_MM = 3;

/** A button of this size on one place, its hole going on from there in the direction `way`, which it is pulled against. */
export function buttonAt(
  at: Point,
  way: Point,
  size: number,
  closes: Button["closes"] = "pair",
  holeAt: Point = at,
): Button {
  return { at, hole: line(step(holeAt, way, -SHANK_MM), step(holeAt, way, size + BUTTON_THICK_MM - SHANK_MM)), closes };
}

/** A pattern piece on its stitching line, in millimetres. The edges in order make the closed outline. */
export type Piece = {
  readonly id: string;
  readonly kind: PieceKind;
  /** Of a piece that both arms have, or none, nothing. */
  readonly arm?: OneArm;
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
  readonly buttons?: readonly Button[];
  /** Levels of the body and other places that a maker checks by, drawn faintly with their names. */
  readonly lines?: readonly NamedLine[];
};

export function edge(id: string, role: EdgeRole, name: string, path: Path): Edge {
  return { id, role, name, path, length: pathLength(path) };
}

/** Two left sleeves is the classic mistake. */
export const MIRRORED_PAIR: Cut = { count: 2, mirrored: true, onFold: false, interfacing: 0 };

/** The grain arrow keeps this far from the top and the bottom, as a share of what lies between. */
const GRAIN_MARGIN = 0.12;

/** An upright grain arrow between two levels. */
export function uprightGrain(x: number, top: number, bottom: number): Piece["grain"] {
  const margin = (bottom - top) * GRAIN_MARGIN;
  return { from: { x, y: top + margin }, to: { x, y: bottom - margin } };
}

/**
 * A notch square to an edge, so far along it. `turn` says on which side of the edge's direction the piece lies: its right (1), as
 * along every outline, or its left (-1).
 */
export function notchOn(id: string, path: Path, at: number, turn: 1 | -1 = 1): PieceNotch {
  const { point, direction } = along(path, at);
  return { id, at: point, inwards: { x: -direction.y * turn, y: direction.x * turn } };
}

/** A plain hem is one edge; one that is turned up is a fold, and the piece goes on below it. The sides of what is turned up run down. */
export function hemEdges(
  hem: Path,
  turnUp: { readonly front: Path; readonly edge: Path; readonly back: Path } | null,
): readonly Edge[] {
  if (!turnUp) return [edge("hem", "hem", "Hem", hem)];
  return [
    edge("turnUpFront", "end", "Front of the turn-up", turnUp.front),
    edge("turnUp", "turned-up", "Turn-up", turnUp.edge),
    edge("turnUpBack", "end", "Back of the turn-up", reversePath(turnUp.back)),
  ];
}

/** Edges of a piece as seams on the sheet: all of them, or those with these ids. */
export function edgeLines(piece: Piece, ids?: readonly string[]): readonly DraftLine[] {
  return piece.edges
    .filter(({ id }) => !ids || ids.includes(id))
    .map(({ id, path }) => ({ id: `${piece.id}.${id}`, path, kind: "seam" }));
}

/** How the piece is cut, in the trade's words. */
export function cutWords({ cut }: Pick<Piece, "cut">): string {
  const cloth = cut.onFold
    ? `Cut ${cut.count > 1 ? `${cut.count} ` : ""}on the fold`
    : `Cut ${cut.count}${cut.mirrored ? ", as a mirrored pair" : ""}`;
  const isPair = cut.mirrored && cut.count === 2;
  return cut.interfacing > 0 ? `${cloth}, and interfacing ${isPair ? "the same" : cut.interfacing}` : cloth;
}
