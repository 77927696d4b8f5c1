import { findRoot } from "../../geometry";
import type { Place } from "../place";
import type { BodyFigures } from "./figure";

type Distance = (x: number, y: number, z: number) => number;

/** The plane of the neck base rises so much backwards, from the pit of the neck over the neck points to the nape; a neck leans so much. From memory. */
const RISES = 0.5;
/** The neck base lies so far above the line of the shoulders, where that ends in the neck. Metres. */
const ABOVE = 0.007;
/** A neck cut along that plane is so many times as deep as it is wide; seen from above it is less. From memory. */
const DEPTH = 0.95;
const FROM_ABOVE = DEPTH / Math.hypot(1, RISES);
/** From its base the neck draws in over so much, and is as it was measured from there on. Metres. */
const DRAWS_IN = 0.045;
/** And goes so far down into the trunk. Metres. */
const ROOTED = 0.03;
/** There it is rounded. Metres. */
const ROUNDED = 0.02;
/** The middle of its base lies so far before the line of the shoulders, and further up the neck goes so much further forwards for its height. From memory. */
const [BEFORE, LEANS] = [0.004, 0.25];

/**
 * The body with its neck: cut along the plane of its base it is as far round as was measured there, and so it is further up. `rest` is the body
 * without it, `blend` how softly they go into each other, in metres. Gives how far outside a place lies, to the first order.
 */
export function withNeck(rest: Distance, { neck, neckBase, neckPoint, shape }: BodyFigures, blend: number): Distance {
  const mm = (value: number) => value / 1000;
  const baseY = ABOVE - mm(neckPoint.y);
  const forward = mm(shape.stoop);
  const perWidth = girthOfEllipse(DEPTH);
  const upper = mm(neck.girth) / perWidth;
  const bodyOf = (atBase: number): Distance => {
    const column = columnOf(baseY, atBase, upper);
    // Of a stooped person all of it is carried forward.
    return (x, y, z) => smoothLeast(rest(x, y, z), column(x, y, z - forward), blend);
  };
  // What shoulders and back add to it where they go into each other, its own base is smaller.
  const { value } = findRoot(
    (atBase) => baseGirth(bodyOf(atBase), baseY, forward) - mm(neckBase.girth),
    upper * LEAST_OF_UPPER,
    (mm(neckBase.girth) / perWidth) * 1.1,
    1e-4,
  );
  return bodyOf(value);
}

/** How far a place lies above the plane of the neck base, in millimetres. */
export function overNeckBase({ neckPoint, shape }: BodyFigures, [, y, z]: Place): number {
  const over = y * 1000 - (ABOVE * 1000 - neckPoint.y) + RISES * (z * 1000 - shape.stoop);
  return over / Math.hypot(1, RISES);
}

/** However the shoulders lie, the base of a neck by itself is no narrower than this share of the neck. */
const LEAST_OF_UPPER = 0.8;

/** A leaning column of ellipses, each parallel to the neck base, from `atBase` half wide to `upper`. */
function columnOf(baseY: number, atBase: number, upper: number): Distance {
  return (x, y, z) => {
    const height = y - baseY + RISES * z;
    const t = Math.min(1, Math.max(0, height / DRAWS_IN));
    const ease = t * t * (3 - 2 * t);
    const wide = atBase + (upper - atBase) * ease;
    const slope = t > 0 && t < 1 ? ((upper - atBase) * 6 * t * (1 - t)) / DRAWS_IN : 0;
    const deep = wide * FROM_ABOVE;
    // Below its base it is hidden, and leans no more: it would come out at the back.
    const leans = height > 0 ? LEANS : 0;
    const off = z - BEFORE - leans * height;
    // Within the trunk it ends.
    const below = -(height + ROOTED) / Math.hypot(1, RISES);
    const radial = Math.hypot(x / wide, off / deep);
    // On the axis nothing says which way is out.
    if (radial < 0.25) return Math.max(below, -0.75 * deep);
    // By height a place comes nearer to the axis or further from it, and the column gets narrower.
    const alongX = x / (wide * wide * radial);
    const alongOff = off / (deep * deep * radial);
    const byHeight = -leans * alongOff - (radial / wide) * slope;
    return -smoothLeast(-below, (1 - radial) / Math.hypot(alongX, byHeight, alongOff + RISES * byHeight), ROUNDED);
  };
}

const ROUND = 48;

/** Round the neck base, in its plane through the neck points: the half with x > 0 and its mirror image. Metres. */
function baseGirth(outside: Distance, baseY: number, forward: number): number {
  let [girth, px, py, pz] = [0, 0, 0, 0];
  for (let i = 0; i <= ROUND; i++) {
    const turn = (Math.PI * i) / ROUND;
    let [low, high] = [0.02, 0.16];
    for (let n = 0; n < 16; n++) {
      const r = (low + high) / 2;
      const z = r * Math.cos(turn);
      if (outside(r * Math.sin(turn), baseY - z * RISES, z + forward) > 0) high = r;
      else low = r;
    }
    const [x, z] = [low * Math.sin(turn), low * Math.cos(turn)];
    const y = -z * RISES;
    if (i > 0) girth += Math.hypot(x - px, y - py, z - pz);
    [px, py, pz] = [x, y, z];
  }
  return girth * 2;
}

/** The girth of an ellipse that is half as wide as 1 and half as deep as `depth` (Ramanujan 1914). */
function girthOfEllipse(depth: number): number {
  const h = ((1 - depth) / (1 + depth)) ** 2;
  return Math.PI * (1 + depth) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/** The less of two, rounded where they are alike (the polynomial blend of Quilez). */
export function smoothLeast(a: number, b: number, within: number): number {
  const share = Math.max(0, within - Math.abs(a - b)) / within;
  return Math.min(a, b) - (share * share * within) / 4;
}
