import type { Garment } from "../garment";
import type { Piece } from "../pattern";
import { allowancesOf } from "./allowances";
import type { CutPiece } from "./cut-garment";
import { cuttingLine } from "./cutting-line";

/**
 * Is this piece cut of the lining too, where the garment is lined? The body, the sleeves and what is set into them are; what finishes an edge
 * has a second layer of its own.
 */
export const isLined = ({ kind: { worn }, cut }: Piece): boolean =>
  cut.interfacing === 0 && (worn.as === "hung" ? worn.goes === "arm" : worn.as !== "behind");

/**
 * The pieces of the lining; none of a garment without one. Each is its outer piece again, cut at the finished hem: sewn to the turned-up
 * hem it hangs in a small fold and does not show below (common practice, no source).
 */
export function liningPieces(garment: Garment): readonly CutPiece[] {
  if (garment.spec.lay?.lining !== "whole") return [];
  const allowances = allowancesOf(garment);
  return garment.pieces.filter(isLined).map((piece) => {
    const own = (allowances.get(piece.id) ?? []).map((one) =>
      one.role === "hem" || one.role === "curved-hem" ? { ...one, by: 0 } : one,
    );
    const line = cuttingLine(piece, own);
    return {
      piece,
      allowances: own,
      cutting: line.ok ? line.path : null,
      notches: piece.notches.map((n) => ({ ...n, deep: 0 })),
    };
  });
}
