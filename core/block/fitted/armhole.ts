import {
  add,
  type Cubic,
  curvature,
  distance,
  lerp,
  line,
  type Path,
  type Point,
  rotateDirection,
  step,
} from "../../geometry";
import { type Side, squareToShoulder } from "../half";

/** How far the lower curve reaches towards its corner: the front is hollower, since arms move forward. */
export const LOWER_HANDLE: Readonly<Record<Side, number>> = { back: 0.55, front: 0.62 };
/** The handle at the middle reaches so much further than that at the underarm. */
const MIDDLE_OVER_UNDERARM = 0.1;
const TIP_HANDLE = 0.6;
/** The upper corner keeps so far from the tip and from the middle, as shares of half the depth. */
const CORNER = { least: 0.3, most: 0.78 } as const;
/** The curve may lean so much at its middle, out and in. */
const MOST_OUT = (32 * Math.PI) / 180;
const MOST_IN = (6 * Math.PI) / 180;
/** The upper handle at the middle, as a share of the way to the corner. */
const UPPER_MIDDLE = { least: 0.22, most: 0.85 } as const;

export type ArmholeTask = {
  readonly tip: Point;
  /** How much the shoulder seam falls at its end, radians. */
  readonly angle: number;
  readonly middle: Point;
  readonly underarm: Point;
  /** The direction in which the curve arrives at the underarm: square to the side seam. */
  readonly arriving: Point;
  /** Share of the way to its corner that the lower handle takes. */
  readonly fullness: number;
};

export type DrawnArmhole = {
  readonly path: Path;
  /** How far off square to the shoulder the curve had to leave it, radians. */
  readonly offSquare: number;
};

/**
 * Half an armhole in two cubics: it leaves the shoulder tip square to the seam, turns down into the middle and round into the underarm,
 * with one bend throughout and no jump of it at the middle.
 */
export function drawFittedArmhole({ tip, angle, middle, underarm, arriving, fullness }: ArmholeTask): DrawnArmhole {
  const { corner, upright, offSquare } = upperCorner(tip, angle, middle);
  // The lower corner: where the line of the middle meets that of the underarm.
  const low = crossing(middle, upright, underarm, arriving) ?? lerp(middle, underarm, 0.5);
  const lower: Cubic = [
    middle,
    lerp(middle, low, Math.min(0.95, fullness + MIDDLE_OVER_UNDERARM)),
    lerp(underarm, low, Math.min(0.95, fullness)),
    underarm,
  ];
  const tipHandle = lerp(tip, corner, TIP_HANDLE);
  const bend = Math.abs(curvature(lower, 0));
  const off = Math.abs((tipHandle.x - middle.x) * upright.y - (tipHandle.y - middle.y) * upright.x);
  const whole = distance(middle, corner);
  // The curvature at the end of a cubic is 2/3 of the other handle's distance from the tangent, by the handle squared.
  const even = bend > 0 ? Math.sqrt(((2 / 3) * off) / bend) : UPPER_MIDDLE.most * whole;
  const handle = Math.min(UPPER_MIDDLE.most * whole, Math.max(UPPER_MIDDLE.least * whole, even));
  return { path: [[tip, tipHandle, step(middle, upright, -handle), middle], lower], offSquare };
}

/** A dropped armhole turns only over this share of its height above the underarm. */
const DROPPED_TURN = 0.3;

/** Half an armhole of a dropped shoulder: straight from the tip nearly down to the underarm, with a small turn there. */
export function drawDroppedArmhole({ tip, underarm, arriving }: ArmholeTask): DrawnArmhole {
  const turn = lerp(underarm, tip, DROPPED_TURN);
  const reach = distance(turn, underarm);
  const into = step(underarm, arriving, -reach * DROPPED_REACH);
  return { path: [...line(tip, turn), [turn, lerp(turn, underarm, 0.45), into, underarm]], offSquare: 0 };
}

const DROPPED_REACH = 0.2;

/** Where the line square to the shoulder meets that of the middle, which leans as little as it must. */
function upperCorner(tip: Point, angle: number, middle: Point) {
  const square = squareToShoulder(angle);
  const half = middle.y - tip.y;
  const inward = tip.x - middle.x;
  const plain = square.x < 0 ? inward / Math.tan(angle) : Number.POSITIVE_INFINITY;
  const [least, most] = [CORNER.least * half, CORNER.most * half];
  if (plain >= least && plain <= most)
    return { corner: { x: middle.x, y: tip.y + plain }, upright: { x: 0, y: 1 }, offSquare: 0 };
  // Nearer to the tip than that it stays there, and the curve passes its middle outwards; lower than that it passes it inwards.
  const down = plain < least ? least : most;
  const wanted: Point = { x: tip.x - Math.tan(angle) * down, y: tip.y + down };
  const [mostOut, mostIn] = plain < least ? [MOST_OUT, 0] : [0, MOST_IN];
  const leaning = Math.min(mostIn, Math.max(-mostOut, Math.atan2(wanted.x - middle.x, middle.y - wanted.y)));
  const corner: Point = { x: middle.x + Math.tan(leaning) * (middle.y - wanted.y), y: wanted.y };
  const upright = rotateDirection({ x: 0, y: 1 }, leaning);
  const left = Math.atan2(tip.x - corner.x, corner.y - tip.y);
  return { corner, upright, offSquare: Math.abs(left - angle) };
}

/** Where the line through `a` along `u` meets the line through `b` along `v`; null where they do not meet in front of a and behind b. */
function crossing(a: Point, u: Point, b: Point, v: Point): Point | null {
  const cross = u.x * v.y - u.y * v.x;
  if (Math.abs(cross) < 1e-9) return null;
  const along = ((b.x - a.x) * v.y - (b.y - a.y) * v.x) / cross;
  const before = ((b.y - a.y) * u.x - (b.x - a.x) * u.y) / cross;
  return along > 0 && before > 0 ? add(a, { x: u.x * along, y: u.y * along }) : null;
}
