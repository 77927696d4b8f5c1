import { at } from "../data";
import { type Cubic, splitCubic } from "./cubic";

/**
 * Nodes and weights of 16-point Gauss–Legendre quadrature on [-1, 1], positive half.
 * Source: Abramowitz & Stegun, Handbook of Mathematical Functions, table 25.4 (n = 16).
 */
const NODES = [
  0.09501250983763744, 0.2816035507792589, 0.4580167776572274, 0.6178762444026438, 0.755404408355003,
  0.8656312023878318, 0.9445750230732326, 0.9894009349916499,
] as const;
const WEIGHTS = [
  0.1894506104550685, 0.1826034150449236, 0.1691565193950025, 0.1495959888165767, 0.1246289712555339,
  0.09515851168249279, 0.06225352393864789, 0.02715245941175409,
] as const;

/** Panels are halved until two estimates agree to this share of the length; the finer one is kept. */
const RELATIVE_TOLERANCE = 1e-10;
/** A cubic with a cusp converges slowly; at 2^-24 of the curve what is left is far below the tolerance. */
const DEEPEST_HALVING = 24;
/** Nothing on paper is this small; it keeps a vanishing piece of curve from being halved for its rounding errors. */
const LEAST_TOLERANCE_MM = 1e-13;
/** A cusp takes some fifty panels. A curve that wants more than this is none of a garment's, and must not hold up its draft. */
const MOST_PANELS = 5000;

/**
 * Arc length of the cubic from 0 to `upTo` in its parameter, in millimetres; relative error below 1e-9.
 * Adaptive Gauss–Legendre, 16 points a panel. Throws a RangeError for points that are not finite, and for a curve that would take
 * more than MOST_PANELS panels.
 */
export function cubicLength(cubic: Cubic, upTo = 1): number {
  if (upTo <= 0) return 0;
  const speed = speedOf(cubic);
  const whole = panel(speed, 0, upTo);
  // A straight or resting cubic: the speed is constant or zero, and one panel is already exact.
  if (whole === 0) return 0;
  if (!Number.isFinite(whole)) throw new RangeError(`cubicLength: the curve has no finite length: ${pointsOf(cubic)}`);
  return refine(speed, 0, upTo, whole, RELATIVE_TOLERANCE * whole, 0, { panels: MOST_PANELS });
}

function pointsOf(cubic: Cubic): string {
  return cubic.map(({ x, y }) => `${x},${y}`).join(" ");
}

/** The parameter at which the cubic has run `length` mm from its start; ends are returned for lengths beyond them. */
export function parameterAtLength(cubic: Cubic, length: number, total = cubicLength(cubic)): number {
  if (length <= 0) return 0;
  if (length >= total) return 1;
  const speed = speedOf(cubic);
  let low = 0;
  let high = 1;
  let t = length / total;
  // Newton on a strictly increasing function, kept inside its bracket: it cannot leave or loop.
  for (let i = 0; i < 60; i++) {
    const miss = cubicLength(cubic, t) - length;
    if (Math.abs(miss) <= 1e-10 * total) return t;
    if (miss > 0) high = t;
    else low = t;
    const step = speedAt(speed, t);
    const next = step > 0 ? t - miss / step : Number.NaN;
    t = next > low && next < high ? next : (low + high) / 2;
    if (high - low < 1e-15) return t;
  }
  return t;
}

/** The two halves of the cubic cut at `length` mm from its start. */
export function splitCubicAtLength(cubic: Cubic, length: number): readonly [Cubic, Cubic] {
  return splitCubic(cubic, parameterAtLength(cubic, length));
}

/** |B'(t)|² as the squares of two quadratics, its coefficients worked out once: this is the hottest code of the program. */
type Speed = {
  readonly ax: number;
  readonly bx: number;
  readonly cx: number;
  readonly ay: number;
  readonly by: number;
  readonly cy: number;
};

function speedOf([p0, p1, p2, p3]: Cubic): Speed {
  return {
    ax: 3 * (p3.x - 3 * p2.x + 3 * p1.x - p0.x),
    bx: 6 * (p2.x - 2 * p1.x + p0.x),
    cx: 3 * (p1.x - p0.x),
    ay: 3 * (p3.y - 3 * p2.y + 3 * p1.y - p0.y),
    by: 6 * (p2.y - 2 * p1.y + p0.y),
    cy: 3 * (p1.y - p0.y),
  };
}

function speedAt({ ax, bx, cx, ay, by, cy }: Speed, t: number): number {
  const x = (ax * t + bx) * t + cx;
  const y = (ay * t + by) * t + cy;
  return Math.sqrt(x * x + y * y);
}

/** One panel of 16 points, with the speed written out: a call a point would double the time of every draft. */
function panel({ ax, bx, cx, ay, by, cy }: Speed, from: number, to: number): number {
  const middle = (from + to) / 2;
  const half = (to - from) / 2;
  let sum = 0;
  for (let i = 0; i < 8; i++) {
    const offset = half * at(NODES, i);
    const t = middle - offset;
    const u = middle + offset;
    const tx = (ax * t + bx) * t + cx;
    const ty = (ay * t + by) * t + cy;
    const ux = (ax * u + bx) * u + cx;
    const uy = (ay * u + by) * u + cy;
    sum += at(WEIGHTS, i) * (Math.sqrt(tx * tx + ty * ty) + Math.sqrt(ux * ux + uy * uy));
  }
  return sum * half;
}

/** What is left of the work that one length may take. */
type Budget = { panels: number };

function refine(
  speed: Speed,
  from: number,
  to: number,
  estimate: number,
  tolerance: number,
  depth: number,
  budget: Budget,
): number {
  const middle = (from + to) / 2;
  const left = panel(speed, from, middle);
  const right = panel(speed, middle, to);
  if (Math.abs(left + right - estimate) <= Math.max(tolerance, LEAST_TOLERANCE_MM) || depth >= DEEPEST_HALVING) {
    return left + right;
  }
  budget.panels -= 2;
  if (budget.panels < 0) throw new RangeError(`cubicLength: not found within ${MOST_PANELS} panels`);
  return (
    refine(speed, from, middle, left, tolerance / 2, depth + 1, budget) +
    refine(speed, middle, to, right, tolerance / 2, depth + 1, budget)
  );
}
