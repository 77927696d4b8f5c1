import {
  add,
  distance,
  endOf,
  lerp,
  lineCubic,
  type Path,
  type Point,
  rotatePath,
  rotatePoint,
  startOf,
  subpath,
} from "../geometry";
import { armholeCurve, type BodiceHalf, curve, dartLine } from "./half";

/** How far down the armhole it is cut to the bust point. Our own choice: half way. */
const CUT_SHARE = 0.5;

/** Up to half an inch is left in the armhole as ease, and up to three quarters with a warning; more is a dart (common practice, no source; the second our own limit). */
export const DART_AS_EASE_MM = 12.7;
export const DART_AS_MUCH_EASE_MM = 19.05;

/** Cut at the middle of the armhole and turned about the bust point until the shoulder dart is closed: the upper and the lower part. */
function openedAtArmhole(half: BodiceHalf, by: number) {
  const dart = half.shoulderDart;
  if (!dart) return null;
  const { inner, outer, apex } = dart;
  const angleOf = (p: Point) => Math.atan2(p.y - apex.y, p.x - apex.x);
  const cut = half.armhole.length * CUT_SHARE;
  const share = movedShare(dart, by);
  const turn = (angleOf(inner) - angleOf(outer)) * share;
  return {
    upper: rotatePath(subpath(half.armhole.path, 0, cut), apex, turn),
    lower: subpath(half.armhole.path, cut, half.armhole.length),
    /** Where the outer leg of what is left of the dart stands; null where all of it was moved. */
    left: share < 1 ? rotatePoint(outer, apex, turn) : null,
  };
}

/** How much of the dart is moved: so much of its width at the shoulder, all of it for nothing or for as much as there is. */
function movedShare({ inner, outer }: NonNullable<BodiceHalf["shoulderDart"]>, by: number): number {
  const width = distance(inner, outer);
  return by <= 0 || by >= width - LEAST_LEFT_MM ? 1 : by / width;
}

/** Less of a dart is not worth sewing. Our own limit. */
const LEAST_LEFT_MM = 2;

/** How far the armhole opens where it is cut; null for a half without a shoulder dart. */
export function openingOf(half: BodiceHalf, by: number): number | null {
  const opened = openedAtArmhole(half, by);
  return opened && distance(endOf(opened.upper), startOf(opened.lower));
}

/**
 * The part between the dart and the armhole turns about the bust point until the dart is closed. The armhole opens where it
 * was cut: a small opening is left in it as ease, bridged by a curve that runs on smoothly at both ends; a larger one is a dart.
 */
export function moveDart(half: BodiceHalf, by: number, dartAs: "by-size" | "ease"): BodiceHalf {
  const opened = openedAtArmhole(half, by);
  if (!opened || !half.shoulderDart) return half;
  const { upper, lower, left } = opened;
  const { inner, apex } = half.shoulderDart;
  const isDart = dartAs === "by-size" && distance(endOf(upper), startOf(lower)) > DART_AS_MUCH_EASE_MM;
  const armholeDart = isDart ? { mouth: upper.length, apex } : null;
  const between = isDart ? lineCubic(endOf(upper), startOf(lower)) : bridge(upper, lower);
  const neckPoint = startOf(half.shoulder.path);
  const shoulderPoint = startOf(upper);
  return {
    ...half,
    armhole: armholeCurve([...upper, between, ...lower], armholeDart),
    shoulder: curve(
      left
        ? [lineCubic(neckPoint, inner), lineCubic(inner, left), lineCubic(left, shoulderPoint)]
        : [lineCubic(neckPoint, shoulderPoint)],
    ),
    shoulderDart: left && { inner, outer: left, apex },
    armholeDart,
    inner: [
      ...half.inner.filter((one) => !one.id.includes("shoulderDart")),
      ...(left ? [dartLine(`${half.side}.shoulderDart`, inner, apex, left)] : []),
    ],
  };
}

function bridge(upper: Path, lower: Path) {
  const [before] = upper.slice(-1);
  const [after] = lower;
  const [from, to] = [endOf(upper), startOf(lower)];
  if (!before || !after) return lineCubic(from, to);
  const reach = Math.hypot(to.x - from.x, to.y - from.y) / 3;
  const leaving = unit(before[2], from);
  const arriving = unit(to, after[1]);
  return [
    from,
    add(from, { x: leaving.x * reach, y: leaving.y * reach }),
    add(to, { x: -arriving.x * reach, y: -arriving.y * reach }),
    to,
  ] as const;
}

/** The direction from one point to another as a unit vector; nowhere, for the same place twice. */
export function unit(from: Point, to: Point): Point {
  const size = Math.hypot(to.x - from.x, to.y - from.y);
  return size > 0 ? { x: (to.x - from.x) / size, y: (to.y - from.y) / size } : lerp(from, to, 0);
}
