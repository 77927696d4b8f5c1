import { at } from "../data";
import { type Cubic, cubicDerivative, cubicPoint, distance, lineCubic, type Path, type Point } from "../geometry";
import type { Sample } from "./offset-run";

/** A curve drawn again through samples leaves none of them by more. */
const FITTED_MM = 0.015;
/** What strays less from its chord is straight. */
const STRAIGHT_MM = 0.002;
/** Rounds in which each sample looks for the nearest place of the curve. */
const ROUNDS = 4;

/**
 * As few cubics as pass every sample within `FITTED_MM`, with the directions of the samples at their ends. P. J. Schneider, An Algorithm
 * for Automatically Fitting Digitized Curves, 1990.
 */
export function fitCurve(samples: readonly Sample[]): Path {
  if (samples.length < 2) return [];
  const [first, last] = [at(samples, 0), at(samples, samples.length - 1)];
  if (strayOf(samples) < STRAIGHT_MM) return [lineCubic(first.at, last.at)];
  if (samples.length === 2) return [lineCubic(first.at, last.at)];
  let shares = chordShares(samples);
  let worst = { index: Math.floor(samples.length / 2), off: Number.POSITIVE_INFINITY };
  for (let round = 0; round < ROUNDS; round++) {
    const cubic = leastSquares(samples, shares);
    if (!cubic) break;
    worst = worstOf(samples, shares, cubic);
    if (worst.off <= FITTED_MM) return [cubic];
    if (worst.off > 50 * FITTED_MM) break;
    shares = samples.map(({ at: p }, i) => nearer(cubic, p, at(shares, i)));
  }
  const cut = Math.max(1, Math.min(samples.length - 2, worst.index));
  return [...fitCurve(samples.slice(0, cut + 1)), ...fitCurve(samples.slice(cut))];
}

function strayOf(samples: readonly Sample[]): number {
  const [a, b] = [at(samples, 0).at, at(samples, samples.length - 1).at];
  const long = distance(a, b);
  if (long === 0) return Number.POSITIVE_INFINITY;
  return Math.max(
    ...samples.map(({ at: p }) => Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / long),
  );
}

function chordShares(samples: readonly Sample[]): readonly number[] {
  let gone = 0;
  const lengths = samples.map(({ at: p }, i) => {
    if (i > 0) gone += distance(p, at(samples, i - 1).at);
    return gone;
  });
  return lengths.map((length) => length / gone);
}

/** The handles at both ends along the samples' directions with the least squares of what the curve leaves the samples by. */
function leastSquares(samples: readonly Sample[], shares: readonly number[]): Cubic | null {
  const [from, to] = [at(samples, 0), at(samples, samples.length - 1)];
  const [p0, p3] = [from.at, to.at];
  const [u, v] = [from.along, { x: -to.along.x, y: -to.along.y }];
  let [uu, uv, vv, ru, rv] = [0, 0, 0, 0, 0];
  samples.forEach(({ at: p }, i) => {
    const t = at(shares, i);
    const s = 1 - t;
    const [b1, b2] = [3 * s * s * t, 3 * s * t * t];
    const start = s * s * s + b1;
    const rest = { x: p.x - p0.x * start - p3.x * (1 - start), y: p.y - p0.y * start - p3.y * (1 - start) };
    uu += b1 * b1;
    vv += b2 * b2;
    uv += b1 * b2 * (u.x * v.x + u.y * v.y);
    ru += b1 * (rest.x * u.x + rest.y * u.y);
    rv += b2 * (rest.x * v.x + rest.y * v.y);
  });
  const det = uu * vv - uv * uv;
  const [a, b] = [(ru * vv - rv * uv) / det, (rv * uu - ru * uv) / det];
  // Handles that point back, or past each other, make no fair curve between the samples: it is cut into shorter ones.
  const most = distance(p0, p3);
  if (!(a > 0 && a < most) || !(b > 0 && b < most)) return null;
  return [p0, { x: p0.x + u.x * a, y: p0.y + u.y * a }, { x: p3.x + v.x * b, y: p3.y + v.y * b }, p3];
}

function worstOf(samples: readonly Sample[], shares: readonly number[], cubic: Cubic) {
  return samples.reduce(
    (worst, { at: p }, index) => {
      const off = distance(cubicPoint(cubic, at(shares, index)), p);
      return off > worst.off ? { index, off } : worst;
    },
    { index: 0, off: 0 },
  );
}

/** One step of Newton towards the parameter whose point is nearest. */
function nearer(cubic: Cubic, p: Point, t: number): number {
  const q = cubicPoint(cubic, t);
  const d = cubicDerivative(cubic, t);
  const size = d.x * d.x + d.y * d.y;
  if (size === 0) return t;
  return Math.max(0, Math.min(1, t - ((q.x - p.x) * d.x + (q.y - p.y) * d.y) / size));
}
