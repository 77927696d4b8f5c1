import type { Located } from "./mesh/locate";

/** A place on or about the body, or a direction: x to the wearer's right, y up from the neck point, z forward. Metres. */
export type Place = readonly [number, number, number];

/** A place made axis by axis. */
export const eachAxis = (of: (axis: 0 | 1 | 2) => number): Place => [of(0), of(1), of(2)];

/** So far from a place, in a direction given as a unit vector. */
export const along = (from: Place, way: Place, by: number): Place => eachAxis((k) => from[k] + way[k] * by);

/** The place of a point in a list of three figures a point. */
export const placeIn = (list: ArrayLike<number>, point: number): Place => eachAxis((k) => list[point * 3 + k] ?? 0);

export const DOWN: Place = [0, -1, 0];

/** The direction, one long. */
export const unit = (way: Place): Place => {
  const size = Math.hypot(...way) || 1;
  return eachAxis((k) => way[k] / size);
};

export const dot = (a: Place, b: Place): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** Square to both directions, as long as the area that they span. */
export const cross = (a: Place, b: Place): Place => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** What a triangle of three points looks to as they run round, twice as long as it is large. */
export function facing(places: ArrayLike<number>, a: number, b: number, c: number): Place {
  const from = placeIn(places, a);
  const way = (point: number) => eachAxis((k) => (places[point * 3 + k] ?? 0) - from[k]);
  return cross(way(b), way(c));
}

/** The place that the corners of a triangle make up by their shares. */
export const blended = ({ corners, shares }: Located, placeOf: (corner: number) => Place): Place => {
  const [a, b, c] = [placeOf(corners[0]), placeOf(corners[1]), placeOf(corners[2])];
  return eachAxis((k) => a[k] * shares[0] + b[k] * shares[1] + c[k] * shares[2]);
};
