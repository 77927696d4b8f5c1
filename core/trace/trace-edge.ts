import { at } from "../data";
import { distance, fairCurve, type Path, type Point, pathLength, SAME_MM } from "../geometry";
import { type PhotoReference, paperFrom, referencePoints, withReferencePoint } from "./reference";

export type TracedEdge = {
  /** The fair curve through the points, in millimetres on the paper. */
  readonly path: Path;
  readonly length: number;
  /** How far the length may be off, in millimetres: two standard deviations, so about 19 times in 20 it is less. */
  readonly error: number;
};

export type TraceProblem = "no-reference" | "too-few-points";
export type Traced =
  | { readonly ok: true; readonly edge: TracedEdge }
  | { readonly ok: false; readonly why: TraceProblem };

const FEWEST_POINTS = 2;
const DEVIATIONS = 2;

/**
 * The edge whose places were pointed at in the photograph, on the paper. `within` is how far a pointed-at place may lie beside
 * what was meant, in picture points (one standard deviation); its effect on the length is reckoned through the perspective,
 * to first order, for every place on the edge and every corner of the reference. What the curve does between sparse places is
 * judged by leaving out every other one. The lens's own bending of straight lines is not known and not in it.
 */
export function traceEdge(points: readonly Point[], reference: PhotoReference, within: number): Traced {
  const places = points.filter((p, i) => i === 0 || distance(p, at(points, i - 1)) > SAME_MM);
  if (places.length < FEWEST_POINTS) return { ok: false, why: "too-few-points" };
  const path = curveOn(places, reference);
  if (!path) return { ok: false, why: "no-reference" };
  const length = pathLength(path);
  const pointing = pointingError(places, reference, length, within);
  const sparse = sparseError(places, reference, length);
  return { ok: true, edge: { path, length, error: DEVIATIONS * Math.hypot(pointing, sparse) } };
}

function curveOn(places: readonly Point[], reference: PhotoReference): Path | null {
  const toPaper = paperFrom(reference);
  const points = toPaper && places.map(toPaper);
  if (!points?.every((p) => Number.isFinite(p.x) && Number.isFinite(p.y))) return null;
  return points.some((p, i) => i > 0 && distance(p, at(points, i - 1)) > SAME_MM) ? fairCurve(points) : null;
}

/** A step of this many picture points for finding how the length answers to a slip. */
const STEP = 0.5;

/** The root of the sum of squares: each place slips by itself. */
function pointingError(places: readonly Point[], reference: PhotoReference, length: number, within: number): number {
  const answer = (moved: Path | null) => (moved ? (pathLength(moved) - length) / STEP : 0);
  const slips = (p: Point): readonly Point[] => [
    { x: p.x + STEP, y: p.y },
    { x: p.x, y: p.y + STEP },
  ];
  const fromPlaces = places.flatMap((place, i) =>
    slips(place).map((slip) =>
      answer(
        curveOn(
          places.map((p, j) => (j === i ? slip : p)),
          reference,
        ),
      ),
    ),
  );
  const fromReference = referencePoints(reference).flatMap((point, i) =>
    slips(point).map((slip) => answer(curveOn(places, withReferencePoint(reference, i, slip)))),
  );
  return within * Math.hypot(...fromPlaces, ...fromReference);
}

/** A cubic spline's miss falls with the fourth power of the spacing: with every other place left out it is 16 times as large. */
const FOURTH_POWER = 15;

function sparseError(places: readonly Point[], reference: PhotoReference, length: number): number {
  const last = places.length - 1;
  const everyOther = places.filter((_, i) => i % 2 === 0 || i === last);
  if (everyOther.length === places.length) return 0;
  const path = curveOn(everyOther, reference);
  return path ? Math.abs(pathLength(path) - length) / FOURTH_POWER : 0;
}
