import {
  add,
  type Cubic,
  directionTo,
  lerp,
  line,
  lineCubic,
  type Path,
  type Point,
  rotateDirection,
  step,
} from "../../geometry";
import type { NeckShape } from "../drafted/choices";
import type { Side } from "../half";
import { fittedNeckline } from "./neck";
import type { FittedTask } from "./task";

type NeckPlace = {
  readonly neck: Point;
  readonly depth: number;
  readonly angle: number;
  readonly shoulder: Path;
  readonly hem: number;
};

/** The neckline as solved, or as its shape and its typed figures make it: from a point along the shoulder to the centre. */
export function necklineOf(which: Side, { neck: asked }: FittedTask, { neck, depth, angle, shoulder, hem }: NeckPlace) {
  const { width, depth: typedDepth, shape, higher } = asked[which];
  const first = shoulder[0];
  const wide = width ?? neck.x;
  const slope = Math.tan(angle);
  // A wider or a narrower neck begins further out or in along the line of the shoulder.
  const start: Point = { x: wide, y: neck.y + (wide - neck.x) * slope - higher };
  const deep = Math.min(typedDepth ?? depth, hem - neck.y - LEAST_BELOW_NECK_MM);
  const drop = deep - (start.y - neck.y);
  const centre: Point = { x: 0, y: neck.y + deep };
  const moved = first ? [lineCubic(start, first[3]), ...shoulder.slice(1)] : shoulder;
  return { shoulder: moved, neckline: drawNeck(which, shape, start, centre, Math.max(LEAST_DROP_MM, drop), angle) };
}

const LEAST_BELOW_NECK_MM = 30;
const LEAST_DROP_MM = 2;
/** A hollowed V bows out of its straight line by so much at its middle (from memory). */
const V_HOLLOW_MM = 12.7;

function drawNeck(which: Side, shape: NeckShape, from: Point, to: Point, drop: number, angle: number): Path {
  if (which === "front" && shape === "v") return line(from, to);
  if (which === "front" && shape === "square") {
    const corner = { x: from.x, y: to.y };
    return [lineCubic(from, corner), lineCubic(corner, to)];
  }
  if (which === "front" && shape === "v-hollow") {
    const away = rotateDirection(directionTo(from, to), -Math.PI / 2);
    const handle = (share: number) => step(lerp(from, to, share), away, (Math.min(V_HOLLOW_MM, from.x / 4) * 4) / 3);
    return [[from, handle(1 / 3), handle(2 / 3), to]];
  }
  return [mapCubicBy(fittedNeckline(which, from.x, drop, angle), { x: 0, y: from.y })];
}

function mapCubicBy([p, q, r, s]: Cubic, by: Point): Cubic {
  return [add(p, by), add(q, by), add(r, by), add(s, by)];
}
