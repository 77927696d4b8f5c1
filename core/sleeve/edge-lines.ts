import type { DraftLine } from "../draft";
import type { Piece } from "../pattern";

/** The edges of a piece as the seams that are drawn on the sheet. */
export function edgeLines(piece: Piece, ids?: readonly string[]): readonly DraftLine[] {
  return piece.edges
    .filter((one) => !ids || ids.includes(one.id))
    .map((one) => ({ id: `${piece.id}.${one.id}`, path: one.path, kind: "seam" }));
}
