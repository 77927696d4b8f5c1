import type { BodiceHalf } from "../block";
import {
  along,
  boxOf,
  contains,
  endOf,
  flatten,
  line,
  mapPath,
  type Path,
  type Point,
  pathLength,
  reversePath,
  startOf,
  subpath,
} from "../geometry";
import { type Edge, edge, type Piece, type PieceNotch, uprightGrain } from "./piece";
import { KIND } from "./piece-kind";

/** A centre that strays no further from a straight line can lie on the fold. Millimetres. */
const STRAIGHT_MM = 0.1;

export type BodiceEdges = {
  /** From the centre to the underarm, in the direction of the outline. */
  readonly upper: readonly Edge[];
  /** From the underarm down. */
  readonly side: Path;
  /** From the upper edge down. */
  readonly centre: Path;
};

/** Half a bodice as a piece, on the fold where its centre is straight. A side and a hem that nobody measured are named so. */
export function bodicePiece(
  { side, inner, isMadeUpBelow }: Pick<BodiceHalf, "side" | "inner" | "isMadeUpBelow">,
  { upper, side: sideSeam, centre }: BodiceEdges,
  notches: readonly PieceNotch[] = [],
): Piece {
  const name = side === "front" ? "Front" : "Back";
  const below = isMadeUpBelow ? ", made up" : "";
  const edges = [
    ...upper,
    edge("side", "side", `${name} side${below}`, sideSeam),
    edge("hem", "hem", `${name} hem${below}`, line(endOf(sideSeam), endOf(centre))),
    edge("centre", "centre", `Centre ${side}`, reversePath(centre)),
  ];
  const outline = edges.flatMap((one) => one.path);
  const hasStand = inner.some((one) => one.id === BUTTON_STAND);
  const onFold = isStraight(centre) && !hasStand;
  const box = boxOf([outline]);
  const top = Math.min(startOf(centre).y, endOf(centre).y);
  return {
    id: side,
    kind: side === "front" ? KIND.front : KIND.back,
    name,
    cut: onFold
      ? { count: 1, mirrored: false, onFold, interfacing: 0 }
      : { count: 2, mirrored: true, onFold, interfacing: 0 },
    edges,
    outline,
    folds: onFold ? [centre] : [],
    darts: inner
      .filter((one) => one.kind === "seam" && one.id !== BUTTON_STAND)
      .flatMap((one) => insidePart(one.path, outline)),
    grain: uprightGrain(startOf(centre).x + (box.right - startOf(centre).x) * GRAIN_SHARE, top, box.bottom),
    notches,
  };
}

/** The line of a button stand, which is no dart but no fold either. */
const BUTTON_STAND = "front.buttonStand";
/** How far in from the centre the grain arrow stands. */
const GRAIN_SHARE = 0.3;

/** A line is looked for inside the piece at this many places. */
const PLACES = 60;

/** What of a line lies inside the piece: one that began in a part that is cut off starts where it comes in. */
function insidePart(path: Path, outline: Path): readonly Path[] {
  const whole = pathLength(path);
  const corners = flatten(outline);
  const isInside = (at: number) => contains(corners, along(path, at).point);
  const first = Array.from({ length: PLACES }, (_, i) => (whole * (i + 0.5)) / PLACES).find(isInside);
  if (first === undefined) return [];
  if (first < whole / PLACES) return [path];
  let [out, inside] = [first - whole / PLACES, first];
  while (inside - out > STRAIGHT_MM) {
    const middle = (out + inside) / 2;
    if (isInside(middle)) inside = middle;
    else out = middle;
  }
  return [subpath(path, inside, whole)];
}

function isStraight(path: Path): boolean {
  const { left, right } = boxOf([path]);
  return right - left <= STRAIGHT_MM;
}

/** The piece moved, and turned over where it is laid the other way round: its outline still runs with the piece to its right. */
export function placePiece(piece: Piece, place: (p: Point) => Point, isTurnedOver: boolean): Piece {
  const moved = (path: Path) => mapPath(path, place);
  const placed = piece.edges.map((one) => ({ ...one, path: moved(one.path) }));
  const edges = isTurnedOver ? placed.map((one) => ({ ...one, path: reversePath(one.path) })).reverse() : placed;
  return {
    ...piece,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: piece.folds.map(moved),
    darts: piece.darts.map(moved),
    ...(piece.buttons
      ? { buttons: piece.buttons.map((one) => ({ ...one, at: place(one.at), hole: moved(one.hole) })) }
      : {}),
    grain: { from: place(piece.grain.from), to: place(piece.grain.to) },
    notches: piece.notches.map((notch) => {
      const at = place(notch.at);
      const tip = place({ x: notch.at.x + notch.inwards.x, y: notch.at.y + notch.inwards.y });
      return { ...notch, at, inwards: { x: tip.x - at.x, y: tip.y - at.y } };
    }),
  };
}
