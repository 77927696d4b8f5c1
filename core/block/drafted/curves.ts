import {
  add,
  type Cubic,
  directionTo,
  distance,
  endOf,
  lerp,
  line,
  lineCubic,
  type Path,
  type Point,
  rotateDirection,
  step,
} from "../../geometry";
import { type Side, squareToShoulder } from "../half";
import { necklineHalf, USUAL_FULLNESS } from "../neckline-curve";
import type { BlockChoices } from "./choices";
import { ARMHOLE_INSET_MM } from "./obstacle";
import type { BlockPlan } from "./plan";

/** The drawn half bodice before it is told step by step. */
export type HalfCurves = {
  readonly neckPoint: Point;
  readonly shoulderPoint: Point;
  readonly middle: Point;
  readonly underarm: Point;
  readonly neckline: Path;
  readonly armhole: Path;
  readonly sideSeam: Path;
  readonly centre: Path;
  readonly shoulderAngle: number;
};

/** Handle lengths as shares of the run they serve; chosen by eye on bodices from small to large. */
const UPPER_HANDLE = 0.42;
const DOWN_HANDLE = { back: 0.55, front: 0.62 } as const;
const OUT_HANDLE = { back: 0.55, front: 0.6 } as const;
const SIDE_HANDLE = 0.4;

export function drawHalf(side: Side, plan: BlockPlan, choices: BlockChoices): HalfCurves {
  const slope = plan.slope[side];
  const neckPoint: Point = { x: plan.neckWidth, y: 0 };
  const plainShoulder: Point = { x: plan.shoulderOut, y: slope };
  const shoulderAngle = Math.atan2(slope, plan.shoulderOut - plan.neckWidth);
  const beyond = choices.shoulderExtension + shoulderDart(side, choices);
  const shoulderPoint = add(plainShoulder, {
    x: Math.cos(shoulderAngle) * beyond,
    y: Math.sin(shoulderAngle) * beyond,
  });
  const underarm: Point = { x: plan.chestQuarter, y: plan.chestLevel };
  const middle: Point = {
    x: Math.min(plainShoulder.x + choices.shoulderExtension - ARMHOLE_INSET_MM[side], underarm.x - LEAST_OUT_MM),
    y: (shoulderPoint.y + plan.chestLevel) / 2,
  };
  return {
    neckPoint,
    shoulderPoint,
    middle,
    underarm,
    shoulderAngle,
    neckline: drawNeckline(side, plan, choices, shoulderAngle),
    armhole: drawArmhole(side, shoulderPoint, middle, underarm, shoulderAngle, arrivingAt(side, plan, underarm)),
    sideSeam: drawSideSeam(side, plan, underarm),
    centre: drawCentre(side, plan, choices),
  };
}

/** The mid-armhole keeps at least this far inside the underarm, so that the curve still turns outwards. Our own limit. */
const LEAST_OUT_MM = 10;

/** What a front shoulder dart adds to the shoulder seam; the back has none. */
export function shoulderDart(side: Side, { shaping, shoulderDartIntake }: BlockChoices): number {
  return side === "front" && shaping === "shoulder-darts" ? shoulderDartIntake : 0;
}

function drawNeckline(side: Side, plan: BlockPlan, choices: BlockChoices, shoulderAngle: number): Path {
  const depth = plan.neckDepth[side];
  if (side === "front" && choices.neckShape === "v") return line({ x: plan.neckWidth, y: 0 }, { x: 0, y: depth });
  return [necklineHalf(plan.neckWidth, depth, USUAL_FULLNESS[side], shoulderAngle)];
}

/** From the shoulder, square to it, down to the inset middle, and round to the side, square to that: it arrives there along `arriving`. */
function drawArmhole(
  side: Side,
  shoulder: Point,
  middle: Point,
  underarm: Point,
  shoulderAngle: number,
  arriving: Point,
): Path {
  const direction = squareToShoulder(shoulderAngle);
  const upper = middle.y - shoulder.y;
  const lower = underarm.y - middle.y;
  const out = underarm.x - middle.x;
  const inset = shoulder.x - middle.x;
  // The first handle may not reach further in than the middle lies, or the curve would come back out to it.
  const most = direction.x < 0 ? (0.8 * inset) / -direction.x : Number.POSITIVE_INFINITY;
  const run = Math.max(0, Math.min(UPPER_HANDLE * upper, most));
  return [
    [
      shoulder,
      add(shoulder, { x: direction.x * run, y: direction.y * run }),
      { x: middle.x, y: middle.y - UPPER_HANDLE * upper },
      middle,
    ],
    [
      middle,
      { x: middle.x, y: middle.y + DOWN_HANDLE[side] * lower },
      step(underarm, arriving, -OUT_HANDLE[side] * out),
      underarm,
    ],
  ];
}

/** The waist is blended over so much of the seam above it and below (common practice: an inch or two in all, no source). */
const BLEND_MM = 19.05;

/** Ruled from the underarm to the waist and on to the hip, the corner at the waist blended (common practice, no source). */
function drawSideSeam(side: Side, plan: BlockPlan, underarm: Point): Path {
  const waist: Point = { x: plan.waistQuarter[side], y: plan.waistLevel };
  if (plan.hemLevel <= plan.waistLevel) return line(underarm, waist);
  const hip: Point = { x: plan.hipQuarter, y: plan.hipLevel };
  const blend = Math.min(BLEND_MM, distance(underarm, waist) / 2, distance(waist, hip) / 2);
  const above = step(waist, directionTo(waist, underarm), blend);
  const below = step(waist, directionTo(waist, hip), blend);
  return [
    lineCubic(underarm, above),
    [above, lerp(above, waist, 2 / 3), lerp(below, waist, 2 / 3), below],
    lineCubic(below, hip),
  ];
}

/** Square to the side seam, so that front and back run on into each other; level where the seam leads outwards, lest the armhole dips. */
function arrivingAt(side: Side, plan: BlockPlan, underarm: Point): Point {
  const down = directionTo(underarm, { x: plan.waistQuarter[side], y: plan.waistLevel });
  return down.x < 0 ? rotateDirection(down, -Math.PI / 2) : { x: 1, y: 0 };
}

function drawCentre(side: Side, plan: BlockPlan, choices: BlockChoices): Path {
  const out = -plan.gathered[side];
  const neck: Point = { x: 0, y: plan.neckDepth[side] };
  const hem: Point = { x: out, y: plan.hemLevel };
  if (out < 0) return [lineCubic(neck, { x: out, y: neck.y }), lineCubic({ x: out, y: neck.y }, hem)];
  if (side === "front" || choices.centreBackShaping === 0) return line(neck, hem);
  const chest: Point = { x: 0, y: plan.chestLevel };
  const waist: Point = { x: choices.centreBackShaping, y: plan.waistLevel };
  const path: Cubic[] = [lineCubic(neck, chest), upright(chest, waist)];
  if (plan.hemLevel > plan.waistLevel) path.push(upright(waist, { x: 0, y: plan.hemLevel }));
  return path;
}

/** A curve that leaves and arrives straight down. */
function upright(from: Point, to: Point): Cubic {
  const run = (to.y - from.y) * SIDE_HANDLE;
  return [from, { x: from.x, y: from.y + run }, { x: to.x, y: to.y - run }, to];
}

/** Where the lower edge of the half begins and ends. */
export function hemOf({ centre, sideSeam }: HalfCurves): Path {
  return line(endOf(centre), endOf(sideSeam));
}
