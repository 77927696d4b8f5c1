import {
  add,
  along,
  type Cubic,
  cubicPoint,
  endOf,
  lengthAtHeight,
  line,
  lineCubic,
  type Path,
  type Point,
  SEEN_MM,
  subpath,
} from "../../geometry";
import type { FittedBody } from "./task";
import type { HalfWidths } from "./widths";

type Levels = Pick<FittedBody, "backLength" | "waistToHip">;

/** A curve that leaves and arrives straight down. */
export function upright(from: Point, to: Point): Cubic {
  const run = (to.y - from.y) * UPRIGHT_HANDLE;
  return [from, { x: from.x, y: from.y + run }, { x: to.x, y: to.y - run }, to];
}

const UPRIGHT_HANDLE = 0.4;

/**
 * The side seam from the underarm over the waist to the hip: straight down to bust level, so that the bust keeps its girth, and upright at waist
 * and hip.
 */
export function sideToHip(
  underarm: Point,
  { side, hip }: HalfWidths,
  { backLength, waistToHip }: Levels,
  bust: number,
): Path {
  const foot: Point = { x: hip, y: backLength + waistToHip };
  const waist: Point = { x: underarm.x - side, y: backLength };
  const begins = Math.min(bust, underarm.y + (waist.y - underarm.y) * MOST_STRAIGHT_SHARE);
  const start: Point = begins > underarm.y + SEEN_MM ? { x: underarm.x, y: begins } : underarm;
  const above = start === underarm ? [] : [lineCubic(underarm, start)];
  // A side that is hardly drawn in falls in one line.
  const straight = start.x + ((foot.x - start.x) * (waist.y - start.y)) / (foot.y - start.y);
  if (Math.abs(waist.x - straight) < STRAIGHT_MM) return [...above, upright(start, foot)];
  return [...above, upright(start, waist), upright(waist, foot)];
}

/** Where the bust lies hardly above the waist, the side still has so much of the way to come in. */
const MOST_STRAIGHT_SHARE = 0.92;

const STRAIGHT_MM = 0.02;

/** On straight down to a level, or cut off at it. */
export function downTo(path: Path, level: number): Path {
  const end = endOf(path);
  if (level > end.y + SEEN_MM) return [...path, lineCubic(end, { x: end.x, y: level })];
  return level < end.y - SEEN_MM ? subpath(path, 0, lengthAtHeight(path, level)) : path;
}

type CentreBack = { readonly centre: number; readonly from: number; readonly body: Levels };

/** The centre back from the level of across back: in by `centre` at the waist, and straight again at the hip. */
function shapedCentre({ centre, from, body }: CentreBack): readonly [Cubic, Cubic] {
  const waist: Point = { x: centre, y: body.backLength };
  const start: Point = { x: 0, y: from };
  const run = (waist.y - start.y) / 3;
  // It leaves the straight in a gentle bend, runs on nearly straight, and passes the waist upright.
  const above: Cubic = [
    start,
    add(start, { x: centre * BEND_SHARE, y: run }),
    add(waist, { x: -centre * BEND_SHARE, y: -run }),
    waist,
  ];
  return [above, upright(waist, { x: 0, y: body.backLength + body.waistToHip })];
}

const BEND_SHARE = 0.2;

/** How far in from the straight the centre back lies at a level. */
export function centreOut(task: CentreBack, level: number): number {
  if (task.centre === 0 || level <= task.from) return 0;
  const path = shapedCentre(task);
  return level >= endOf([...path]).y ? 0 : along([...path], lengthAtHeight([...path], level)).point.x;
}

/** The centre back from the nape down. */
export function centreBack(nape: Point, task: CentreBack): Path {
  const shaped = shapedCentre(task);
  return task.centre === 0
    ? line(nape, { x: 0, y: endOf([...shaped]).y })
    : [lineCubic(nape, cubicPoint(shaped[0], 0)), ...shaped];
}
