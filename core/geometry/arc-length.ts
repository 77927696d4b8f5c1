import { type Cubic, splitCubic } from "./cubic";

/**
 * Arc length without trial and error. The speed along a cubic is the size of a complex quadratic, |B'(t)| = |A| |t - r1| |t - r2|, so the
 * only places where it is not smooth are the two roots and their mirror images, known by a formula. How well Gauss–Legendre quadrature
 * does on a stretch follows from the largest ellipse about the stretch, with its ends as foci, that holds no root: with n points the
 * error shrinks as ρ^(-2n), ρ being the sum of the ellipse's half axes. So each stretch takes the smallest rule that is good enough for
 * it, and only a stretch with a root close by (a cusp, or nearly one) is cut: at the root, and from there in steps that grow with the
 * distance from it.
 * Source of the bound: Trefethen, Is Gauss quadrature better than Clenshaw–Curtis?, SIAM Review 50 (2008), theorem 4.5.
 */
type Rule = {
  /** Positive nodes on [-1, 1], for the rules have even numbers of points. */
  readonly nodes: Float64Array;
  readonly weights: Float64Array;
  /** Half the long axis of the smallest ellipse, on [-1, 1], that the rule is good enough for. */
  readonly axis: number;
};

/** What ρ^(2n) has to be: the lengths are then within 1e-12 of the true ones, checked against panels by the thousand. */
const GOOD_ENOUGH = 1e10;
const FINEST = gaussLegendre(32);
const RULES: readonly Rule[] = [...[6, 8, 10, 12, 14, 16, 18, 20, 24, 28].map(gaussLegendre), FINEST];

/** A root so near an end of a stretch, as a share of half of it, may lie on the end: there it does no harm. */
const ON_THE_END = 1e-7;
/** The first stretch from a root, in distances of that root from it: the finest rule is good enough for it. */
const STEP_FROM_ROOT = 6;
/** Each cut makes a stretch at least thrice as far from its root, so that no curve takes as many. */
const MOST_CUTS = 64;

/** The rule of `points` points (even): the roots of the Legendre polynomial by Newton's method. */
function gaussLegendre(points: number): Rule {
  const nodes = new Float64Array(points / 2);
  const weights = new Float64Array(points / 2);
  for (let i = 0; i < points / 2; i++) {
    let x = Math.cos((Math.PI * (i + 0.75)) / (points + 0.5));
    let slope = 0;
    for (let pass = 0; pass < 8; pass++) {
      let [before, value] = [1, x];
      for (let n = 2; n <= points; n++) [before, value] = [value, ((2 * n - 1) * x * value - (n - 1) * before) / n];
      slope = (points * (x * value - before)) / (x * x - 1);
      x -= value / slope;
    }
    nodes[i] = x;
    weights[i] = 2 / ((1 - x * x) * slope * slope);
  }
  const rho = GOOD_ENOUGH ** (1 / (2 * points));
  return { nodes, weights, axis: (rho + 1 / rho) / 2 };
}

/**
 * Arc length of the cubic from 0 to `upTo` in its parameter, in millimetres; relative error below 1e-11. Throws a RangeError for points
 * that are not finite.
 */
export function cubicLength(cubic: Cubic, upTo = 1): number {
  if (upTo <= 0) return 0;
  const speed = speedOf(cubic);
  return finite(isEven(speed) ? speedAt(speed, 0) * upTo : lengthBetween(speed, 0, upTo, 0), cubic);
}

function finite(length: number, cubic: Cubic): number {
  if (!Number.isFinite(length)) throw new RangeError(`cubicLength: the curve has no finite length: ${pointsOf(cubic)}`);
  return length;
}

function pointsOf(cubic: Cubic): string {
  return cubic.map(({ x, y }) => `${x},${y}`).join(" ");
}

