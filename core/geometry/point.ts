/** A place on the draft, in millimetres; x to the side, y down. */
export type Point = { readonly x: number; readonly y: number };

export const add = (a: Point, b: Point): Point => ({ x: a.x + b.x, y: a.y + b.y });
/** The point on the other side of the upright x = 0. */
export const mirrored = (p: Point): Point => ({ x: -p.x, y: p.y });
export const distance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);
export const lerp = (a: Point, b: Point, t: number): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });
/** The point so far from another, in a direction given as a unit vector. */
export const step = (from: Point, way: Point, by: number): Point => ({
  x: from.x + way.x * by,
  y: from.y + way.y * by,
});
/** The unit vector from a point to a different one. */
export const directionTo = (from: Point, to: Point): Point => {
  const size = distance(from, to);
  return { x: (to.x - from.x) / size, y: (to.y - from.y) / size };
};
/** The direction turned by `angle` radians, from x towards y. */
export const rotateDirection = ({ x, y }: Point, angle: number): Point => ({
  x: x * Math.cos(angle) - y * Math.sin(angle),
  y: x * Math.sin(angle) + y * Math.cos(angle),
});
/** The opposite direction. */
export const opposite = ({ x, y }: Point): Point => ({ x: -x, y: -y });

/** One degree in radians. */
export const DEGREE = Math.PI / 180;
