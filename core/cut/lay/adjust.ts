import type { GarmentSpec } from "../../spec";
import { overlapOf } from "../trim";
import type { ClothOnTable, LayPiece } from "./lay-pieces";
import { type LaidPiece, type LayPlan, lengthOf, outlineOnCloth } from "./lay-plan";

type Place = NonNullable<NonNullable<GarmentSpec["lay"]>["places"]>[number];

/** What is in the way of a piece at this place: another piece, by its id, or the end of the cloth; null for nothing. */
export function inTheWay(
  pieces: readonly LayPiece[],
  laid: readonly LaidPiece[],
  moved: LaidPiece,
  { width, isFolded }: ClothOnTable,
): string | "edge" | null {
  const outline = outlineOnCloth(pieces, moved);
  const across = isFolded ? width / 2 : width;
  if (outline.some(({ x, y }) => x < -OFF_MM || y < -OFF_MM || y > across + OFF_MM)) return "edge";
  const other = laid.find((one) => one.id !== moved.id && overlapOf(outlineOnCloth(pieces, one), outline) > 0);
  return other?.id ?? null;
}

const OFF_MM = 0.05;
/** A place is halved so often between one that is free and one that is not. */
const HALVINGS = 16;

/**
 * The piece moved from its place to what is near it, by no more than `most`: first to the left, then to whichever of the edges across the
 * cloth, or of what lies there, is nearer. It touches what it comes to; where nothing is so near it is not moved that way.
 */
export function snapped(
  pieces: readonly LayPiece[],
  laid: readonly LaidPiece[],
  moved: LaidPiece,
  table: ClothOnTable,
  most: number,
): LaidPiece {
  /** How far it can go this way before it touches; null for further than `most`. */
  const reach = (from: LaidPiece, dx: number, dy: number): number | null => {
    const isFree = (by: number) =>
      inTheWay(pieces, laid, { ...from, x: from.x + dx * by, y: from.y + dy * by }, table) === null;
    if (isFree(most)) return null;
    let [free, taken] = [0, most];
    for (let i = 0; i < HALVINGS; i++) {
      const middle = (free + taken) / 2;
      if (isFree(middle)) free = middle;
      else taken = middle;
    }
    return free;
  };
  const left = { ...moved, x: moved.x - (reach(moved, -1, 0) ?? 0) };
  const isOnFold = pieces.find(({ id }) => id === moved.id)?.isOnFold;
  if (isOnFold) return left;
  const [up, down] = [reach(left, 0, -1), reach(left, 0, 1)];
  if (up === null && down === null) return left;
  const isUp = up !== null && (down === null || up <= down);
  return { ...left, y: left.y + (isUp ? -up : (down ?? 0)) };
}

/** The plan with one piece elsewhere. */
export function withMoved(pieces: readonly LayPiece[], plan: LayPlan, moved: LaidPiece): LayPlan {
  const laid = plan.laid.map((one) => (one.id === moved.id ? moved : one));
  return { ...plan, laid, length: lengthOf(pieces, laid) };
}

/** The plan as the garment keeps it. */
export function placesOf({ laid }: LayPlan): readonly Place[] {
  return laid.map(({ id, x, y, way }) => ({
    piece: id,
    x,
    y,
    lies: way.isTurned ? (way.isFlipped ? "turned-flipped" : "turned") : way.isFlipped ? "flipped" : "as-drawn",
  }));
}

/** The plan that a garment keeps; null where it is not of these pieces any more, or they would lie over each other or off this cloth. */
export function keptPlan(pieces: readonly LayPiece[], places: readonly Place[], table: ClothOnTable): LayPlan | null {
  const laid = places.map(
    ({ piece, x, y, lies }): LaidPiece => ({
      id: piece,
      x,
      y,
      way: { isTurned: lies.startsWith("turned"), isFlipped: lies.endsWith("flipped") },
    }),
  );
  const isWhole = pieces.length === laid.length && pieces.every(({ id }) => laid.some((one) => one.id === id));
  if (!isWhole || laid.some((one) => inTheWay(pieces, laid, one, table) !== null)) return null;
  return { laid, length: lengthOf(pieces, laid), tooWide: [] };
}
