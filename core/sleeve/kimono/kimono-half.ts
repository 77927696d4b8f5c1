import type { BodiceHalf } from "../../block";
import {
  add,
  type Cubic,
  distance,
  endOf,
  flatten,
  lerp,
  line,
  lineCubic,
  type Path,
  type Point,
  pathLength,
  rotatePoint,
  startOf,
} from "../../geometry";

/** How the sleeve grows out of a half bodice. Millimetres and radians. */
export type HalfChoices = {
  /** From the shoulder tip. */
  readonly sleeveLength: number;
  /** How far the sleeve line falls below the run of the shoulder. */
  readonly fall: number;
  /** Half the sleeve round, at its hem. */
  readonly halfHem: number;
  readonly underarmOut: number;
  readonly underarmDown: number;
  /** How far from its corner the underarm curve begins and ends. */
  readonly curve: number;
};

/** Half a bodice with its sleeve, in block coordinates. */
export type KimonoHalf = {
  readonly half: BodiceHalf;
  readonly neckPoint: Point;
  readonly tip: Point;
  /** The end of the over-arm line, and the lower end of the hem. */
  readonly overArmEnd: Point;
  readonly underarmEnd: Point;
  /** The corner that the underarm curve rounds off. */
  readonly corner: Point;
  /** From the neck point over the tip. */
  readonly overArm: Path;
  /** The underarm curve, from where it begins to where it runs into the side. */
  readonly curve: Path;
  /** From the hem of the sleeve round the underarm and down the side. */
  readonly underarm: Path;
  /** Of the sleeve line below the horizontal. */
  readonly angle: number;
  readonly direction: Point;
};

/** The sleeve line is bent over this much to both sides of the tip, where it falls below the shoulder. */
const BEND_MM = 35;
/** The corner lies at least so far below and inside the end of the hem. Our own limit. */
export const LEAST_CLEAR_MM = 5;

export function drawHalf(half: BodiceHalf, choices: HalfChoices): KimonoHalf {
  const neckPoint = startOf(half.shoulder.path);
  const tip = endOf(half.shoulder.path);
  const shoulder = unit(neckPoint, tip);
  const direction = rotatePoint(shoulder, { x: 0, y: 0 }, choices.fall);
  const overArmEnd = at(tip, direction, choices.sleeveLength);
  const down = { x: -direction.y, y: direction.x };
  const underarmEnd = at(overArmEnd, down, choices.halfHem);
  const corner = cornerOf(half, choices);
  const foot = { x: Math.max(corner.x, endOf(half.sideSeam).x), y: endOf(half.sideSeam).y };
  const { curve, path } = underarmOf(underarmEnd, corner, foot, choices.curve);
  return {
    half,
    neckPoint,
    tip,
    overArmEnd,
    underarmEnd,
    corner,
    overArm: overArmOf(half.shoulder.path, direction, overArmEnd, choices),
    curve,
    underarm: path,
    angle: Math.atan2(direction.y, direction.x),
    direction,
  };
}

export function cornerOf(half: BodiceHalf, { underarmOut, underarmDown }: HalfChoices): Point {
  return add(endOf(half.armhole.path), { x: underarmOut, y: underarmDown });
}

function overArmOf(shoulder: Path, direction: Point, end: Point, { fall, sleeveLength }: HalfChoices): Path {
  const tip = endOf(shoulder);
  if (Math.abs(fall) < 1e-9) return [...shoulder, lineCubic(tip, end)];
  const before = unit(startOf(shoulder), tip);
  const bend = Math.min(BEND_MM, pathLength(shoulder) / 2, sleeveLength / 2);
  const from = at(tip, before, -bend);
  const to = at(tip, direction, bend);
  const round: Cubic = [from, lerp(from, tip, 2 / 3), lerp(to, tip, 2 / 3), to];
  return [lineCubic(startOf(shoulder), from), round, lineCubic(to, end)];
}

/** Straight to the corner, round it, and straight down the side. */
function underarmOf(
  from: Point,
  corner: Point,
  foot: Point,
  run: number,
): { readonly curve: Path; readonly path: Path } {
  const begin = lerp(corner, from, Math.min(1, run / distance(corner, from)));
  const end = lerp(corner, foot, Math.min(0.9, run / distance(corner, foot)));
  const curve: Path = [[begin, lerp(begin, corner, 0.6), lerp(end, corner, 0.6), end]];
  const straight = distance(from, begin) > 1e-6 ? line(from, begin) : [];
  return { curve, path: [...straight, ...curve, ...line(end, foot)] };
}

/** Half the sleeve's width at every level, square to the over-arm line; null for a level that is not on the sleeve. */
export function halfWidths({ tip, direction, underarm }: KimonoHalf): (level: number) => number | null {
  const places = flatten(underarm).map((p) => ({
    out: (p.x - tip.x) * direction.x + (p.y - tip.y) * direction.y,
    down: (p.y - tip.y) * direction.x - (p.x - tip.x) * direction.y,
  }));
  return (level) => {
    const next = places.findIndex((place) => place.out <= level);
    const [before, after] = [places[next - 1], places[next]];
    if (!before || !after) return null;
    const share = (before.out - level) / (before.out - after.out);
    return before.down + (after.down - before.down) * share;
  };
}

function unit(from: Point, to: Point): Point {
  const size = distance(from, to);
  return { x: (to.x - from.x) / size, y: (to.y - from.y) / size };
}

function at(from: Point, direction: Point, far: number): Point {
  return { x: from.x + direction.x * far, y: from.y + direction.y * far };
}
