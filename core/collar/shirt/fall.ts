import {
  along,
  endOf,
  evenCurve,
  line,
  type Path,
  type Point,
  reversePath,
  rotateDirection,
  startOf,
  step,
  subpath,
} from "../../geometry";
import { edge, notchOn, type Piece } from "../../pattern";
import { smallerTo, tipInside } from "../collar-figures";
import type { LetOutFound } from "../outer-edge";
import { type BandShape, edgeAt, edgeLengthTo, frontAt } from "../stand/band-shape";

/** A collar that is turned down, flat: its lower edge bends the other way than a stand's, and its front ends in a point. Millimetres. */
export type Fall = {
  readonly shape: BandShape;
  /** From the lower to the outer edge at the centre back. */
  readonly width: number;
  /** Where the shoulder meets the lower edge, from the centre back. */
  readonly shoulderAt: number;
  readonly point: number;
  readonly spread: number;
};

/** A fall that was let out, and the line on the block that it lies on. */
export type Bent = LetOutFound & { readonly fall: Fall; readonly lineBelow: Path };

/** The front of the lower edge, and the collar point: so far forward of square, at the end of a front edge of its length. */
export function pointOf({ shape, point, spread }: Fall): { readonly foot: Point; readonly tip: Point } {
  const { at: foot, along: forward } = frontAt(shape, 0);
  const up = rotateDirection(forward, -Math.PI / 2);
  return { foot, tip: step(step(foot, up, Math.sqrt(point * point - spread * spread)), forward, spread) };
}

/** From the centre back: the same distance from the lower edge as far as the shoulder, and on in one sweep to the point. */
function outerEdgeOf(fall: Fall): Path {
  const { shape, width, shoulderAt } = fall;
  const whole = edgeAt(shape, width);
  const toShoulder = subpath(whole, 0, edgeLengthTo(shape, width, shoulderAt));
  const from = endOf(toShoulder);
  const heading = along(whole, edgeLengthTo(shape, width, shoulderAt)).direction;
  return [...toShoulder, evenCurve(from, heading, pointOf(fall).tip)];
}

export function fallPiece(fall: Fall, piece: Pick<Piece, "id" | "kind" | "name" | "cut">): Piece {
  return pieceWith(fall, piece, outerEdgeOf(fall));
}

function pieceWith(fall: Fall, piece: Pick<Piece, "id" | "kind" | "name" | "cut">, outer: Path): Piece {
  const { shape, width, shoulderAt } = fall;
  const lower = edgeAt(shape, 0);
  const { foot } = pointOf(fall);
  const tip = endOf(outer);
  const fold = line(startOf(lower), startOf(outer));
  const edges = [
    edge("outer", "outer", "Outer edge", outer),
    edge("front", "outer", "Front edge", line(tip, foot)),
    edge("neck", "neck", "Lower edge", reversePath(lower)),
    edge("centreBack", "centre", "Centre back", fold),
  ];
  return {
    ...piece,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [fold],
    darts: [],
    grain: { from: { x: shoulderAt / 2, y: -width * 0.8 }, to: { x: shoulderAt / 2, y: -width * 0.12 } },
    notches: [notchOn("centreBack", lower, 0, -1), notchOn("shoulder", lower, shoulderAt, -1)],
  };
}

/** The under collar: smaller along the whole of both free edges of the top collar; both meet the same seam below. */
export function underFallPiece(fall: Fall, piece: Pick<Piece, "id" | "kind" | "name" | "cut">): Piece {
  const outer = outerEdgeOf(fall);
  const { foot, tip } = pointOf(fall);
  return pieceWith(fall, piece, smallerTo(outer, tipInside(outer, tip, foot), 1));
}
