import {
  alterBlock,
  type Block,
  type BodiceHalf,
  closingShoulderDarts,
  type DrawnAlteration,
  SIDES,
  type Side,
} from "../../block";
import {
  add,
  along,
  type Cubic,
  distance,
  endOf,
  findRoot,
  flatten,
  lerp,
  line,
  lineCubic,
  type Path,
  type Point,
  pathLength,
  rotatePoint,
  SAME_MM,
  SEEN_MM,
  startOf,
  withStartDirection,
} from "../../geometry";
import type { Misplaced } from "../style";

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
  const straight = distance(from, begin) > SAME_MM ? line(from, begin) : [];
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

/** What is done to neck and shoulder of the block before the sleeve grows out of it. Millimetres. */
export type GroundLengths = {
  readonly frontDown: number;
  readonly backDown: number;
  readonly neckOut: number;
  readonly tipUp: number;
};

export type Ground = {
  readonly front: BodiceHalf;
  readonly back: BodiceHalf;
  readonly hadShoulderDart: boolean;
  /** What each neck was widened by. */
  readonly out: { readonly front: number; readonly back: number };
};

export type GroundOutcome =
  | { readonly ok: true; readonly ground: Ground }
  | { readonly ok: false; readonly misplaced: Misplaced };

/** A shorter shoulder carries no garment. Our own limit. */
const LEAST_SHOULDER_MM = 25;

/**
 * Neck lowered and widened, shoulder tip raised. The back is widened by what its shoulder is longer by, so that both halves are of one
 * length from the neck to the tip.
 */
export function prepareGround(block: Block, lengths: GroundLengths): GroundOutcome {
  const closing = closingShoulderDarts(block);
  const hadShoulderDart = closing.length > 0;
  const plain = hadShoulderDart ? alterBlock(block, closing, "ease").block : block;
  const shortest = Math.min(plain.front.shoulder.length, plain.back.shoulder.length);
  const most = Math.max(0, shortest - LEAST_SHOULDER_MM);
  const widest = Math.abs(plain.back.shoulder.length - plain.front.shoulder.length);
  if (lengths.neckOut + widest > most) {
    const drawn = Math.max(0, most - widest);
    return { ok: false, misplaced: { field: "neckOut", asked: lengths.neckOut, least: 0, most: drawn, drawn } };
  }
  const longer = plain.back.shoulder.length - plain.front.shoulder.length;
  const out = { front: lengths.neckOut + Math.max(0, -longer), back: lengths.neckOut + Math.max(0, longer) };
  const down = { front: lengths.frontDown, back: lengths.backDown };
  const halves = SIDES.map((side) => alterHalf(plain, side, out[side], down[side], lengths.tipUp));
  const [front, back] = halves;
  if (!front || !back) {
    // What cannot be deepened or raised so far can be left as it was.
    const field = halves.every((half) => half === null) ? "tipUp" : front ? "backDown" : "frontDown";
    return { ok: false, misplaced: { field, asked: lengths[field], least: 0, most: 0, drawn: 0 } };
  }
  return { ok: true, ground: { front, back, hadShoulderDart, out } };
}

function alterHalf(block: Block, side: Side, out: number, down: number, up: number): BodiceHalf | null {
  const steps: readonly DrawnAlteration[] = [
    { kind: side === "front" ? "deepen-front-neck" : "deepen-back-neck", by: down },
    { kind: "raise-shoulder-point", by: up },
    { kind: "widen-neckline", by: out },
  ];
  const { block: altered, taken } = alterBlock(
    block,
    steps.filter((step) => step.by > 0),
  );
  return taken.some((one) => one.leftOut !== null) ? null : squaredNeck(altered[side]);
}

/** The neck drawn again so that it leaves the new shoulder square. */
function squaredNeck(half: BodiceHalf): BodiceHalf {
  const { direction } = along(half.shoulder.path, 0);
  const path = withStartDirection(half.neckline.path, { x: -direction.y, y: direction.x });
  return { ...half, neckline: { path, length: pathLength(path) } };
}

export function neckGirth({ front, back }: Ground): number {
  return 2 * (front.neckline.length + back.neckline.length);
}

/** What the neck has to be widened by to go over a head; null when the shoulder is too short for it. */
export function neckOutFor(block: Block, lengths: GroundLengths, girth: number): number | null {
  const miss = (neckOut: number) => {
    const outcome = prepareGround(block, { ...lengths, neckOut });
    return outcome.ok ? neckGirth(outcome.ground) - girth : Number.NaN;
  };
  const root = findRoot(miss, lengths.neckOut, mostNeckOut(block), SEEN_MM);
  return root.converged ? root.value : null;
}

function mostNeckOut({ front, back }: Block): number {
  const [a, b] = [front.shoulder.length, back.shoulder.length];
  return Math.min(a, b) - LEAST_SHOULDER_MM - Math.abs(a - b) - SEEN_MM;
}
