import { type Cubic, cubicLength, findRoot, lerp, type Point, SOLVED_MM, type Solution } from "../../geometry";
import type { Side } from "../half";

/** How deep the back neck lies for its girth, and within what (from a trial on 2,400 bodies; from memory). */
const BACK_DEPTH_SHARE = 0.054;
const BACK_DEPTH_MM = { least: 15, most: 25 } as const;
/** The front neck is narrower than the back's, and deeper than it is wide. */
const FRONT_NARROWER_MM = 3;
const FRONT_DEPTH_SHARE = 1.1;
/** Handles as shares of the way to the corner of the end tangents. */
const NECK_HANDLE: Readonly<Record<Side, number>> = { back: 0.66, front: 0.6 };
/** The back arrives at the shoulder so much inside of square and the front so much outside, so that both make one smooth curve there. */
const INSIDE_SQUARE = (14 * Math.PI) / 180;

export type SolvedNeck = {
  readonly width: Readonly<Record<Side, number>>;
  readonly depth: Readonly<Record<Side, number>>;
  readonly solution: Solution;
};

export function backNeckDepth(neckBase: number): number {
  return Math.min(BACK_DEPTH_MM.most, Math.max(BACK_DEPTH_MM.least, BACK_DEPTH_SHARE * neckBase));
}

/**
 * Half a neckline of the fitted block: from the side neck point (width, 0) to the centre (0, depth), level there; at the shoulder, which falls
 * by `angle`, it and the other half make one smooth curve. Millimetres and radians.
 */
export function fittedNeckline(side: Side, width: number, depth: number, angle: number): Cubic {
  const lean = side === "back" ? angle + INSIDE_SQUARE : angle - INSIDE_SQUARE;
  // A neck that is deep for its width keeps its corner between its ends.
  const inward = Math.min(Math.tan(lean) * depth, MOST_INWARD_SHARE * width);
  const corner: Point = { x: width - inward, y: depth };
  const [from, to] = [
    { x: width, y: 0 },
    { x: 0, y: depth },
  ];
  return [from, lerp(from, corner, NECK_HANDLE[side]), lerp(to, corner, NECK_HANDLE[side]), to];
}

/** The corner of a neckline keeps off its centre, or the curve would turn back there. Our own limit. */
const MOST_INWARD_SHARE = 0.7;

/** The neck whose whole neckline measures `girth`, by its width. Millimetres. */
export function solveNeck(neckBase: number, girth: number, angles: Readonly<Record<Side, number>>): SolvedNeck {
  const back = backNeckDepth(neckBase);
  const sizes = (width: number) => ({
    width: { back: width, front: width - FRONT_NARROWER_MM },
    depth: { back, front: FRONT_DEPTH_SHARE * width },
  });
  const half = (side: Side, width: number) => {
    const size = sizes(width);
    return cubicLength(fittedNeckline(side, size.width[side], size.depth[side], angles[side]));
  };
  const miss = (width: number) => 2 * (half("back", width) + half("front", width)) - girth;
  const solution = findRoot(miss, girth * LEAST_WIDTH_SHARE, girth * MOST_WIDTH_SHARE, SOLVED_MM);
  return { ...sizes(solution.value), solution };
}

const LEAST_WIDTH_SHARE = 0.08;
const MOST_WIDTH_SHARE = 0.3;

/** How far the shoulder point lies inside half of across shoulders, which runs over the back's roundness. */
const OVER_BACK_MM = 9;

/** The shoulder seam from across shoulders, the neck and the slope. Millimetres and radians. */
export function fittedShoulderLength(shoulderWidth: number, neckBase: number, ease: number, slope: number): number {
  const { width } = solveNeck(neckBase, neckBase + ease, shoulderAngles(slope));
  return (shoulderWidth / 2 - width.back - OVER_BACK_MM) / Math.cos(slope);
}

/** Back shoulders slope a little less than the body, front ones a little more: the seam lies a little to the front. Radians. */
const SHOULDER_FORWARD = (2 * Math.PI) / 180;

export function shoulderAngles(slope: number, forward = 0): Readonly<Record<Side, number>> {
  return { back: slope - SHOULDER_FORWARD - forward, front: slope + SHOULDER_FORWARD + forward };
}
