import { at } from "../../data";
import {
  add,
  type Cubic,
  directionTo,
  distance,
  endOf,
  lengthAtHeight,
  lerp,
  line,
  lineCubic,
  mapCubic,
  type Path,
  type Point,
  rotateDirection,
  SEEN_MM,
  step,
  subpath,
} from "../../geometry";
import { type Side, squareToShoulder } from "../half";
import { necklineHalf, USUAL_FULLNESS } from "../neckline-curve";
import type { BlockChoices } from "./choices";
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
  const level = plan.neckLevel[side];
  const neckPoint: Point = { x: plan.neckWidth[side], y: level };
  const plainShoulder: Point = { x: plan.shoulderOut, y: level + slope };
  const shoulderAngle = Math.atan2(slope, plan.shoulderOut - neckPoint.x);
  const beyond = choices.shoulderExtension + shoulderDart(side, choices);
  const shoulderPoint = add(plainShoulder, {
    x: Math.cos(shoulderAngle) * beyond,
    y: Math.sin(shoulderAngle) * beyond,
  });
  const underarm: Point = { x: plan.chestQuarter, y: plan.chestLevel };
  const middle: Point = {
    x: Math.min(plainShoulder.x + choices.shoulderExtension - plan.inset[side], underarm.x - LEAST_OUT_MM),
    y: (shoulderPoint.y + plan.chestLevel) / 2,
  };
  return {
    neckPoint,
    shoulderPoint,
    middle,
    underarm,
    shoulderAngle,
    neckline: drawNeckline(side, plan, choices, shoulderAngle),
    armhole: drawArmhole(
      side,
      shoulderPoint,
      middle,
      underarm,
      shoulderAngle,
      arrivingAt(plan, choices, side, underarm),
    ),
    sideSeam: drawSideSeam(side, plan, choices, underarm),
    centre: drawCentre(side, plan, choices),
  };
}

/** The mid-armhole keeps at least this far inside the underarm, so that the curve still turns outwards. Our own limit. */
const LEAST_OUT_MM = 10;

/** What a shoulder dart adds to the shoulder seam. A princess line from there takes it up; a dropped shoulder has none. */
export function shoulderDart(
  side: Side,
  { style, shaping, shoulderDartIntake, backShoulderDart }: BlockChoices,
): number {
  if (side === "back") return style === "dropped" || shaping === "princess-shoulder" ? 0 : backShoulderDart;
  return side === "front" && shaping === "shoulder-darts" ? shoulderDartIntake : 0;
}

/** A hollowed V bows out of its straight line by so much at its middle (from memory). */
const V_HOLLOW_MM = 12.7;

function drawNeckline(side: Side, plan: BlockPlan, { neckShape }: BlockChoices, shoulderAngle: number): Path {
  const level = plan.neckLevel[side];
  const [width, depth] = [plan.neckWidth[side], plan.neckDepth[side]];
  const [from, to] = [
    { x: width, y: level },
    { x: 0, y: level + depth },
  ];
  if (side === "front") {
    switch (neckShape) {
      case "v":
        return line(from, to);
      case "v-hollow":
        return [hollowed(from, to, Math.min(V_HOLLOW_MM, width / 4))];
      case "square": {
        const corner = { x: width, y: to.y };
        return [lineCubic(from, corner), lineCubic(corner, to)];
      }
    }
  }
  const round = necklineHalf(width, depth, USUAL_FULLNESS[side], shoulderAngle);
  return [mapCubic(round, (p) => ({ x: p.x, y: p.y + level }))];
}

