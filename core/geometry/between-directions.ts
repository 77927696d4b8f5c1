import type { Cubic } from "./cubic";
import { directionTo, distance, opposite, type Point, step } from "./point";

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
