import { lerp, type Point } from "./point";

/** A cubic Bézier: start, two control points, end. A straight line is one with its controls at the thirds. */
export type Cubic = readonly [Point, Point, Point, Point];

export function lineCubic(from: Point, to: Point): Cubic {
  return [from, lerp(from, to, 1 / 3), lerp(from, to, 2 / 3), to];
}

/** The point at parameter t in [0, 1]. */
export function cubicPoint([p0, p1, p2, p3]: Cubic, t: number): Point {
  const s = 1 - t;
  const a = s * s * s;
  const b = 3 * s * s * t;
  const c = 3 * s * t * t;
  const d = t * t * t;
  return { x: a * p0.x + b * p1.x + c * p2.x + d * p3.x, y: a * p0.y + b * p1.y + c * p2.y + d * p3.y };
}

/** The first derivative at parameter t: millimetres per unit of t. */
export function cubicDerivative([p0, p1, p2, p3]: Cubic, t: number): Point {
  const s = 1 - t;
  const a = 3 * s * s;
  const b = 6 * s * t;
  const c = 3 * t * t;
  return {
    x: a * (p1.x - p0.x) + b * (p2.x - p1.x) + c * (p3.x - p2.x),
    y: a * (p1.y - p0.y) + b * (p2.y - p1.y) + c * (p3.y - p2.y),
  };
}

/** The second derivative at parameter t. */
function cubicSecondDerivative([p0, p1, p2, p3]: Cubic, t: number): Point {
  const a = 6 * (1 - t);
  const b = 6 * t;
  return {
    x: a * (p2.x - 2 * p1.x + p0.x) + b * (p3.x - 2 * p2.x + p1.x),
    y: a * (p2.y - 2 * p1.y + p0.y) + b * (p3.y - 2 * p2.y + p1.y),
  };
}

/**
 * The most that the curve bends: a chord over a share h of the parameter leaves it by at most bend × h² ÷ 8. Millimetres.
 */
export function mostBend([a, b, c, d]: Cubic): number {
  const turn = (p: Point, q: Point, r: Point) => Math.hypot(p.x - 2 * q.x + r.x, p.y - 2 * q.y + r.y);
  return 6 * Math.max(turn(a, b, c), turn(b, c, d));
}

/** Both halves of the curve cut at parameter t (de Casteljau). */
export function splitCubic([p0, p1, p2, p3]: Cubic, t: number): readonly [Cubic, Cubic] {
  const a = lerp(p0, p1, t);
  const b = lerp(p1, p2, t);
  const c = lerp(p2, p3, t);
  const d = lerp(a, b, t);
  const e = lerp(b, c, t);
  const f = lerp(d, e, t);
  return [
    [p0, a, d, f],
    [f, e, c, p3],
  ];
}

export function reverseCubic([p0, p1, p2, p3]: Cubic): Cubic {
  return [p3, p2, p1, p0];
}

/** The curve with every control point moved by `move`: any affine move keeps it a cubic. */
export function mapCubic([p0, p1, p2, p3]: Cubic, move: (p: Point) => Point): Cubic {
  return [move(p0), move(p1), move(p2), move(p3)];
}

/** Signed curvature in 1/mm; positive where the curve turns from x towards y. */
export function curvature(cubic: Cubic, t: number): number {
  const d = cubicDerivative(cubic, t);
  const dd = cubicSecondDerivative(cubic, t);
  return (d.x * dd.y - d.y * dd.x) / (d.x * d.x + d.y * d.y) ** 1.5;
}
