import { add, type Cubic, cubicLength, findRoot, type Path, type Point, SOLVED_MM, type Solution } from "../geometry";
import { squareToShoulder } from "./half";
import type { LengthRange } from "./neckline-curve";

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

/** A half armhole from the shoulder point to the underarm, `reach` further out and `depth` lower. */
function armholeHalf(bend: ArmholeBend, shoulderAngle: number, from: Point, depth: number, reach: number): Cubic {
  const run = bend.upperRun * depth;
  const direction = squareToShoulder(shoulderAngle);
  return [
    from,
    add(from, { x: direction.x * run, y: direction.y * run }),
    add(from, { x: -bend.hollow * depth, y: depth }),
    add(from, { x: reach, y: depth }),
  ];
}

const ORIGIN: Point = { x: 0, y: 0 };

/** The shortest and longest half armhole that this depth allows, in millimetres. */
export function armholeRange(bend: ArmholeBend, shoulderAngle: number, depth: number): LengthRange {
  return {
    least: cubicLength(armholeHalf(bend, shoulderAngle, ORIGIN, depth, LEAST_REACH * depth)),
    most: cubicLength(armholeHalf(bend, shoulderAngle, ORIGIN, depth, MOST_REACH * depth)),
  };
}

export type RebuiltHalf = { readonly path: Path; readonly solution: Solution };

/**
 * The half armhole from the shoulder point whose curve measures `length` at this depth. The reach out to the side seam is
 * what gives. Null when no reach does: the readings contradict each other (see `armholeRange`).
 */
export function rebuildArmholeHalf(
  bend: ArmholeBend,
  shoulderAngle: number,
  shoulderPoint: Point,
  depth: number,
  length: number,
): RebuiltHalf | null {
  const miss = (reach: number) => cubicLength(armholeHalf(bend, shoulderAngle, ORIGIN, depth, reach)) - length;
  const solution = findRoot(miss, LEAST_REACH * depth, MOST_REACH * depth, SOLVED_MM);
  if (!solution.converged) return null;
  return { path: [armholeHalf(bend, shoulderAngle, shoulderPoint, depth, solution.value)], solution };
}
