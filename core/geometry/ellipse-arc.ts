import type { Cubic } from "./cubic";
import type { Path } from "./path";
import type { Point } from "./point";

/** An arc of an ellipse. Angles in radians, counted on the unturned ellipse from its first radius towards its second. */
export type EllipseArc = {
  readonly centre: Point;
  readonly radiusX: number;
  readonly radiusY: number;
  /** How far the first radius is turned from x towards y. */
  readonly turned: number;
  readonly from: number;
  /** Signed: negative runs the other way. */
  readonly sweep: number;
};

/** Cubics of at most this much arc are off by less than a ten-millionth of the radius. */
const MOST_SWEEP = Math.PI / 8;

/** The arc as cubics, at most 1e-7 of the radius beside it. */
export function ellipseArcPath(arc: EllipseArc): Path {
  const pieces = Math.max(1, Math.ceil(Math.abs(arc.sweep) / MOST_SWEEP));
  const step = arc.sweep / pieces;
  return Array.from({ length: pieces }, (_, i) => arcCubic(arc, arc.from + step * i, step));
}

function arcCubic(arc: EllipseArc, from: number, sweep: number): Cubic {
  // The handle length that puts the middle of the cubic on the circle.
  const handle = (4 / 3) * Math.tan(sweep / 4);
  const at = (angle: number, along: number): Point => {
    const x = arc.radiusX * (Math.cos(angle) - Math.sin(angle) * along);
    const y = arc.radiusY * (Math.sin(angle) + Math.cos(angle) * along);
    const [cos, sin] = [Math.cos(arc.turned), Math.sin(arc.turned)];
    return { x: arc.centre.x + x * cos - y * sin, y: arc.centre.y + x * sin + y * cos };
  };
  const to = from + sweep;
  return [at(from, 0), at(from, handle), at(to, -handle), at(to, 0)];
}
