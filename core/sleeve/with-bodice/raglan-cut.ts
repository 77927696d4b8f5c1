import type { BodiceHalf } from "../../block";
import { along, type Cubic, type Path, type Point, reversePath, SAME_MM, startOf, subpath } from "../../geometry";

/** What is cut off half a bodice: from a place on the neckline to a place on the armhole. Block coordinates, millimetres. */
export type RaglanCut = {
  readonly half: BodiceHalf;
  /** The meeting point's distance from the underarm, along the armhole. */
  readonly meetingAt: number;
  readonly neckPoint: Point;
  readonly meeting: Point;
  /** From the neckline down to the meeting point. */
  readonly line: Path;
  /** The neckline that goes along with the shoulder part, from the side neck point; and what stays, on to the centre. */
  readonly partNeckline: Path;
  readonly bodyNeckline: Path;
  /** From the shoulder point to the meeting point, and on to the underarm. */
  readonly upperArmhole: Path;
  readonly lowerArmhole: Path;
};

export type CutPlaces = { readonly neckAt: number; readonly meetingAt: number; readonly bow: number };

export function cutRaglan(half: BodiceHalf, { neckAt, meetingAt, bow }: CutPlaces): RaglanCut {
  const { neckline, armhole } = half;
  const split = armhole.length - meetingAt;
  const { point: meeting, direction } = along(armhole.path, split);
  const neckPoint = along(neckline.path, neckAt).point;
  return {
    half,
    meetingAt,
    neckPoint,
    meeting,
    line: bowedLine(neckPoint, meeting, direction, bow, startOf(armhole.path)),
    partNeckline: subpath(neckline.path, 0, neckAt),
    bodyNeckline: subpath(neckline.path, neckAt, neckline.length),
    upperArmhole: subpath(armhole.path, 0, split),
    lowerArmhole: subpath(armhole.path, split, armhole.length),
  };
}

/** The longest a handle may be, as a share of the straight line: a longer one makes a second bend. */
const LONGEST_HANDLE_SHARE = 0.4;
/** The middle of a cubic lies three eighths of the sum of its two control points' offsets from the chord. */
const MIDDLE_SHARE = 3 / 8;

/**
 * Straight from the neck to the meeting point, bowed outwards at its middle by `bow`, and running into the armhole there where
 * that bends the same way: then the edge has no corner at the meeting point.
 */
function bowedLine(from: Point, to: Point, intoArmhole: Point, bow: number, towards: Point): Path {
  const chord = { x: to.x - from.x, y: to.y - from.y };
  const size = Math.hypot(chord.x, chord.y);
  const u = { x: chord.x / size, y: chord.y / size };
  const side = u.x * (towards.y - from.y) - u.y * (towards.x - from.x) > 0 ? 1 : -1;
  const v = { x: -u.y * side, y: u.x * side };
  const even = bow / MIDDLE_SHARE / 2;
  const rise = -(intoArmhole.x * v.x + intoArmhole.y * v.y);
  const run = rise > SAME_MM ? Math.min(even / rise, LONGEST_HANDLE_SHARE * size) : 0;
  const near = run > 0 ? rise * run : even;
  const far = 2 * even - near;
  const p1 = { x: from.x + chord.x / 3 + v.x * far, y: from.y + chord.y / 3 + v.y * far };
  const p2 =
    run > 0
      ? { x: to.x - intoArmhole.x * run, y: to.y - intoArmhole.y * run }
      : { x: to.x - chord.x / 3 + v.x * near, y: to.y - chord.y / 3 + v.y * near };
  const cubic: Cubic = [from, p1, p2, to];
  return [cubic];
}

/** The whole edge from the underarm up over the meeting point to the neckline, as it is sewn. */
export function bodyEdge({ line, lowerArmhole }: RaglanCut): Path {
  return [...reversePath(lowerArmhole), ...reversePath(line)];
}
