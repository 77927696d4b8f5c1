import { at } from "../../data";
import type { Phrase } from "../../draft";
import { type Place, placeIn } from "../place";
import type { Worn } from "../worn";

/** A figure that is read off the worn toile, beside what the draft foretold for it where it foretells one. Millimetres, degrees or shares. */
export type WornRead = {
  readonly id: string;
  readonly label: string;
  readonly kind: "length" | "degrees" | "share";
  readonly value: number;
  readonly foretold: number | null;
  readonly how: Phrase;
};

/** A read with how far it may be off, in its own unit: how far three meshes lay from their mean. Null for one that is only to be compared. */
export type ToldRead = WornRead & { readonly spread: number | null };

/**
 * How far the reads of three meshes (20, 16 and 12 mm) lay from their mean at most, over work shirt, T-shirt, jacket, coat and blouse, rounded
 * up. What is not here was not found to come nearer with a finer mesh, or is the difference of two toiles.
 */
const SPREADS: Readonly<Record<string, number>> = {
  "room.bust": 4,
  "room.waist": 2,
  "room.hip": 4,
  "room.upperArm": 2,
  "room.elbow": 6,
  "strain.upperArm": 0.005,
  "strain.elbow": 0.005,
  "collar.cover.back": 2,
  "collar.cover.half": 2,
  "collar.cover.shoulder": 2,
  "collar.cover.round": 2,
  "stand.offNeck": 1,
  "hem.frontOverBack": 2,
};

/** The other arm's reads carry its side in their id. */
const OF_LEFT = /\.left$/;

export const withSpread = (read: WornRead): ToldRead => ({
  ...read,
  spread: SPREADS[read.id.replace(OF_LEFT, "")] ?? null,
});

/** The places of the points along an edge of a piece, from its start; none where there is no such edge. */
export function placesOn({ cut, local }: Pick<Worn, "cut" | "local">, piece: string, edge: string): readonly Place[] {
  const m = cut.meshes.findIndex((mesh) => mesh.piece.id === piece);
  const points = m < 0 ? [] : (at(cut.meshes, m).edges.get(edge) ?? []);
  return points.map(({ point }) => placeIn(local, at(cut.first, m) + point));
}