/** The parameter at which the cubic has run `length` mm from its start; ends are returned for lengths beyond them. */
export function parameterAtLength(cubic: Cubic, length: number, total = cubicLength(cubic)): number {
  if (length <= 0) return 0;
  if (length >= total) return 1;
  const speed = speedOf(cubic);
  if (isEven(speed)) return length / total;
  let [low, high] = [0, 1];
  let t = length / total;
  let run = lengthBetween(speed, 0, t, 0);
  // Newton on a strictly increasing function, kept inside its bracket: it cannot leave or loop.
  for (let i = 0; i < 60; i++) {
    const miss = run - length;
    if (!(Math.abs(miss) > 1e-11 * total)) return t;
    if (miss > 0) high = t;
    else low = t;
    const step = speedAt(speed, t);
    const newton = step > 0 ? t - miss / step : Number.NaN;
    const next = newton > low && newton < high ? newton : (low + high) / 2;
    if (high - low < 1e-15) return t;
    // Only what lies between is measured: it is short, and takes the smallest rule.
    run += next > t ? lengthBetween(speed, t, next, 0) : -lengthBetween(speed, next, t, 0);
    t = next;
  }
  return t;
}

/** The two halves of the cubic cut at `length` mm from its start. */
export function splitCubicAtLength(cubic: Cubic, length: number): readonly [Cubic, Cubic] {
  return splitCubic(cubic, parameterAtLength(cubic, length));
}

/**
 * B'(t) = A t² + B t + C as plain numbers (ax, bx, cx, ay, by, cy) and its two complex roots (x, |y| each): the hottest code of the
 * program, in which a record would keep every number in a box of its own. One list serves all calls; none calls another.
 */
type Speed = Float64Array;
const SPEED: Speed = new Float64Array(10);

function speedOf(cubic: Cubic): Speed {
  const p0 = cubic[0];
  const p1 = cubic[1];
  const p2 = cubic[2];
  const p3 = cubic[3];
  const ax = 3 * (p3.x - 3 * p2.x + 3 * p1.x - p0.x);
  const bx = 6 * (p2.x - 2 * p1.x + p0.x);
  const cx = 3 * (p1.x - p0.x);
  const ay = 3 * (p3.y - 3 * p2.y + 3 * p1.y - p0.y);
  const by = 6 * (p2.y - 2 * p1.y + p0.y);
  const cy = 3 * (p1.y - p0.y);
  // The root of the discriminant B² - 4AC, turned to the side of B, so that nothing cancels in q = -(B + root) / 2.
  const dx = bx * bx - by * by - 4 * (ax * cx - ay * cy);
  const dy = 2 * bx * by - 4 * (ax * cy + ay * cx);
  const size = Math.sqrt(dx * dx + dy * dy);
  const large = Math.sqrt((size + Math.abs(dx)) / 2);
  const small = large > 0 ? Math.abs(dy) / (2 * large) : 0;
  let rootX = dx >= 0 ? large : small;
  let rootY = dx >= 0 ? small : large;
  if (dy < 0) rootY = -rootY;
  if (bx * rootX + by * rootY < 0) {
    rootX = -rootX;
    rootY = -rootY;
  }
  const qx = -(bx + rootX) / 2;
  const qy = -(by + rootY) / 2;
  const ofA = ax * ax + ay * ay;
  const ofQ = qx * qx + qy * qy;
  SPEED[0] = ax;
  SPEED[1] = bx;
  SPEED[2] = cx;
  SPEED[3] = ay;
  SPEED[4] = by;
  SPEED[5] = cy;
  // The roots are q / A and C / q; of a quadratic curve or a line one or both lie infinitely far.
  SPEED[6] = ofA > 0 ? (qx * ax + qy * ay) / ofA : Number.POSITIVE_INFINITY;
  SPEED[7] = ofA > 0 ? Math.abs(qy * ax - qx * ay) / ofA : 0;
  SPEED[8] = ofQ > 0 ? (cx * qx + cy * qy) / ofQ : Number.POSITIVE_INFINITY;
  SPEED[9] = ofQ > 0 ? Math.abs(cy * qx - cx * qy) / ofQ : 0;
  return SPEED;
}

