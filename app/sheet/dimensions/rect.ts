import type { Point } from "@core/geometry/index";

/** A rectangle of the screen, in pixels. */
export type Rect = { readonly left: number; readonly top: number; readonly right: number; readonly bottom: number };

/** A straight stretch from one place of the screen to another. */
export type Segment = readonly [Point, Point];

/** Whether two rectangles share more than an edge. */
export const isOver = (a: Rect, b: Rect): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** The rectangle with so much more on every side. */
export const grown = (rect: Rect, by: number): Rect => ({
  left: rect.left - by,
  top: rect.top - by,
  right: rect.right + by,
  bottom: rect.bottom + by,
});

/** The place of a rectangle that lies nearest to a point. */
export function nearestOnRect({ left, top, right, bottom }: Rect, { x, y }: Point): Point {
  return { x: Math.min(right, Math.max(left, x)), y: Math.min(bottom, Math.max(top, y)) };
}

/** Whether a stretch runs into a rectangle. */
export function crossesRect([a, b]: Segment, { left, top, right, bottom }: Rect): boolean {
  const inside = ({ x, y }: Point) => x > left && x < right && y > top && y < bottom;
  if (inside(a) || inside(b)) return true;
  const corners: readonly Point[] = [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ];
  return corners.some((corner, i) => segmentsCross([a, b], [corner, corners[(i + 1) % 4] ?? corner]));
}

/** Whether two stretches cross within both; touching at an end is no crossing. */
export function segmentsCross([a, b]: Segment, [c, d]: Segment): boolean {
  const turn = (p: Point, q: Point, r: Point) => (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
}
