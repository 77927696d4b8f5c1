import { at } from "../data";
import type { Cubic } from "./cubic";
import type { Path } from "./path";
import { directionTo, distance, opposite, type Point, step } from "./point";
import { SOLVED_FINELY_MM } from "./tolerance";

/**
 * The fair curve through the points in their order: a cubic spline whose direction and bending have no jumps, with
 * natural ends. Between points it runs by the square root of their distance (centripetal), which keeps it from
 * looping where points lie unevenly. Throws with fewer than two different points.
 */
export function fairCurve(given: readonly Point[]): Path {
  const points = given.filter((p, i) => i === 0 || distance(p, at(given, i - 1)) > SOLVED_FINELY_MM);
  if (points.length < 2) throw new RangeError(`fairCurve: ${points.length} different points make no curve`);
  const steps = points.slice(1).map((p, i) => Math.sqrt(distance(p, at(points, i))));
  const xs = splineSlopes(
    points.map((p) => p.x),
    steps,
  );
  const ys = splineSlopes(
    points.map((p) => p.y),
    steps,
  );
  return steps.map((step, i): Cubic => {
    const [p, q] = [at(points, i), at(points, i + 1)];
    const third = step / 3;
    return [
      p,
      { x: p.x + at(xs, i) * third, y: p.y + at(ys, i) * third },
      { x: q.x - at(xs, i + 1) * third, y: q.y - at(ys, i + 1) * third },
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
    const before = i > 0 ? 1 / at(steps, i - 1) : 0;
    const after = i < last ? 1 / at(steps, i) : 0;
    const rise =
      (i > 0 ? (at(values, i) - at(values, i - 1)) * before * before : 0) +
      (i < last ? (at(values, i + 1) - at(values, i)) * after * after : 0);
    const pivot = 2 * (before + after) - before * (above[i - 1] ?? 0);
    above.push(after / pivot);
    right.push((3 * rise - before * (right[i - 1] ?? 0)) / pivot);
  }
  const slopes = [...right];
  for (let i = last - 1; i >= 0; i--) slopes[i] = at(right, i) - at(above, i) * at(slopes, i + 1);
  return slopes;
}

/** A curve between two directions; of one turn throughout it is very nearly the arc of a circle. */
export function betweenDirections(from: Point, leaving: Point, to: Point, arriving: Point): Cubic {
  const turn = Math.acos(Math.max(-1, Math.min(1, leaving.x * arriving.x + leaving.y * arriving.y)));
  const handle = distance(from, to) / (3 * Math.cos(turn / 4) ** 2);
  return [from, step(from, leaving, handle), step(to, opposite(arriving), handle), to];
}

/** The curve that leaves in a direction and arrives in the one that mirrors it in the chord: bent evenly, the flattest that there is. */
export function evenCurve(from: Point, leaving: Point, to: Point): Cubic {
  const chord = directionTo(from, to);
  const dot = leaving.x * chord.x + leaving.y * chord.y;
  return betweenDirections(from, leaving, to, { x: 2 * dot * chord.x - leaving.x, y: 2 * dot * chord.y - leaving.y });
}