/** A line bowed out by so much at its middle, down and away from the neck. */
function hollowed(from: Point, to: Point, out: number): Cubic {
  const away = rotateDirection(directionTo(from, to), -Math.PI / 2);
  // A cubic whose handles are moved out reaches three quarters of that in its middle.
  const handle = (share: number) => step(lerp(from, to, share), away, (out * 4) / 3);
  return [from, handle(1 / 3), handle(2 / 3), to];
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

/** How wide the half is at the waist: by its quarter, or half of the way to it from a straight side, or not drawn in at all. */
export function waistOut(side: Side, plan: BlockPlan, { sideSeam }: BlockChoices, underarm: Point): number | null {
  const fitted = plan.waistQuarter[side];
  if (sideSeam === "fitted") return fitted;
  if (sideSeam === "straight") return null;
  const share = (plan.waistLevel - underarm.y) / (plan.hipLevel - underarm.y);
  return (fitted + underarm.x + (plan.hipQuarter - underarm.x) * share) / 2;
}

/**
 * Ruled from the underarm to the waist and on to the hip, the corners blended, and straight down below (common practice, no source); a
 * straight one runs from the underarm to the hip where that is wider. Cut off at the hem.
 */
function drawSideSeam(side: Side, plan: BlockPlan, choices: BlockChoices, underarm: Point): Path {
  const waist = waistOut(side, plan, choices, underarm);
  const hip: Point = {
    x: waist === null ? Math.max(plan.hipQuarter, underarm.x) : plan.hipQuarter,
    y: plan.hipLevel,
  };
  const isHipReached = plan.hemLevel >= plan.hipLevel;
  const lowest = { x: hip.x, y: Math.max(plan.hemLevel, plan.hipLevel) };
  const corners = [
    underarm,
    ...(waist === null ? [] : [{ x: waist, y: plan.waistLevel }]),
    hip,
    ...(lowest.y - hip.y > SEEN_MM ? [lowest] : []),
  ];
  const whole = blended(corners);
  return isHipReached ? whole : subpath(whole, 0, lengthAtHeight(whole, plan.hemLevel));
}

/** Where the side runs straight down below the hip, it turns there over so much more, as the body does (chosen by eye). */
const HIP_BLEND_MM = 70;

/** Lines from corner to corner, each corner blended over BLEND_MM of both its sides, as far as there is room. */
function blended(corners: readonly Point[]): Path {
  const first = at(corners, 0);
  const path: Cubic[] = [];
  let from = first;
  for (let i = 1; i < corners.length - 1; i++) {
    const [before, corner, after] = [at(corners, i - 1), at(corners, i), at(corners, i + 1)];
    const wanted = i === 1 && corners.length > 3 ? BLEND_MM : corners.length > 3 ? HIP_BLEND_MM : BLEND_MM;
    const blend = Math.min(wanted, distance(before, corner) / 2, distance(corner, after) / 2);
    const above = step(corner, directionTo(corner, before), blend);
    const below = step(corner, directionTo(corner, after), blend);
    path.push(lineCubic(from, above), [above, lerp(above, corner, 2 / 3), lerp(below, corner, 2 / 3), below]);
    from = below;
  }
  return [...path, lineCubic(from, at(corners, corners.length - 1))];
}

/** Square to the side seam, so that front and back run on into each other; level where the seam leads outwards, lest the armhole dips. */
function arrivingAt(plan: BlockPlan, choices: BlockChoices, side: Side, underarm: Point): Point {
  const waist = waistOut(side, plan, choices, underarm);
  const down = directionTo(
    underarm,
    waist === null ? { x: Math.max(plan.hipQuarter, underarm.x), y: plan.hipLevel } : { x: waist, y: plan.waistLevel },
  );
  return down.x < 0 ? rotateDirection(down, -Math.PI / 2) : { x: 1, y: 0 };
}

function drawCentre(side: Side, plan: BlockPlan, choices: BlockChoices): Path {
  const out = -plan.gathered[side];
  const neck: Point = { x: 0, y: plan.neckLevel[side] + plan.neckDepth[side] };
  const hem: Point = { x: out, y: plan.hemLevel };
  if (out < 0) return [lineCubic(neck, { x: out, y: neck.y }), lineCubic({ x: out, y: neck.y }, hem)];
  if (side === "front" || choices.centreBackShaping === 0) return line(neck, hem);
  const chest: Point = { x: 0, y: plan.chestLevel };
  const waist: Point = { x: choices.centreBackShaping, y: plan.waistLevel };
  const hip: Point = { x: 0, y: plan.hipLevel };
  const whole: Path = [
    lineCubic(neck, chest),
    upright(chest, waist),
    ...(plan.hemLevel > plan.waistLevel ? [upright(waist, hip)] : []),
    ...(plan.hemLevel > plan.hipLevel ? line(hip, { x: 0, y: plan.hemLevel }) : []),
  ];
  return endOf(whole).y > plan.hemLevel ? subpath(whole, 0, lengthAtHeight(whole, plan.hemLevel)) : whole;
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
