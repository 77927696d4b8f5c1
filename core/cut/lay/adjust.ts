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

/** The piece moved to the left from its place as far as nothing is in its way: it touches what lies there. */
export function snappedLeft(
  pieces: readonly LayPiece[],
  laid: readonly LaidPiece[],
  moved: LaidPiece,
  table: ClothOnTable,
  most: number,
): LaidPiece {
  const at = (by: number): LaidPiece => ({ ...moved, x: moved.x - by });
  const isFree = (by: number) => inTheWay(pieces, laid, at(by), table) === null;
  let [free, taken] = [0, most];
  if (isFree(most)) return at(most);
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (free + taken) / 2;
    if (isFree(middle)) free = middle;
    else taken = middle;
  }
  return at(free);
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
