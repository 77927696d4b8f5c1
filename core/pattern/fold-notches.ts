import {
  along,
  distance,
  distanceToChain,
  endOf,
  flatten,
  type Path,
  type Point,
  pathLength,
  startOf,
} from "../geometry";
import { addNotches, type NotchFor } from "./join";
import type { Piece } from "./piece";

/** On an edge, to what is drawn. Millimetres. */
const ON_MM = 0.2;
/** A notch so near is the same. */
const ONE_NOTCH_MM = 1.5;

/** The pieces with a notch at both ends of every fold that crosses them: of a hem, a cuff, a casing. A fold on an edge is laid on the cloth's. */
export function withFoldNotches(pieces: readonly Piece[]): readonly Piece[] {
  return addNotches(pieces, pieces.flatMap(notchesOfFolds), ONE_NOTCH_MM);
}

function notchesOfFolds(piece: Piece): readonly NotchFor[] {
  const chords = flatten(piece.outline);
  const crossing = piece.folds.filter(
    (fold) => distanceToChain(along(fold, pathLength(fold) / 2).point, chords) > ON_MM,
  );
  return crossing.flatMap((fold, i) =>
    [startOf(fold), endOf(fold)].flatMap((end, k) => {
      const found = onEdge(piece, end);
      return found ? [{ piece: piece.id, id: `fold.${i + 1}.${k + 1}`, at: end, inwards: found }] : [];
    }),
  );
}

/** Which way is into the piece, square to the edge that a place lies on; null for a place inside. */
function onEdge({ edges }: Piece, at: Point): Point | null {
  const near = edges
    .map(({ path, length }) => ({ path, length, off: distanceToChain(at, flatten(path)) }))
    .filter(({ off }) => off <= ON_MM)
    .sort((a, b) => b.length - a.length)[0];
  if (!near) return null;
  const { direction } = along(near.path, lengthAt(near.path, near.length, at));
  return { x: -direction.y, y: direction.x };
}

/** How far along a path the place nearest to a point is, to a hundredth of its length: only the direction there is wanted. */
function lengthAt(path: Path, length: number, at: Point): number {
  const places = Array.from({ length: STEPS + 1 }, (_, i) => (length * i) / STEPS);
  return places.reduce((best, one) =>
    distance(along(path, one).point, at) < distance(along(path, best).point, at) ? one : best,
  );
}

const STEPS = 100;
