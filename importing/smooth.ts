import { along, distanceToChain, endOf, fairCurve, type Path, type Point, pathLength } from "@core/geometry/index";

/** A line of fewer pieces is drawn as it is. */
const MANY_PIECES = 24;
/** How far the curve may leave the drawn points, and how much its length may differ, in millimetres: less than a pen is wide. */
const TOLERANCE_MM = 0.03;
/** Every how many of the points are tried as the curve's own, the fewest first. */
const STRIDES = [32, 16, 8, 4, 2] as const;

/**
 * A curve that was drawn as a great many small pieces, as one fair curve through some of their ends, if there is one that keeps to
 * all of them; otherwise the line as it was.
 */
export function smoothed(path: Path): Path {
  if (path.length <= MANY_PIECES) return path;
  const points = [...path.map((cubic) => cubic[0]), endOf(path)];
  const length = pathLength(path);
  for (const stride of STRIDES) {
    const last = points.length - 1;
    const chosen = points.filter((_, i) => i % stride === 0 || i === last);
    if (chosen.length < 4) continue;
    const curve = fairCurve(chosen);
    if (Math.abs(pathLength(curve) - length) < TOLERANCE_MM && keepsTo(curve, points, stride)) return curve;
  }
  return path;
}

const SAMPLES_A_PIECE = 48;

/** Is every point near the piece of curve that runs past it? */
function keepsTo(curve: Path, points: readonly Point[], stride: number): boolean {
  return curve.every((cubic, piece) => {
    const passed = points.slice(piece * stride + 1, Math.min((piece + 1) * stride, points.length - 1));
    const length = pathLength([cubic]);
    const samples = Array.from(
      { length: SAMPLES_A_PIECE + 1 },
      (_, i) => along([cubic], (length * i) / SAMPLES_A_PIECE).point,
    );
    return passed.every((p) => distanceToChain(p, samples) < TOLERANCE_MM);
  });
}
