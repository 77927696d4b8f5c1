import {
  add,
  findRoot,
  type Path,
  type Point,
  pathLength,
  rotateDirection,
  rotatePoint,
  type Solution,
} from "../../geometry";
import type { Side } from "../half";
import { drawDroppedArmhole, drawFittedArmhole, LOWER_HANDLE } from "./armhole";
import { backNeckDepth, type SolvedNeck, shoulderAngles, solveNeck } from "./neck";
import type { FittedBody, FittedChoices, FittedEase } from "./task";

/** Of both runs from the middle of the armhole out to the underarm, the back has this share. */
const BACK_RUN_SHARE = 0.47;
/** The underarm lies so far below the back's shoulder tip, as shares of the girth of the armhole. */
const DEPTH_SHARE = { least: 0.27, most: 0.6 } as const;
/** And so far below what a ruler under the arm reads; lower the more ease the armhole has. */
const BELOW_RULER_MM = { least: 12, most: 62 } as const;
const BELOW_RULER_BY_EASE = 0.45;
/** Where that depth is held, the lower curves are hollowed or filled so much at most. */
const MOST_FULLER = 0.16;
/** An armhole narrower than this share of its girth binds. */
const LEAST_WIDTH_SHARE = 0.19;
/** Everything that one pass holds fixed while the depth and the dart are looked for. */
export type Pass = {
  /** The cup's angle, radians. */
  readonly cup: number;
  /** To what the balance of the armholes is found, millimetres. */
  readonly tolerance: number;
  readonly bustLoss: number;
  readonly frontLower: number;
  readonly wider: number;
  /** How steeply both armholes rise to the underarm where they would make a wing, radians. */
  readonly dip: number;
  /** Width of a dart in the back shoulder, beside what the choices ask for. */
  readonly backDart: number;
};

export type Fixed = {
  readonly choices: FittedChoices;
  readonly body: FittedBody;
  readonly ease: FittedEase;
  readonly neck: SolvedNeck;
  readonly angle: Readonly<Record<Side, number>>;
  readonly seam: Readonly<Record<Side, number>>;
  readonly backNeck: Point;
  /** Bust point to front neck point, straight up; and the front's shoulder tip from that neck point. */
  readonly bustPointX: number;
  readonly neckAbove: number;
  readonly girth: number;
};

export function fixedOf(body: FittedBody, ease: FittedEase, choices: FittedChoices): Fixed {
  const { shoulderEase, shoulderBeyond, tipForward } = choices;
  const angle = shoulderAngles(body.shoulderSlope, tipForward / (body.shoulderLength + shoulderBeyond));
  const neck = solveNeck(body.neckBase, body.neckBase + ease.neckline, angle);
  const seam = {
    front: body.shoulderLength + shoulderBeyond,
    back: body.shoulderLength + shoulderBeyond + shoulderEase,
  };
  const backNeck: Point = { x: neck.width.back, y: -backNeckDepth(body.neckBase) };
  const bustPointX = body.bustSpan / 2;
  const aside = bustPointX - neck.width.front;
  return {
    choices,
    body,
    ease,
    neck,
    angle,
    seam,
    backNeck,
    bustPointX,
    neckAbove: Math.sqrt(Math.max(0, body.frontToBust ** 2 - aside ** 2)),
    girth: body.armholeGirth + ease.armhole,
  };
}

function backTipOf({ backNeck, angle, seam }: Fixed, { backDart }: Pass): Point {
  return reaching(backNeck, angle.back, seam.back + backDart);
}

function reaching(from: Point, angle: number, far: number): Point {
  return add(from, { x: Math.cos(angle) * far, y: Math.sin(angle) * far });
}

/** What is drawn for one depth, one dart and one front length. */
export type State = {
  readonly underarmLevel: number;
  readonly dart: number;
  readonly frontLength: number;
  /** Hollowed (less) or filled (more) below its middle, as a change of the handle. */
  readonly fuller: number;
};

export type Drawn = {
  readonly bustPoint: Point;
  readonly neckFront: Point;
  readonly tip: Readonly<Record<Side, Point>>;
  readonly middle: Readonly<Record<Side, Point>>;
  readonly underarm: Readonly<Record<Side, Point>>;
  /** The front's underarm turned up by the dart. */
  readonly turnedUp: Point;
  readonly armhole: Readonly<Record<Side, Path>>;
  /** The front one with its underarm level: what is cut where no dart is sewn. */
  readonly levelArmhole: () => Path;
  readonly length: Readonly<Record<Side, number>>;
  readonly run: Readonly<Record<Side, number>>;
  readonly offSquare: Readonly<Record<Side, number>>;
  readonly narrowed: number;
};

