import { ARM_MEASURES } from "../../body";
import { isOfArm } from "../../drafting";
import type { Garment } from "../../garment";

/** A garment for each arm, right and left, where the arms differ, with the sleeve of that arm if it has one of its own; null where they do not. */
export function ofEachArm(garment: Garment): { readonly right: Garment; readonly left: Garment } | null {
  const { otherArm } = garment.spec;
  if (!otherArm) return null;
  const other = asOther(garment, otherArm);
  return otherArm.side === "right" ? { right: other, left: garment } : { right: garment, left: other };
}

/** The garment with the sleeve of its other arm, called as its first is. */
function asOther(garment: Garment, otherArm: NonNullable<Garment["spec"]["otherArm"]>): Garment {
  const insteadOf = new Map(
    garment.pieces.flatMap(({ id, arm }) => (arm?.insteadOf ? [[id, arm.insteadOf] as const] : [])),
  );
  const isOther = (id: string) => insteadOf.has(id);
  const replaced = new Set(insteadOf.values());
  const pieceOf = (edge: string) => edge.slice(0, edge.indexOf("."));
  const renamed = (edge: string) => {
    const id = pieceOf(edge);
    const first = insteadOf.get(id);
    return first ? `${first}${edge.slice(id.length)}` : edge;
  };
  const sewnToOther = <Sewn extends Garment["seams"][number]>(seams: readonly Sewn[]): readonly Sewn[] =>
    seams.flatMap((seam) => {
      const names = [...seam.bodyEdges, ...seam.partEdges].map(pieceOf);
      if (!names.some(isOther)) return names.some((id) => replaced.has(id)) ? [] : [seam];
      return [
        {
          ...seam,
          bodyEdges: seam.bodyEdges.map(renamed),
          partEdges: seam.partEdges.map(renamed),
        },
      ];
    });
  const measured = ARM_MEASURES.flatMap((id) => (otherArm[id] === undefined ? [] : [[id, otherArm[id]] as const]));
  return {
    ...garment,
    resolved: { ...garment.resolved, body: { ...garment.resolved.body, ...Object.fromEntries(measured) } },
    // In the place of the first arm's, so that both halves have their pieces in one order.
    pieces: garment.pieces.flatMap((piece) => {
      if (isOther(piece.id)) return [];
      if (!isOfArm(piece)) return [piece];
      const other = garment.pieces.find(({ arm }) => arm?.insteadOf === piece.id);
      if (!other) return [piece];
      const { arm: _, ...asFirst } = other;
      return [{ ...asFirst, id: piece.id }];
    }),
    seams: sewnToOther(garment.seams),
    joins: sewnToOther(garment.joins),
  };
}
