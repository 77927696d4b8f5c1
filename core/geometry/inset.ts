import { withStartDirection } from "./deform";
import { fairCurve } from "./fair-curve";
import { along, type Path, pathLength, reversePath } from "./path";
import { directionTo, distance, type Point, rotateDirection, step } from "./point";
import { SOLVED_FINELY_MM } from "./tolerance";

/** A curve beside another is drawn through so many places, nearer to each other towards its ends. */
const PLACES = 28;

/**
 * The curve that lies `by` to one side of a path, square to it at every place: to its right (1) or its left (-1). `by` is in
 * millimetres, for a share of the way along. Where the path bends tighter than that the curve would turn back: such places are left out.
 */
export function offset(path: Path, by: (share: number) => number, turn: 1 | -1): Path {
  const whole = pathLength(path);
  const placeAt = (share: number) => {
    const { point, direction } = along(path, whole * share);
    return { at: step(point, rotateDirection(direction, (turn * Math.PI) / 2), by(share)), direction };
  };
  const places = Array.from({ length: PLACES + 1 }, (_, i) => placeAt((1 - Math.cos((Math.PI * i) / PLACES)) / 2));
  const kept = places.filter(({ at }, i) => {
    const before = places[i - 1];
    return i === 0 || !before || forward(before.at, at, before.direction);
  });
  const points = kept.map(({ at }) => at);
  const end = placeAt(1).at;
  const curve = fairCurve(
    distance(points[points.length - 1] ?? end, end) > SOLVED_FINELY_MM ? [...points, end] : points,
  );
  // Its ends run as the path's do, so that what is square to the one is square to the other.
  const leaving = directionTo(placeAt(0).at, placeAt(NEXT).at);
  const arriving = directionTo(placeAt(1).at, placeAt(1 - NEXT).at);
  return reversePath(withStartDirection(reversePath(withStartDirection(curve, leaving)), arriving));
}

/** The share of a path by whose next place the direction at its end is told. */
const NEXT = 1e-6;

function forward(from: Point, to: Point, direction: Point): boolean {
  return (to.x - from.x) * direction.x + (to.y - from.y) * direction.y > 0;
}

/**
 * The place inside a corner that lies `by` from both its edges, which run into it along `into` and out of it along `out`; no further in
 * along either than `most`, for a corner that is hardly one.
 */
export function insideCorner(into: Point, corner: Point, out: Point, by: number, most: number): Point {
  const sine = Math.abs(into.x * out.y - into.y * out.x);
  const reach = Math.min(by / Math.max(sine, 1e-6), most);
  return { x: corner.x + (out.x - into.x) * reach, y: corner.y + (out.y - into.y) * reach };
}
