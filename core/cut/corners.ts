import { at } from "../data";
import { type Point, step } from "../geometry";
import { outwards, type Run } from "./offset-run";

/** A mitre that reaches further out than so many times the wider allowance is cut square. Common practice keeps points short, no source. */
const LONGEST_MITRE = 3;
/** Nearly straight on: no corner. */
const STRAIGHT = 1e-6;

/** An outline that turns straight back is the point of a dart between its two legs: no piece ends in a spike. */
const STRAIGHT_BACK = -0.999;

/**
 * What stands between the lines outside two runs at their common corner: their crossing; a square end where the wider one would not reach
 * the narrower; the corner itself where the outline turns in, from which trimming takes what is too much.
 */
export function cornerBetween(a: Run, b: Run): readonly Point[] {
  const [end, start] = [at(a.seam, a.seam.length - 1), at(b.seam, 0)];
  const corner = end.at;
  const [na, nb] = [outwards(end.along), outwards(start.along)];
  // Clockwise with y down: a turn to the right is an outer corner.
  const sine = end.along.x * start.along.y - end.along.y * start.along.x;
  const cosine = end.along.x * start.along.x + end.along.y * start.along.y;
  if (Math.abs(sine) < STRAIGHT && cosine > 0) return [];
  if (sine < 0 || cosine < STRAIGHT_BACK) return [corner];
  const [narrow, wide] = [Math.min(a.by, b.by), Math.max(a.by, b.by)];
  if (wide === 0) return [];
  if (narrow / wide < cosine) {
    // The wider line ends square to its seam, where the narrower comes out.
    const normal = a.by >= b.by ? na : nb;
    return [step(corner, normal, narrow / cosine)];
  }
  const tip = crossing(corner, na, a.by, nb, b.by);
  const reach = Math.hypot(tip.x - corner.x, tip.y - corner.y);
  if (reach <= LONGEST_MITRE * wide) return [tip];
  return cutSquare(corner, tip, reach, end.along, start.along, na, nb, a.by, b.by);
}

/** The point at the distance `da` outside along `na` and `db` along `nb`. */
function crossing(corner: Point, na: Point, da: number, nb: Point, db: number): Point {
  const across = na.x * nb.y - na.y * nb.x;
  return {
    x: corner.x + (da * nb.y - db * na.y) / across,
    y: corner.y + (na.x * db - nb.x * da) / across,
  };
}

/** A long point cut off square to the line from the corner to its tip. */
function cutSquare(
  corner: Point,
  tip: Point,
  reach: number,
  alongA: Point,
  alongB: Point,
  na: Point,
  nb: Point,
  da: number,
  db: number,
): readonly Point[] {
  const way = { x: (tip.x - corner.x) / reach, y: (tip.y - corner.y) / reach };
  const limit = LONGEST_MITRE * Math.max(da, db);
  const onLine = (from: Point, along: Point): Point => {
    const speed = along.x * way.x + along.y * way.y;
    const gone = (from.x - corner.x) * way.x + (from.y - corner.y) * way.y;
    return step(from, along, (limit - gone) / speed);
  };
  return [onLine(step(corner, na, da), alongA), onLine(step(corner, nb, db), alongB)];
}
