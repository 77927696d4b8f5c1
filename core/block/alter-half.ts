import {
  add,
  distance,
  endOf,
  lineCubic,
  moveEnd,
  moveStart,
  type Path,
  type Point,
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

/** A side seam that starts elsewhere: its first stretch keeps its directions, and its handles are a third of what it now is long. */
function startedFrom(path: Path, start: Point): Path {
  const [first, ...rest] = path;
  if (!first) return path;
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
