import {
  along,
  betweenDirections,
  type Cubic,
  cubicLength,
  directionTo,
  distance,
  endOf,
  line,
  mapCubic,
  mapPath,
  opposite,
  type Path,
  type Point,
  rotateDirection,
  rotatePoint,
  STRAIGHT_TURN,
  startOf,
  step,
} from "../../geometry";
import type { NamedLine } from "../../pattern";
import type { CollarChoiceOf } from "../collar-fields";
import type { FrontGround } from "./front-ground";

/** The part of a collar that lies round the back of the neck, flat, in the coordinates of the front. Millimetres. */
export type BackCollar = {
  /** From the side neck point to the centre back; as long as the back neckline. */
  readonly neck: Path;
  /** The way in which the neck edge runs at the centre back. */
  readonly away: Point;
  /** From the neck edge to the outer edge, on the fold or the seam. */
  readonly centreBack: { readonly neck: Point; readonly outer: Point };
  /** Where the outer edge passes the shoulder, square to the roll line at the neck point. */
  readonly atShoulder: Point;
  /** The outer edge from the centre back to there. */
  readonly outer: Cubic;
};

/**
 * The roll line's direction run on from the neck point and swung out by `tilt` radians; square to it the width at the centre back. "curved":
 * the neck edge turns by `tilt` evenly on its way instead of all at the neck point.
 */
export function tiltedBack(
  ground: FrontGround,
  width: number,
  tilt: number,
  neckEdge: CollarChoiceOf<"neckEdge"> = "straight",
): BackCollar {
  if (neckEdge === "curved" && Math.abs(tilt) > STRAIGHT_TURN) {
    const arc = evenTurn(ground.neck, ground.up, tilt, ground.backNeck);
    return backCollar(ground, [arc], rotateDirection(ground.up, tilt), width);
  }
  const away = rotateDirection(ground.up, tilt);
  const end = step(ground.neck, away, ground.backNeck);
  return backCollar(ground, line(ground.neck, end), away, width);
}

/**
 * The back laid on the front with the neck points touching, and swung until the place `stand` below the back neck on its centre meets the
 * crease line: its neckline is the collar's neck edge (common practice, no source).
 */
export function overlaidBack(ground: FrontGround, width: number, stand: number): BackCollar {
  const { neckline, centre } = ground.back;
  const neck = startOf(neckline.path);
  const mark = along(centre, stand).point;
  const reach = distance(neck, mark);
  // Where the crease, run on beyond the shoulder, is as far from the neck point as the mark is.
  const ahead = {
    x: ground.rollTop.x - ground.neck.x,
    y: ground.rollTop.y - ground.neck.y,
  };
  const forward = ahead.x * ground.up.x + ahead.y * ground.up.y;
  const aside2 = ahead.x * ahead.x + ahead.y * ahead.y - forward * forward;
  const meet = step(ground.rollTop, ground.up, -forward + Math.sqrt(Math.max(0, reach * reach - aside2)));
  const from = directionTo(neck, mark);
  const to = directionTo(ground.neck, meet);
  const angle = Math.atan2(to.y, to.x) - Math.atan2(from.y, from.x);
  const place = (p: Point): Point => {
    const turned = rotatePoint(p, neck, angle);
    return { x: turned.x + ground.neck.x - neck.x, y: turned.y + ground.neck.y - neck.y };
  };
  const path = mapPath(neckline.path, place);
  return backCollar(ground, path, along(path, ground.backNeck).direction, width);
}

/** A curve from a place along a direction that turns evenly by `turn` radians, `long` altogether. */
function evenTurn(from: Point, along: Point, turn: number, long: number): Cubic {
  const reach = (4 / 3) * Math.tan(turn / 4);
  const end = rotateDirection(along, turn);
  // On a circle of radius 1 turned so: then made as long as it is to be.
  const centre = rotateDirection(along, Math.PI / 2);
  const stop = { x: centre.x - rotateDirection(centre, turn).x, y: centre.y - rotateDirection(centre, turn).y };
  const unit: Cubic = [
    { x: 0, y: 0 },
    { x: along.x * reach, y: along.y * reach },
    { x: stop.x - end.x * reach, y: stop.y - end.y * reach },
    stop,
  ];
  const scale = long / cubicLength(unit);
  const placed = (p: Point): Point => ({
    x: from.x + p.x * scale * Math.sign(turn),
    y: from.y + p.y * scale * Math.sign(turn),
  });
  return mapCubic(unit, placed);
}

function backCollar(ground: FrontGround, neck: Path, away: Point, width: number): BackCollar {
  const end = endOf(neck);
  const outer = step(end, rotateDirection(away, -Math.PI / 2), width);
  const atShoulder = step(ground.neck, ground.outwards, width);
  return {
    neck,
    away,
    centreBack: { neck: end, outer },
    atShoulder,
    outer: betweenDirections(outer, opposite(away), atShoulder, opposite(ground.up)),
  };
}

/** Where a turned collar folds round the back of the neck: from the height of its stand on the centre back to where the roll line meets the shoulder. */
export function foldOfStand({ rollTop, up }: FrontGround, { centreBack, away }: BackCollar, stand: number): NamedLine {
  const at = step(centreBack.neck, directionTo(centreBack.neck, centreBack.outer), stand);
  return {
    role: "stand-fold",
    name: "Fold of the stand",
    path: [betweenDirections(at, opposite(away), rollTop, opposite(up))],
  };
}

/** Tilted further a collar lies flat on the shoulders altogether. Our own limit. */
const MOST_TILT = 1.5;
/** Tilted inwards its outer edge gets shorter; at this share of the tilt that would leave none of it, it is hardly a collar. Our own limit. */
const MOST_INWARDS = 0.5;

/** Between which tilts the outer edge grows steadily. */
export function tiltRange({ backNeck }: FrontGround, width: number): { readonly least: number; readonly most: number } {
  return { least: (-MOST_INWARDS * backNeck) / width, most: MOST_TILT };
}

export function outerLength({ outer }: BackCollar): number {
  return cubicLength(outer);
}

/** How far the end of the neck edge lies from where the roll line's own direction would take it. */
export function endSwungOut(ground: FrontGround, { centreBack }: BackCollar): number {
  return distance(centreBack.neck, step(ground.neck, ground.up, ground.backNeck));
}
