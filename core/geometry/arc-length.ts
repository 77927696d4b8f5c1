import { type Cubic, splitCubic } from "./cubic";

/**
 * Gauss–Kronrod quadrature on [-1, 1], 15 and 31 points, positive half without the middle: each node with its weight in the 31-point
 * rule and in the 15-point rule, which uses every second one. Source: Piessens, de Doncker-Kapenga, Überhuber, Kahaner, QUADPACK (1983),
 * rule QK31; worked out anew to 17 digits from the Stieltjes polynomial.
 */
const RULE = [
  { node: 0.1011420669187175, weight: 0.1007698455238756, coarse: 0 },
  { node: 0.20119409399743451, weight: 0.09917359872179196, coarse: 0.19843148532711158 },
  { node: 0.29918000715316884, weight: 0.09664272698362368, coarse: 0 },
  { node: 0.3941513470775634, weight: 0.09312659817082532, coarse: 0.1861610000155622 },
  { node: 0.4850818636402397, weight: 0.08856444305621178, coarse: 0 },
  { node: 0.5709721726085388, weight: 0.08308050282313302, coarse: 0.16626920581699392 },
  { node: 0.650996741297417, weight: 0.07684968075772038, coarse: 0 },
  { node: 0.7244177313601701, weight: 0.06985412131872826, coarse: 0.1395706779261543 },
  { node: 0.790418501442466, weight: 0.06200956780067064, coarse: 0 },
  { node: 0.8482065834104272, weight: 0.05348152469092809, coarse: 0.10715922046717194 },
  { node: 0.8972645323440819, weight: 0.04458975132476488, coarse: 0 },
  { node: 0.937273392400706, weight: 0.03534636079137585, coarse: 0.07036604748810812 },
  { node: 0.9677390756791391, weight: 0.02546084732671532, coarse: 0 },
  { node: 0.9879925180204854, weight: 0.015007947329316124, coarse: 0.03075324199611727 },
  { node: 0.9980022986933971, weight: 0.005377479872923349, coarse: 0 },
];
/** The same in lists of plain numbers, which the loop below runs through a good deal faster. */
const NODES = Float64Array.from(RULE, ({ node }) => node);
const WEIGHTS = Float64Array.from(RULE, ({ weight }) => weight);
const COARSE_WEIGHTS = Float64Array.from(RULE, ({ coarse }) => coarse);
const OF_MIDDLE = { weight: 0.10133000701479156, coarse: 0.20257824192556126 };

/**
 * A panel is halved until its two estimates agree to this share of the length; the finer one is kept. Its own error is far below: by
 * the estimate of QUADPACK, (200 × the difference)^1.5, less than 1e-10 of the length.
 */
const AGREEMENT = 1e-9;
/** A cubic with a cusp converges slowly; at 2^-24 of the curve what is left is far below the tolerance. */
const DEEPEST_HALVING = 24;
/** Nothing on paper is this small; it keeps a vanishing piece of curve from being halved for its rounding errors. */
const LEAST_TOLERANCE_MM = 1e-13;
/** A cusp takes some fifty panels. A curve that wants more than this is none of a garment's, and must not hold up its draft. */
const MOST_PANELS = 5000;

/**
 * Arc length of the cubic from 0 to `upTo` in its parameter, in millimetres; relative error below 1e-9.
 * Adaptive Gauss–Kronrod, 31 points a panel. Throws a RangeError for points that are not finite, and for a curve that would take
 * more than MOST_PANELS panels.
 */
export function cubicLength(cubic: Cubic, upTo = 1): number {
  if (upTo <= 0) return 0;
  const speed = speedOf(cubic);
  // A line run through evenly, as most straight edges are: one value of the speed is all there is.
  if (speed.ax === 0 && speed.bx === 0 && speed.ay === 0 && speed.by === 0)
    return finite(speedAt(speed, 0) * upTo, cubic);
  return finite(panels(speed, 0, upTo, null, 0, { panels: MOST_PANELS }), cubic);
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

/** What is left of the work that one length may take. */
type Budget = { panels: number };

/**
 * The length from one parameter to another, the speed written out: a call a point would double the time of every draft. `tolerance`
 * is the disagreement allowed here, in mm; null for the whole, whose own length says it.
 */
function panels(
  speed: Speed,
  from: number,
  to: number,
  tolerance: number | null,
  depth: number,
  budget: Budget,
): number {
  const { ax, bx, cx, ay, by, cy } = speed;
  const middle = (from + to) / 2;
  const half = (to - from) / 2;
  const mx = (ax * middle + bx) * middle + cx;
  const my = (ay * middle + by) * middle + cy;
  const atMiddle = Math.sqrt(mx * mx + my * my);
  let fine = OF_MIDDLE.weight * atMiddle;
  let coarse = OF_MIDDLE.coarse * atMiddle;
  for (let i = 0; i < NODES.length; i++) {
    const offset = half * (NODES[i] ?? 0);
    const t = middle - offset;
    const u = middle + offset;
    const tx = (ax * t + bx) * t + cx;
    const ty = (ay * t + by) * t + cy;
    const ux = (ax * u + bx) * u + cx;
    const uy = (ay * u + by) * u + cy;
    const both = Math.sqrt(tx * tx + ty * ty) + Math.sqrt(ux * ux + uy * uy);
    fine += (WEIGHTS[i] ?? 0) * both;
    coarse += (COARSE_WEIGHTS[i] ?? 0) * both;
  }
  fine *= half;
  const allowed = tolerance ?? AGREEMENT * fine;
  // A length that is no number never agrees: it is told at once, not halved.
  const isDone = !(Math.abs(fine - coarse * half) > Math.max(allowed, LEAST_TOLERANCE_MM));
  if (isDone || depth >= DEEPEST_HALVING) return fine;
  budget.panels -= 2;
  if (budget.panels < 0) throw new RangeError(`cubicLength: not found within ${MOST_PANELS} panels`);
  return (
    panels(speed, from, middle, allowed / 2, depth + 1, budget) +
    panels(speed, middle, to, allowed / 2, depth + 1, budget)
  );
}
