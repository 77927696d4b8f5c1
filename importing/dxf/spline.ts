import { at } from "@core/data/index";
import { type Cubic, lerp, lineCubic, type Path, type Point } from "@core/geometry/index";
import { fromQuadratic } from "../svg/path-data";

/**
 * A B-spline of degree 1, 2 or 3 as cubics, exactly: each span's Bézier points are the spline's blossom at the span's ends
 * (L. Ramshaw, Blossoming, 1987). Null when knots and points do not go together.
 */
export function splinePath(degree: number, points: readonly Point[], knots: readonly number[]): Path | null {
  if (![1, 2, 3].includes(degree) || knots.length !== points.length + degree + 1) return null;
  if (knots.some((knot, i) => !Number.isFinite(knot) || knot < (knots[i - 1] ?? knot))) return null;
  const path: Cubic[] = [];
  for (let span = degree; span < points.length; span++) {
    const [from, to] = [at(knots, span), at(knots, span + 1)];
    if (to <= from) continue;
    const place = (...values: number[]) => blossom(degree, points, knots, span, values);
    if (degree === 1) path.push(lineCubic(place(from), place(to)));
    else if (degree === 2) path.push(fromQuadratic(place(from, from), place(from, to), place(to, to)));
    else path.push([place(from, from, from), place(from, from, to), place(from, to, to), place(to, to, to)]);
  }
  return path.length > 0 ? path : null;
}

/** De Boor's scheme with a value of its own at each step. */
function blossom(
  degree: number,
  points: readonly Point[],
  knots: readonly number[],
  span: number,
  values: readonly number[],
): Point {
  const work = points.slice(span - degree, span + 1);
  for (let r = 1; r <= degree; r++) {
    for (let j = degree; j >= r; j--) {
      const low = at(knots, span - degree + j);
      const high = at(knots, span + 1 + j - r);
      const share = high > low ? (at(values, r - 1) - low) / (high - low) : 0;
      work[j] = lerp(at(work, j - 1), at(work, j), share);
    }
  }
  return at(work, degree);
}
