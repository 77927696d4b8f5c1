import type { Cubic } from "./cubic";
import type { Path } from "./path";
import { distance, type Point } from "./point";

/**
 * The fair curve through the points in their order: a cubic spline whose direction and bending have no jumps, with
 * natural ends. Between points it runs by the square root of their distance (centripetal), which keeps it from
 * looping where points lie unevenly. Throws with fewer than two different points.
 */
export function fairCurve(given: readonly Point[]): Path {
  const points = given.filter((p, i) => i === 0 || distance(p, given[i - 1] as Point) > 1e-9);
  if (points.length < 2) throw new RangeError(`fairCurve: ${points.length} different points make no curve`);
  const steps = points.slice(1).map((p, i) => Math.sqrt(distance(p, points[i] as Point)));
  const xs = splineSlopes(
    points.map((p) => p.x),
    steps,
  );
  const ys = splineSlopes(
    points.map((p) => p.y),
    steps,
  );
  return steps.map((step, i): Cubic => {
    const [p, q] = [points[i] as Point, points[i + 1] as Point];
    const third = step / 3;
    return [
      p,
      { x: p.x + (xs[i] as number) * third, y: p.y + (ys[i] as number) * third },
      { x: q.x - (xs[i + 1] as number) * third, y: q.y - (ys[i + 1] as number) * third },
      q,
    ];
  });
}

/** Slopes at the knots of the natural cubic spline: a tridiagonal system, solved from the top down and back up. */
function splineSlopes(values: readonly number[], steps: readonly number[]): readonly number[] {
  const last = values.length - 1;
  const above: number[] = [];
  const right: number[] = [];
  for (let i = 0; i <= last; i++) {
    const before = i > 0 ? 1 / (steps[i - 1] as number) : 0;
    const after = i < last ? 1 / (steps[i] as number) : 0;
    const rise =
      (i > 0 ? ((values[i] as number) - (values[i - 1] as number)) * before * before : 0) +
      (i < last ? ((values[i + 1] as number) - (values[i] as number)) * after * after : 0);
    const pivot = 2 * (before + after) - before * (above[i - 1] ?? 0);
    above.push(after / pivot);
    right.push((3 * rise - before * (right[i - 1] ?? 0)) / pivot);
  }
  const slopes = [...right];
  for (let i = last - 1; i >= 0; i--)
    slopes[i] = (right[i] as number) - (above[i] as number) * (slopes[i + 1] as number);
  return slopes;
}
