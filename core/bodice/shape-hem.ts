import {
  along,
  betweenDirections,
  directionTo,
  distance,
  endOf,
  evenCurve,
  findRoot,
  lengthAtHeight,
  line,
  type Path,
  type Point,
  pathLength,
  rotateDirection,
  SOLVED_FINELY_MM,
  SOLVED_MM,
  startOf,
  step,
  subpath,
} from "../geometry";

/** Below this there is nothing left to flare. Our own limit. */
const LEAST_FLARED_MM = 30;

/**
 * An edge that runs down, swung out by `out` at its foot (negative: inwards) from the level where it leaves the body. It
 * stays as long as it was, so that the hem hangs level; what does not reach below that level stays.
 */
export function flared(path: Path, level: number, out: number): Path {
  const whole = pathLength(path);
  const reaches = startOf(path).y < level && endOf(path).y > level + LEAST_FLARED_MM;
  if (out === 0 || !reaches) return path;
  // At the waist itself a dart has its corner: the edge is followed from just below.
  const from = lengthAtHeight(path, level) + PAST_CORNER_MM;
  const { point: start, direction } = along(path, from);
  const foot = endOf(path);
  const x = foot.x + out;
  const rest = whole - from;
  // Just so far out, and as much higher as the swing takes.
  const swung = (y: number): Path => [evenCurve(start, direction, { x, y })];
  const found = findRoot((y) => pathLength(swung(y)) - rest, start.y, foot.y, SOLVED_FINELY_MM);
  if (found.converged) return [...subpath(path, 0, from), ...swung(found.value)];
  // Further out than the edge is long: as far that way as it goes.
  const way = directionTo(start, { x, y: foot.y });
  const reaching = (reach: number): Path => [evenCurve(start, direction, step(start, way, reach))];
  const reach = findRoot((one) => pathLength(reaching(one)) - rest, rest * 0.01, rest, SOLVED_FINELY_MM);
  return [...subpath(path, 0, from), ...reaching(reach.value)];
}

const PAST_CORNER_MM = 0.5;

/** The hem of a panel from the foot of its right edge to that of its left one: square to both, so that it runs on into its neighbours. */
export function hemBetween(right: Path, left: Path): Path {
  const [from, to] = [endOf(right), endOf(left)];
  const down = (path: Path) => along(path, pathLength(path)).direction;
  const leaving = rotateDirection(down(right), Math.PI / 2);
  const arriving = rotateDirection(down(left), Math.PI / 2);
  if (!(leaving.x < 0) || !(arriving.x < 0)) return line(from, to);
  return [betweenDirections(from, leaving, to, arriving)];
}

/** The lower end of a side that is raised for a curved hem; as it is where the side has not so much. */
export function raisedFoot(side: Path, rise: number): Path {
  const whole = pathLength(side);
  return rise > 0 && rise < whole * MOST_RISE_SHARE ? subpath(side, 0, whole - rise) : side;
}

/** A hem that rises by more leaves no side seam. Our own limit. */
export const MOST_RISE_SHARE = 0.8;

/** How far both ends of a curved hem run level: of its width. Chosen by eye on shirt tails from 1 to 5 in. */
const LEVEL_SHARE = 0.45;

/** From the side to the centre: level at both, with an even sweep between, as a shirt tail has it. */
export function curvedHem(side: Path, centre: Path): Path {
  const [from, to] = [endOf(side), endOf(centre)];
  const run = (to.x - from.x) * LEVEL_SHARE;
  return [[from, { x: from.x + run, y: from.y }, { x: to.x - run, y: to.y }, to]];
}

/** Where an upright through x meets the hem, from its start; null where it does not. */
export function hemAt(hem: Path, x: number): number | null {
  const whole = pathLength(hem);
  const found = findRoot((at) => along(hem, at).point.x - x, 0, whole, SOLVED_MM);
  return found.converged ? found.value : null;
}

/** Is the hem straight, to what can be seen? Only then can it be folded. */
export function isStraightHem(hem: Path): boolean {
  return pathLength(hem) - distance(startOf(hem), endOf(hem)) < STRAIGHT_MM;
}

const STRAIGHT_MM = 0.05;

export type Foot = { readonly at: number; readonly point: Point };
