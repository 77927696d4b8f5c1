import { along, directionTo, distance, endOf, line, type Path, type Point, pathLength, step } from "../geometry";

/** The mouth of a dart from the leg it is pressed to over its foot to the other leg; `along` is a place on the seam beyond the first. */
export function dartMouth(apex: Point, pressedTo: Point, other: Point, along: Point): Path {
  const foot = truedFoot(apex, pressedTo, other, along);
  return [...line(pressedTo, foot), ...line(foot, other)];
}

/**
 * The mouth of a dart whose legs need not be straight, nor open towards its point: what matters is how they run where they end. Null where
 * they run side by side.
 */
export function mouthOfLegs(pressedTo: Path, other: Path, along: Point): Path | null {
  const [p, q] = [endOf(pressedTo), endOf(other)];
  const [a, b] = [directionAtEnd(pressedTo), directionAtEnd(other)];
  const across = a.x * b.y - a.y * b.x;
  if (Math.abs(across) < SIDE_BY_SIDE) return null;
  const reach = ((q.x - p.x) * b.y - (q.y - p.y) * b.x) / across;
  return dartMouth(step(p, a, reach), p, q, along);
}

const directionAtEnd = (path: Path) => along(path, pathLength(path)).direction;

/** Legs that run together by less than this meet too far off to be a dart: some 0.6 degrees. */
const SIDE_BY_SIDE = 0.01;

/**
 * The point in which the mouth of a dart is cut: folded along its middle and pressed to the side of its inner leg, the mouth then lies on
 * the seam from there on. `along` is a place on that seam.
 */
function truedFoot(apex: Point, inner: Point, outer: Point, along: Point): Point {
  const angleOf = (p: Point) => Math.atan2(p.y - apex.y, p.x - apex.x);
  const leg = angleOf(inner);
  const turn = angleOf(outer) - leg;
  const half = Math.atan2(Math.sin(turn), Math.cos(turn)) / 2;
  // The middle of the dart, turned over its inner leg, is a ray that meets the seam; as far out along the middle itself lies the foot.
  const ray = { x: Math.cos(leg - half), y: Math.sin(leg - half) };
  const seam = directionTo(inner, along);
  const across = ray.x * seam.y - ray.y * seam.x;
  const reach = ((inner.x - apex.x) * seam.y - (inner.y - apex.y) * seam.x) / across;
  const whole = distance(apex, inner);
  // A dart that lies along its seam has no foot to speak of.
  const out = Number.isFinite(reach) && reach > whole / 2 && reach < whole * 2 ? reach : whole * Math.cos(half);
  return { x: apex.x + Math.cos(leg + half) * out, y: apex.y + Math.sin(leg + half) * out };
}
