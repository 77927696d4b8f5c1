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

/** The places of the points along an edge of a piece, from its start; none where there is no such edge. */
export function placesOn({ cut, local }: Pick<Worn, "cut" | "local">, piece: string, edge: string): readonly Place[] {
  const m = cut.meshes.findIndex((mesh) => mesh.piece.id === piece);
  const points = m < 0 ? [] : (at(cut.meshes, m).edges.get(edge) ?? []);
  return points.map(({ point }) => placeIn(local, at(cut.first, m) + point));
}
