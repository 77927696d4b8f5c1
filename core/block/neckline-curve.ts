import {
  type Cubic,
  cubicLength,
  findRoot,
  lineCubic,
  mapCubic,
  type Point,
  SOLVED_MM,
  type Solution,
  startOf,
} from "../geometry";
import { type BodiceHalf, curve, type Side, shoulderAngleOf, squareToShoulder } from "./half";

/**
 * How far a neckline's two handles reach towards the corner where its end directions meet, as a share of the way: 0 is the
 * straight line, 1 the corner itself. The curve lies ever further out as it grows, so its length grows too, and a reading
 * between the two has exactly one curve.
 */
const LEAST_FULLNESS = 0.04;
const MOST_FULLNESS = 0.98;

/**
 * Where no length was read: the back neck runs level for most of its half before it turns up, the front is rounder. A back 3 in
 * wide and 1 in deep then measures 3 1/2 in by tape, one 3 1/2 in wide and 1 in deep 4 in (common practice, no source).
 */
export const USUAL_FULLNESS: Readonly<Record<Side, number>> = { back: 0.9, front: 0.58 };

/** A neckline that is deep for its width cannot leave the shoulder square and still bend one way only; it then leaves at this share of what it can. */
const STEEPEST_SHARE = 0.8;

export const LEAST_NECK_DEPTH_MM = 2;

/** Half a neckline from the side neck point (width, 0) to the centre (0, depth), level there and square to the shoulder. */
export function necklineHalf(width: number, depth: number, fullness: number, shoulderAngle: number): Cubic {
  const direction = squareToShoulder(Math.min(shoulderAngle, STEEPEST_SHARE * Math.atan2(width, depth)));
  const corner: Point = { x: width + (direction.x / direction.y) * depth, y: depth };
  const start = { x: width, y: 0 };
  const end = { x: 0, y: depth };
  const towardsCorner = (from: Point): Point => ({
    x: from.x + (corner.x - from.x) * fullness,
    y: from.y + (corner.y - from.y) * fullness,
  });
  return [start, towardsCorner(start), towardsCorner(end), end];
}

export type LengthRange = { readonly least: number; readonly most: number };

/** The shortest and longest half neckline of this width and depth. */
export function necklineRange(width: number, depth: number, shoulderAngle: number): LengthRange {
  return {
    least: cubicLength(necklineHalf(width, depth, LEAST_FULLNESS, shoulderAngle)),
    most: cubicLength(necklineHalf(width, depth, MOST_FULLNESS, shoulderAngle)),
  };
}

/** The fullness at which the half neckline measures `length`. */
export function solveFullness(width: number, depth: number, shoulderAngle: number, length: number): Solution {
  return findRoot(
    (fullness) => cubicLength(necklineHalf(width, depth, fullness, shoulderAngle)) - length,
    LEAST_FULLNESS,
    MOST_FULLNESS,
    SOLVED_MM,
  );
}

/** The depth at which a half neckline of the usual shape measures `length`. */
export function solveDepth(side: Side, width: number, shoulderAngle: number, length: number): Solution {
  return findRoot(
    (depth) => cubicLength(necklineHalf(width, depth, USUAL_FULLNESS[side], shoulderAngle)) - length,
    LEAST_NECK_DEPTH_MM,
    length,
    SOLVED_MM,
  );
}

/**
 * The half with its neck at the centre no lower than `level`, in millimetres below the side neck level, drawn as a usual round one where it
 * was lower: for a garment that is cut straight across there, and so leaves nothing of its neck.
 */
export function withNeckAbove(half: BodiceHalf, level: number): BodiceHalf {
  const from = startOf(half.centre);
  if (from.y <= level) return half;
  const neck = startOf(half.neckline.path);
  const drawn = necklineHalf(neck.x - from.x, level - neck.y, USUAL_FULLNESS[half.side], shoulderAngleOf(half));
  return {
    ...half,
    neckline: curve([mapCubic(drawn, (p) => ({ x: p.x + from.x, y: p.y + neck.y }))]),
    centre: [lineCubic({ x: from.x, y: level }, from), ...half.centre],
  };
}