/** A line run through evenly, as most straight edges are: one value of the speed is all there is. */
function isEven(speed: Speed): boolean {
  return speed[0] === 0 && speed[1] === 0 && speed[3] === 0 && speed[4] === 0;
}

function speedAt(speed: Speed, t: number): number {
  const x = (at(speed, 0) * t + at(speed, 1)) * t + at(speed, 2);
  const y = (at(speed, 3) * t + at(speed, 4)) * t + at(speed, 5);
  return Math.sqrt(x * x + y * y);
}

const at = (list: Float64Array, index: number): number => list[index] ?? Number.NaN;

/** The length from one parameter to another, `from` below `to`. `cuts`: how often the stretch was cut already. */
function lengthBetween(speed: Speed, from: number, to: number, cuts: number): number {
  const middle = (from + to) / 2;
  const half = (to - from) / 2;
  if (!(half > 0)) return half === 0 ? 0 : Number.NaN;
  const first = axisTo(at(speed, 6), at(speed, 7), middle, half);
  const second = axisTo(at(speed, 8), at(speed, 9), middle, half);
  const axis = Math.min(first, second);
  for (const rule of RULES) {
    if (axis >= rule.axis) return byRule(speed, from, to, rule);
  }
  // A number that is none is handed on as it is; it compares with nothing.
  if (cuts >= MOST_CUTS || Number.isNaN(axis)) return byRule(speed, from, to, FINEST);
  const root = first <= second ? 6 : 8;
  const cut = cutFor(at(speed, root), at(speed, root + 1), from, to);
  return lengthBetween(speed, from, cut, cuts + 1) + lengthBetween(speed, cut, to, cuts + 1);
}

/** Half the long axis of the ellipse through the root, on the stretch taken as [-1, 1]; infinite for a root on an end. */
function axisTo(x: number, y: number, middle: number, half: number): number {
  const across = (x - middle) / half;
  const up = (y / half) * (y / half);
  const toStart = Math.sqrt((across + 1) * (across + 1) + up);
  const toEnd = Math.sqrt((across - 1) * (across - 1) + up);
  return toStart < ON_THE_END || toEnd < ON_THE_END ? Number.POSITIVE_INFINITY : (toStart + toEnd) / 2;
}

/** Where a stretch with this root too near is cut. */
function cutFor(x: number, y: number, from: number, to: number): number {
  const onTheEnd = (ON_THE_END * (to - from)) / 2;
  if (x > from + onTheEnd && x < to - onTheEnd) return x;
  const middle = (from + to) / 2;
  const end = x < middle ? from : to;
  const step = STEP_FROM_ROOT * Math.sqrt((x - end) * (x - end) + y * y);
  const cut = x < middle ? from + step : to - step;
  return cut > from && cut < to ? cut : middle;
}

/** The speed is written out: a call a point would double the time of every draft. */
function byRule(speed: Speed, from: number, to: number, { nodes, weights }: Rule): number {
  const ax = at(speed, 0);
  const bx = at(speed, 1);
  const cx = at(speed, 2);
  const ay = at(speed, 3);
  const by = at(speed, 4);
  const cy = at(speed, 5);
  const middle = (from + to) / 2;
  const half = (to - from) / 2;
  let sum = 0;
  for (let i = 0; i < nodes.length; i++) {
    const offset = half * at(nodes, i);
    const t = middle - offset;
    const u = middle + offset;
    const tx = (ax * t + bx) * t + cx;
    const ty = (ay * t + by) * t + cy;
    const ux = (ax * u + bx) * u + cx;
    const uy = (ay * u + by) * u + cy;
    sum += at(weights, i) * (Math.sqrt(tx * tx + ty * ty) + Math.sqrt(ux * ux + uy * uy));
  }
  return sum * half;
}
