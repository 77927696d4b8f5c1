import { type Garment, sketchGarment } from "../garment";
import { type GarmentSpec, readGarment, writeGarment } from "../spec";
import { type Amended, type AmendId, amendNamed, withAmend } from "./amendments";
import { OBSERVATIONS, type ObservationId } from "./observations";

/** A change that is usual for what was seen, with a first amount in millimetres. */
export type Proposal = { readonly id: AmendId; readonly says: string; readonly first: number };

/** What is usually done to this garment for what was seen, the likeliest first; nothing that it has no figure for. */
export function proposalsFor(garment: Garment, seen: ObservationId): readonly Proposal[] {
  return OBSERVATIONS[seen].amends.flatMap((id) => {
    const { says, first } = amendNamed(id);
    return amendGarment(garment.spec, [{ id, by: first }]).spec ? [{ id, says, first }] : [];
  });
}

export type Amendment = {
  /** Null where the first change that cannot be made is `refused`. */
  readonly spec: GarmentSpec | null;
  readonly refused: AmendId | null;
};

/** The garment with these changes made one after the other, each on what the ones before it gave. */
export function amendGarment(spec: GarmentSpec, amends: readonly Amended[]): Amendment {
  let now = spec;
  for (const amend of amends) {
    const next = amend.by === 0 ? now : withAmend(sketchGarment(now), amend);
    // A figure outside its range is refused here, not when it is saved.
    if (!next || !readGarment(writeGarment(next, "mm")).ok) return { spec: null, refused: amend.id };
    now = next;
  }
  return { spec: now, refused: null };
}