export function draw(fixed: Fixed, pass: Pass, { underarmLevel, dart, frontLength, fuller }: State): Drawn {
  const { body, ease, angle, seam, girth } = fixed;
  const bustPoint: Point = { x: fixed.bustPointX, y: body.backLength - (frontLength - body.frontToBust) };
  const neckFront: Point = { x: fixed.neck.width.front, y: bustPoint.y - fixed.neckAbove };
  const tip = { back: backTipOf(fixed, pass), front: reaching(neckFront, angle.front, seam.front) };
  const total = (body.bust + ease.bust) / 2 + pass.bustLoss;
  const frontLevel = underarmLevel + pass.frontLower;
  const [cos, sin] = [Math.cos(dart), Math.sin(dart)];
  const lift = sin * (frontLevel - bustPoint.y);
  const { inset } = fixed.choices;
  const plain = {
    back: inset.back === null ? (body.backWidth + ease.acrossBack) / 2 + pass.wider : tip.back.x - inset.back,
    front: inset.front === null ? (body.frontWidth + ease.acrossFront) / 2 + pass.wider : tip.front.x - inset.front,
  };
  // The back's share of both runs holds with the dart open at the side, where the front's underarm is turned up.
  const split = (middle: Readonly<Record<Side, number>>) =>
    ((1 - BACK_RUN_SHARE) * middle.back +
      BACK_RUN_SHARE * (bustPoint.x + cos * (total - bustPoint.x) + lift - middle.front)) /
    (1 - BACK_RUN_SHARE + BACK_RUN_SHARE * cos);
  const runsOf = (middle: Readonly<Record<Side, number>>) => {
    const back = split(middle) + fixed.choices.sideForward;
    const front = total - back;
    return { back, front, width: back - middle.back + bustPoint.x + cos * (front - bustPoint.x) + lift - middle.front };
  };
  // Where both together leave no room for the arm, across back and front give way.
  const narrowed = Math.max(0, (LEAST_WIDTH_SHARE * girth - runsOf(plain).width) / 2);
  const across = { back: plain.back - narrowed, front: plain.front - narrowed };
  const out = runsOf(across);
  const underarm = { back: { x: out.back, y: underarmLevel }, front: { x: out.front, y: frontLevel } };
  const turnedUp = rotatePoint(underarm.front, bustPoint, -dart);
  const middle = {
    back: { x: across.back, y: (tip.back.y + underarm.back.y) / 2 },
    front: { x: across.front, y: (tip.front.y + turnedUp.y) / 2 },
  };
  // The side seam leaves the underarm straight down, and the armhole arrives square to it.
  const arriving = rotateDirection({ x: 1, y: 0 }, -pass.dip);
  const isDropped = fixed.choices.armhole === "dropped";
  const drawHalf = isDropped ? drawDroppedArmhole : drawFittedArmhole;
  const ofFront = { tip: tip.front, angle: angle.front, fullness: LOWER_HANDLE.front + fuller };
  const drawn = {
    back: drawHalf({
      tip: tip.back,
      angle: angle.back,
      middle: middle.back,
      underarm: underarm.back,
      arriving,
      fullness: LOWER_HANDLE.back + fuller,
    }),
    front: drawHalf({
      ...ofFront,
      middle: middle.front,
      underarm: turnedUp,
      arriving: rotateDirection(arriving, -dart),
    }),
  };
  const levelArmhole = (): Path =>
    drawHalf({
      ...ofFront,
      middle: { x: middle.front.x, y: (tip.front.y + underarm.front.y) / 2 },
      underarm: underarm.front,
      arriving,
    }).path;
  return {
    bustPoint,
    neckFront,
    tip,
    middle,
    underarm,
    turnedUp,
    levelArmhole,
    armhole: { back: drawn.back.path, front: drawn.front.path },
    length: { back: pathLength(drawn.back.path), front: pathLength(drawn.front.path) },
    run: { back: underarm.back.x - middle.back.x, front: turnedUp.x - middle.front.x },
    offSquare: { back: drawn.back.offSquare, front: drawn.front.offSquare },
    narrowed,
  };
}

/** A search inside another one is so much finer than it. */
const INSIDE = 1e-3;

/** The depth at which both armholes together measure what they are to, for a dart and a front length. */
export function atDepth(
  fixed: Fixed,
  pass: Pass,
  dart: number,
  frontLength: number,
): State & { readonly solution: Solution } {
  const { girth, body, ease, choices } = fixed;
  const backTip = backTipOf(fixed, pass);
  // Finer than the search that it stands inside of.
  const found = pass.tolerance * INSIDE;
  const missAt = (underarmLevel: number, fuller: number) => {
    const { length } = draw(fixed, pass, { underarmLevel, dart, frontLength, fuller });
    return length.back + length.front - girth;
  };
  if (choices.chestLevel !== null) {
    // A typed level is kept, whatever the armholes then measure: the miss is told as their residual.
    const neck = body.backLength - (frontLength - body.frontToBust) - fixed.neckAbove;
    const underarmLevel = neck + choices.chestLevel;
    const residual = Math.abs(missAt(underarmLevel, 0));
    return {
      dart,
      frontLength,
      underarmLevel,
      fuller: 0,
      solution: { converged: true, value: underarmLevel, residual, iterations: 0 },
    };
  }
  const least = body.armholeDepth + BELOW_RULER_MM.least;
  const most = body.armholeDepth + BELOW_RULER_MM.most + BELOW_RULER_BY_EASE * ease.armhole;
  const plain = findRoot(
    (y) => missAt(y, 0),
    backTip.y + DEPTH_SHARE.least * girth,
    backTip.y + DEPTH_SHARE.most * girth,
    found,
  );
  const deep = plain.value - backTip.y;
  const common = { dart, frontLength };
  if (plain.converged && deep >= least && deep <= most)
    return { ...common, underarmLevel: plain.value, fuller: 0, solution: plain };
  const held = backTip.y + Math.min(most, Math.max(least, deep));
  const fuller = findRoot((f) => missAt(held, f), -MOST_FULLER, MOST_FULLER, found);
  if (fuller.converged) return { ...common, underarmLevel: held, fuller: fuller.value, solution: fuller };
  // Neither will do alone: as full as it may be, and as deep as that asks.
  const last = findRoot(
    (y) => missAt(y, fuller.value),
    backTip.y + DEPTH_SHARE.least * girth,
    backTip.y + DEPTH_SHARE.most * girth,
    found,
  );
  return { ...common, underarmLevel: last.value, fuller: fuller.value, solution: last };
}
