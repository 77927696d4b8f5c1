import { type BodiceHalf, centreDown } from "../block";
import {
  along,
  boxOf,
  distance,
  endOf,
  type Path,
  type Point,
  reversePath,
  SEEN_MM,
  startOf,
  subpath,
} from "../geometry";
import { bodicePiece } from "./bodice-piece";
import { dartMouth } from "./dart-mouth";
import { type Edge, edge, type Piece, type PieceNotch } from "./piece";

/** Half a bodice edge by edge, in the block's own coordinates: what sleeve and collar leave of it, or make of it. */
export type HalfEdges = {
  readonly half: BodiceHalf;
  /** Along the top from the centre, or from the front edge of a lapel, to where the shoulder begins. */
  readonly neck: readonly Edge[];
  /** On to the underarm: shoulder and armhole, or what a sleeve makes of them. */
  readonly outer: readonly Edge[];
  /** From there down. */
  readonly side: Path;
  /** From the top down: the centre, or the front edge. */
  readonly centre: Path;
  /** Does a collar make the front edge, with its own button stand? */
  readonly isEdgeOfCollar?: boolean;
  /** Where a collar sets its buttons; null: as the bodice has them. */
  readonly buttons?: readonly Point[] | null;
  readonly notches: readonly PieceNotch[];
  /** Folds besides one on the centre. */
  readonly folds: readonly Path[];
  /** Cuts into the piece that are no darts. */
  readonly slashes: readonly Path[];
};

/** The neck as far as the half has it, given from the shoulder's side; what is gathered into it stands before it. */
export function neckAndCentre(half: BodiceHalf, neckline: Path): Pick<HalfEdges, "neck" | "centre"> {
  const { gathered, down } = centreDown(half);
  return {
    neck: [
      ...(gathered ? [edge("gathered", "neck", `${nameOf(half)} neck, to be gathered`, reversePath(gathered))] : []),
      edge("neckline", "neck", `${nameOf(half)} neck`, reversePath(neckline)),
    ],
    centre: down,
  };
}

function nameOf({ side }: Pick<BodiceHalf, "side">): string {
  return side === "front" ? "Front" : "Back";
}

/** The half as one piece. */
export function halfPiece({ half, neck, outer, side, centre, notches, folds, slashes }: HalfEdges): Piece {
  const piece = bodicePiece(half, { upper: [...neck, ...outer], side, centre }, notches);
  return { ...piece, folds: [...piece.folds, ...folds], darts: [...piece.darts, ...slashes] };
}

/**
 * The shoulder in one edge; or either side of the mouth of a dart in it, whose foot rises to a point, so that it lies along the seam when
 * the dart is closed and pressed to the centre.
 */
export function shoulderEdges(half: BodiceHalf): readonly Edge[] {
  const { shoulder, shoulderDart } = half;
  const name = `${nameOf(half)} shoulder`;
  if (!shoulderDart) return [edge("shoulder", "shoulder", name, shoulder.path)];
  const { inner, outer, apex } = shoulderDart;
  const neck = startOf(shoulder.path);
  const before = distance(neck, inner);
  const after = before + distance(inner, outer);
  if (!(before > SEEN_MM) || !(after < shoulder.length - SEEN_MM))
    return [edge("shoulder", "shoulder", name, shoulder.path)];
  return [
    edge("shoulder", "shoulder", `${name}, to the dart`, subpath(shoulder.path, 0, before)),
    edge("shoulderDart", "dart", "Mouth of the shoulder dart", dartMouth(apex, inner, outer, neck)),
    edge("shoulderOuter", "shoulder", `${name}, from the dart`, subpath(shoulder.path, after, shoulder.length)),
  ];
}

/** Over so much of it a seam beside a dart is looked at: about half the width of one. */
const FOOT_MM = 8;

/** The armhole in one edge, or above and below the mouth of a dart in it. */
export function armholeEdges(half: BodiceHalf): readonly Edge[] {
  const { path } = half.armhole;
  const name = `${nameOf(half)} armhole`;
  if (!half.armholeDart) return [edge("armhole", "armhole", name, path)];
  const { mouth, apex } = half.armholeDart;
  const [upper, lower] = [startOf(path.slice(mouth)), startOf(path.slice(mouth + 1))];
  // It is pressed down: its foot lies along the armhole below it.
  const below = along(path.slice(mouth + 1), FOOT_MM).point;
  return [
    edge("armholeUpper", "armhole", `${name}, above its dart`, path.slice(0, mouth)),
    edge("armholeDart", "dart", "Mouth of the armhole dart", reversePath(dartMouth(apex, lower, upper, below))),
    edge("armholeLower", "armhole", `${name}, below its dart`, path.slice(mouth + 1)),
  ];
}

/** What a dart in the side seam puts between underarm and side: the seam above it, and its mouth. */
export function sideDartEdges(half: BodiceHalf): readonly Edge[] {
  if (!half.sideDart) return [];
  const { upper, apex } = half.sideDart;
  const name = `${nameOf(half)} side`;
  const [above, below] = [endOf(upper), startOf(half.sideSeam)];
  // It is pressed down: its foot lies along the seam below it.
  const further = along(half.sideSeam, FOOT_MM).point;
  return [
    edge("sideUpper", "side", `${name}, above its dart`, upper),
    edge("sideDart", "dart", "Mouth of the bust dart", reversePath(dartMouth(apex, below, above, further))),
  ];
}

/** Does the half reach its fold in a straight line? Only then can it be cut on it. */
export function isStraightDown(path: Path): boolean {
  const { left, right } = boxOf([path]);
  return right - left <= STRAIGHT_MM && endOf(path).y > startOf(path).y;
}

/** A centre that strays no further from a straight line can lie on the fold. */
const STRAIGHT_MM = 0.1;
