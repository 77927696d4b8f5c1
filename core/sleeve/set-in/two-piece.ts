import {
  type Cubic,
  cubicLength,
  cubicPoint,
  endOf,
  findRoot,
  line,
  mapPath,
  type Path,
  type Point,
  reversePath,
  SOLVED_FINELY_MM,
  splitCubic,
} from "../../geometry";
import { bendsAtElbow, cutAcross, foldedOver, hangingSeam, type SleeveLengths, type SleeveOutline } from "./outline";

/** How a sleeve is cut in two, in millimetres. */
export type TwoPieceChoices = {
  /** How far its two seams lie under the arm, beyond where the sleeve folds. */
  readonly frontUnder: number;
  readonly backUnder: number;
  /** How far the front seam is hollowed at the elbow. */
  readonly elbowHollow: number;
};

/** The two seams of one of the pieces, from the cap down, and what is turned up below them. */
export type SleevePart = {
  /** From the back seam over to the front one. */
  readonly cap: Path;
  readonly frontSeam: Path;
  readonly backSeam: Path;
  readonly turnUp: { readonly front: Path; readonly back: Path } | null;
};

/**
 * The fitted sleeve cut in two for a jacket: what is seen from above, and what lies under the arm. The sleeve is folded at the quarters
 * of its cap line till its underarm seams meet; the under sleeve is what then lies below, and its cap the lower cap, mirrored in the
 * folds. Both caps together are the fitted cap, and the seams of both pieces are the same lines set apart, so they are of one length.
 */
export type TwoPiece = {
  readonly choices: TwoPieceChoices;
  readonly top: SleevePart;
  readonly under: SleevePart;
  /** Where the sleeve folds, front and back, from the cap down to the hem. */
  readonly frontFold: Path;
  readonly backFold: Path;
  /** How far from the centre line the sleeve folds: a quarter of the cap line. */
  readonly quarter: number;
  /** How far from the underarm, along the fitted cap, the caps of both pieces meet. */
  readonly capAt: { readonly front: number; readonly back: number };
  /** Where the folds pass the elbow line; null when the sleeve ends above it. */
  readonly elbow: { readonly front: Point; readonly back: Point } | null;
};

/** An under sleeve narrower than this anywhere is no piece that can be sewn. Our own limit. */
export const LEAST_UNDER_MM = 30;

/** Cuts the sleeve in two; null when its under sleeve would be narrower than `LEAST_UNDER_MM` somewhere. */
export function cutInTwo(outline: SleeveOutline, lengths: SleeveLengths, choices: TwoPieceChoices): TwoPiece | null {
  const quarter = outline.frontEnd.x / 2;
  const front = cutHalf(outline.capFront, quarter + choices.frontUnder);
  const back = cutHalf(outline.capBack, -quarter - choices.backUnder);
  if (!front || !back || roomForSeams(outline, lengths) - choices.frontUnder - choices.backUnder < LEAST_UNDER_MM)
    return null;
  const bends = bendsAtElbow(outline.frontEnd.y, lengths);
  const frontElbow = { x: quarter - choices.elbowHollow, y: lengths.elbowLevel };
  const backElbow = { x: frontElbow.x - lengths.elbowWidth / 2, y: lengths.elbowLevel };
  const frontWrist = { x: quarter, y: lengths.wristLevel };
  const backWrist = { x: quarter - lengths.wristWidth / 2, y: lengths.wristLevel };
  const fold = (top: Point, elbow: Point, wrist: Point) =>
    cutAcross(hangingSeam(top, bends ? elbow : null, wrist), lengths.length);
  const frontFold = fold({ x: quarter, y: front.at.y }, frontElbow, frontWrist);
  const backFold = fold({ x: -quarter, y: back.at.y }, backElbow, backWrist);
  const part = (cap: Path, frontBy: number, backBy: number): SleevePart => {
    const frontSeam = shifted(frontFold, frontBy);
    const backSeam = shifted(backFold, backBy);
    const front = lengths.turnUp > 0 ? foldedOver(frontSeam, lengths.turnUp) : null;
    const back = lengths.turnUp > 0 ? foldedOver(backSeam, lengths.turnUp) : null;
    return { cap, frontSeam, backSeam, turnUp: front && back && { front, back } };
  };
  return {
    choices,
    top: part([...reversePath([back.upper]), front.upper], choices.frontUnder, -choices.backUnder),
    under: part(
      [...mapPath([back.lower], mirroredAt(-quarter)), ...reversePath(mapPath([front.lower], mirroredAt(quarter)))],
      -choices.frontUnder,
      choices.backUnder,
    ),
    frontFold,
    backFold,
    quarter,
    capAt: { front: cubicLength(front.lower), back: cubicLength(back.lower) },
    elbow: outline.elbow && { front: frontElbow, back: backElbow },
  };
}

/** The folded sleeve where it is narrowest: what its seams may be set under by together, and the under sleeve still have a width. */
export function roomForSeams(outline: SleeveOutline, { elbowWidth }: SleeveLengths): number {
  const halves = [outline.frontEnd.x, outline.frontHem.x, ...(outline.elbow ? [elbowWidth / 2] : [])];
  return Math.min(...halves);
}

type CutHalf = { readonly at: Point; readonly upper: Cubic; readonly lower: Cubic };

/** A half cap, from the crown down, cut where it passes x; null when it does not. */
function cutHalf(cap: Cubic, x: number): CutHalf | null {
  const { converged, value } = findRoot((t) => cubicPoint(cap, t).x - x, 0, 1, SOLVED_FINELY_MM);
  if (!converged || value <= 0 || value >= 1) return null;
  const [upper, lower] = splitCubic(cap, value);
  return { at: lower[0], upper, lower };
}

function shifted(path: Path, by: number): Path {
  return mapPath(path, (p) => ({ x: p.x + by, y: p.y }));
}

/** The place as it shows when the paper is folded along the upright at x. */
export function mirroredAt(x: number): (p: Point) => Point {
  return (p) => ({ x: 2 * x - p.x, y: p.y });
}

/** The edge in which a part of the sleeve ends, from the front seam to the back one. */
export function hemOfPart({ frontSeam, backSeam }: SleevePart): Path {
  return line(endOf(frontSeam), endOf(backSeam));
}
