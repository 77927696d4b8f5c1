/** How a root search ended: said with every solved number, never assumed. */
export type Solution = {
  readonly converged: boolean;
  readonly value: number;
  /** |f(value)|, in the unit of f; null where f has no finite value at either end. */
  readonly residual: number | null;
  /** The steps that were made after the two ends were tried. */
  readonly iterations: number;
};

const MOST_ITERATIONS = 100;

/**
 * A root of `f` between `low` and `high`, where f must differ in sign, to |f| ≤ `tolerance`.
 * Brent's method (R. P. Brent, Algorithms for Minimization without Derivatives, 1973, ch. 4): bisection
 * with inverse quadratic steps where they are safe. Not converged when there is no change of sign.
 */
export function findRoot(f: (x: number) => number, low: number, high: number, tolerance: number): Solution {
  let a = low;
  let b = high;
  let fa = f(a);
  let fb = f(b);
  if (!(fa * fb <= 0)) {
    const missA = Number.isFinite(fa) ? Math.abs(fa) : Number.POSITIVE_INFINITY;
    const missB = Number.isFinite(fb) ? Math.abs(fb) : Number.POSITIVE_INFINITY;
    const [value, residual] = missA < missB ? [a, missA] : [b, missB];
    return { converged: false, value, residual: Number.isFinite(residual) ? residual : null, iterations: 0 };
  }
  let c = a;
  let fc = fa;
  let step = b - a;
  let before = step;
  let iterations = 0;
  for (; iterations < MOST_ITERATIONS; iterations++) {
    if (fb * fc > 0) {
      c = a;
      fc = fa;
      step = b - a;
      before = step;
    }
    if (Math.abs(fc) < Math.abs(fb)) {
      a = b;
      b = c;
      c = a;
      fa = fb;
      fb = fc;
      fc = fa;
    }
    if (Math.abs(fb) <= tolerance) return { converged: true, value: b, residual: Math.abs(fb), iterations };
    const closeness = 2 * Number.EPSILON * Math.abs(b);
    const half = (c - b) / 2;
    if (Math.abs(half) <= closeness) break;
    const quick =
      Math.abs(before) >= closeness && Math.abs(fa) > Math.abs(fb) ? quadraticStep(a, b, c, fa, fb, fc) : Number.NaN;
    const isSafe = quick / half > 0 && quick / half < 1.5 && Math.abs(quick) < Math.abs(before) / 2;
    before = isSafe ? step : half;
    step = isSafe ? quick : half;
    a = b;
    fa = fb;
    b += Math.abs(step) > closeness ? step : Math.sign(half) * closeness;
    fb = f(b);
  }
  return { converged: Math.abs(fb) <= tolerance, value: b, residual: Math.abs(fb), iterations };
}

/** Inverse quadratic interpolation through three points, or the secant through two. */
function quadraticStep(a: number, b: number, c: number, fa: number, fb: number, fc: number): number {
  const s = fb / fa;
  if (a === c) return ((c - b) * s) / (s - 1);
  const q = fa / fc;
  const r = fb / fc;
  const p = s * ((c - b) * q * (q - r) - (b - a) * (r - 1));
  return -p / ((q - 1) * (r - 1) * (s - 1));
}

const GOLDEN_SHARE = (Math.sqrt(5) - 1) / 2;

/**
 * Where `f` is least between `low` and `high`, to within `tolerance` in x. Golden-section search (J. Kiefer, Sequential
 * Minimax Search for a Maximum, 1953): the answer is the least for an f that falls and then rises, or only does one of both.
 */
export function leastAt(f: (x: number) => number, low: number, high: number, tolerance: number): number {
  let [a, b] = [low, high];
  let left = b - GOLDEN_SHARE * (b - a);
  let right = a + GOLDEN_SHARE * (b - a);
  let [atLeft, atRight] = [f(left), f(right)];
  while (b - a > tolerance) {
    if (atLeft <= atRight) {
      b = right;
      [right, atRight] = [left, atLeft];
      left = b - GOLDEN_SHARE * (b - a);
      atLeft = f(left);
    } else {
      a = left;
      [left, atLeft] = [right, atRight];
      right = a + GOLDEN_SHARE * (b - a);
      atRight = f(right);
    }
  }
  return (a + b) / 2;
}

export type NamedSolution = { readonly id: string; readonly solution: Solution };
