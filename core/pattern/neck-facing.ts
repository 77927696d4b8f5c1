import type { Side } from "../block";
import { along, fairCurve, line, type Path, type Point, pathLength, reversePath, subpath } from "../geometry";
import { edge, type Piece } from "./piece";
import { KIND } from "./piece-kind";

/** A facing's outer edge is drawn through so many places, nearer to each other towards its ends, where a neck bends most. */
const PLACES = 18;

export type Neck = {
  readonly side: Side;
  /** From the shoulder to the centre. */
  readonly neckline: Path;
  /** From the neckline outwards. */
  readonly shoulder: Path;
  readonly centre: Point;
};

/** The facing of a neck, on the fold: as wide all round, along the shoulder and square to the centre. Millimetres. */
export function neckFacing({ side, neckline, shoulder, centre }: Neck, width: number): Piece {
  const whole = pathLength(neckline);
  const outside = Array.from({ length: PLACES + 1 }, (_, i) => {
    const { point, direction } = along(neckline, (whole * (1 - Math.cos((Math.PI * i) / PLACES))) / 2);
    // The neckline runs from the shoulder to the centre with the bodice to its left.
    return { x: point.x + direction.y * width, y: point.y - direction.x * width };
  });
  const shoulderEnd = along(shoulder, width).point;
  const centreEnd = { x: centre.x, y: centre.y + width };
  const name = side === "front" ? "Front" : "Back";
  const edges = [
    edge("neckline", "neck", `${name} neck`, reversePath(neckline)),
    edge("shoulder", "shoulder", "Shoulder", subpath(shoulder, 0, width)),
    edge("outer", "raw", "Outer edge", fairCurve([shoulderEnd, ...outside.slice(1, -1), centreEnd])),
    edge("centre", "centre", `Centre ${side}`, line(centreEnd, centre)),
  ];
  const middle = along(neckline, whole * 0.7);
  const at = {
    x: middle.point.x + middle.direction.y * (width / 2),
    y: middle.point.y - middle.direction.x * (width / 2),
  };
  return {
    id: `${side}Facing`,
    kind: side === "front" ? KIND.frontFacing : KIND.backFacing,
    name: `${name} neck facing`,
    cut: { count: 1, mirrored: false, onFold: true, interfacing: 1 },
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [line(centre, centreEnd)],
    darts: [],
    grain: { from: { x: at.x, y: at.y - width * 0.35 }, to: { x: at.x, y: at.y + width * 0.35 } },
    notches: [],
  };
}
