import { ellipseArcPath } from "./ellipse-arc";
import { line, type Path } from "./path";
import type { Point } from "./point";
import { STRAIGHT_TURN } from "./tolerance";

/** A strip bent in its plane: both edges from left to right, the same distance apart everywhere. */
export type RingSector = { readonly upper: Path; readonly lower: Path };

/**
 * The strip whose upper edge is `upper` long and whose lower edge `lower`, `depth` mm apart: a part of a ring, or a rectangle
 * where both are the same. The middle of its lower edge lies at `foot`, and it stands upright. All lengths in millimetres, more than nothing.
 */
export function ringSector(upper: number, lower: number, depth: number, foot: Point): RingSector {
  const turn = (upper - lower) / depth;
  return {
    upper: arc(upper, turn, { x: foot.x, y: foot.y - depth }),
    lower: arc(lower, turn, foot),
  };
}

/** An arc of a length and a whole turn, level at its middle; a positive turn bends its ends down. */
function arc(length: number, turn: number, middle: Point): Path {
  if (Math.abs(turn) < STRAIGHT_TURN) {
    return line({ x: middle.x - length / 2, y: middle.y }, { x: middle.x + length / 2, y: middle.y });
  }
  const radius = length / turn;
  return ellipseArcPath({
    centre: { x: middle.x, y: middle.y + radius },
    radiusX: Math.abs(radius),
    radiusY: Math.abs(radius),
    turned: 0,
    from: (-Math.PI / 2) * Math.sign(turn) - turn / 2,
    sweep: turn,
  });
}
