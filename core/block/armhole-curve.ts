import { type Cubic, cubicLength, findRoot, type Path, type Solution } from "../geometry";

/**
 * How a half armhole bends, as shares of its depth. It leaves the shoulder square to the shoulder seam, runs
 * inwards and round to the underarm, and arrives level there, square to the side seam.
 */
export type ArmholeBend = {
  /** Length of the upper handle: how far the curve keeps to the direction it left the shoulder in. */
  readonly upperRun: number;
  /** How far inside the shoulder point the lower handle reaches: more hollows the curve. */
  readonly hollow: number;
};

/** The front is hollowed more than the back, since arms move forward (common practice, no source). */
export const FRONT_BEND: ArmholeBend = { upperRun: 0.5, hollow: 0.06 };
export const BACK_BEND: ArmholeBend = { upperRun: 0.5, hollow: 0.02 };

/**
 * How far out from the shoulder point the underarm may lie, as shares of the depth. Outside these the curve is no
 * armhole: a straight drop, or a half circle lying on its side. Our own limits.
 */
const LEAST_REACH = 0.08;
const MOST_REACH = 0.95;

const LENGTH_TOLERANCE_MM = 1e-7;

/** A half armhole from the shoulder point (0, 0) to the underarm (reach, depth); x away from the body's centre. */
function armholeHalf(bend: ArmholeBend, shoulderAngle: number, depth: number, reach: number): Cubic {
  const run = bend.upperRun * depth;
  return [
    { x: 0, y: 0 },
    { x: -Math.sin(shoulderAngle) * run, y: Math.cos(shoulderAngle) * run },
    { x: -bend.hollow * depth, y: depth },
    { x: reach, y: depth },
  ];
}

/** The shortest and longest half armhole that this depth allows, in millimetres. */
export function armholeRange(
  bend: ArmholeBend,
  shoulderAngle: number,
  depth: number,
): { readonly least: number; readonly most: number } {
  return {
    least: cubicLength(armholeHalf(bend, shoulderAngle, depth, LEAST_REACH * depth)),
    most: cubicLength(armholeHalf(bend, shoulderAngle, depth, MOST_REACH * depth)),
  };
}

export type RebuiltHalf = { readonly path: Path; readonly reach: number; readonly solution: Solution };

/**
 * The half armhole whose curve measures `length` at this depth. The reach out to the side seam is what gives.
 * Null when no reach does: the readings contradict each other (see `armholeRange`).
 */
export function rebuildArmholeHalf(
  bend: ArmholeBend,
  shoulderAngle: number,
  depth: number,
  length: number,
): RebuiltHalf | null {
  const miss = (reach: number) => cubicLength(armholeHalf(bend, shoulderAngle, depth, reach)) - length;
  const solution = findRoot(miss, LEAST_REACH * depth, MOST_REACH * depth, LENGTH_TOLERANCE_MM);
  if (!solution.converged) return null;
  return { path: [armholeHalf(bend, shoulderAngle, depth, solution.value)], reach: solution.value, solution };
}
