import {
  add,
  distance,
  endOf,
  lineCubic,
  moveEnd,
  moveStart,
  type Path,
  type Point,
  SAME_MM,
  startOf,
  subpath,
  withStartDirection,
} from "../geometry";
import { armholeCurve, type BodiceHalf, curve, shoulderAngleOf, squareToShoulder } from "./half";
import { unit } from "./move-dart";

export function moveUnderarm(half: BodiceHalf, move: Point): BodiceHalf {
  const armhole = armholeCurve(moveEnd(half.armhole.path, move), half.armholeDart);
  const { sideDart } = half;
  // Where there is a dart in the side, the seam above it begins at the underarm.
  if (sideDart) {
    const upper = startedFrom(sideDart.upper, add(startOf(sideDart.upper), move));
    return { ...half, armhole, sideDart: { ...sideDart, upper } };
  }
  return { ...half, armhole, sideSeam: startedFrom(half.sideSeam, add(startOf(half.sideSeam), move)) };
}

/** A shorter first stretch of a side seam, such as that from the underarm to bust level, is one with the next. */
const STRETCH_MM = 60;

/** A side seam of which the first stretch is long enough to be drawn anew when its start is moved. */
export function withLongStart(path: Path): Path {
  const [first, second, ...rest] = path;
  if (!first || !second || distance(first[0], first[3]) >= STRETCH_MM) return path;
  return withLongStart([[first[0], first[1], second[2], second[3]], ...rest]);
}

/** A side seam that starts elsewhere: its first stretch keeps its directions, and its handles are a third of what it now is long. */
function startedFrom(whole: Path, start: Point): Path {
  const from = startOf(whole);
  if (distance(from, start) < SAME_MM) return whole;
  const [first, ...rest] = withLongStart(whole);
  if (!first) return whole;
  const end = first[3];
  const third = distance(start, end) / 3;
  const [leaving, arriving] = [unit(first[0], first[1]), unit(first[2], end)];
  const near = { x: start.x + leaving.x * third, y: start.y + leaving.y * third };
  const far = { x: end.x - arriving.x * third, y: end.y - arriving.y * third };
  return [[start, near, far, end], ...rest];
}

export function deepenNeck(half: BodiceHalf, by: number): BodiceHalf {
  const move = { x: 0, y: by };
  return { ...half, neckline: curve(moveEnd(half.neckline.path, move)), centre: moveStart(half.centre, move) };
}

/** The side neck point moves out along the shoulder; the neckline follows and still leaves it square. */
export function widenNeck(half: BodiceHalf, by: number): BodiceHalf {
  const shoulder = subpath(half.shoulder.path, by, half.shoulder.length);
  const from = startOf(half.neckline.path);
  const to = startOf(shoulder);
  return {
    ...half,
    shoulder: curve(shoulder),
    neckline: curve(moveStart(half.neckline.path, { x: to.x - from.x, y: to.y - from.y })),
  };
}

/** The armhole is lengthened upwards, and leaves the new shoulder square as it left the old one. */
export function raiseShoulder(half: BodiceHalf, by: number): BodiceHalf {
  const move = { x: 0, y: -by };
  const [from, to] = [startOf(half.shoulder.path), endOf(half.shoulder.path)];
  const turned = { ...half, shoulder: curve([lineCubic(from, add(to, move))]) };
  const raised = moveStart(half.armhole.path, move);
  return {
    ...turned,
    armhole: armholeCurve(withStartDirection(raised, squareToShoulder(shoulderAngleOf(turned))), half.armholeDart),
  };
}
