import type { DraftLine } from "../draft";
import type { Piece } from "../pattern";

/** The edges of a piece as the seams that are drawn on the sheet. */
export function edgeLines(piece: Piece): readonly DraftLine[] {
  return piece.edges.map(({ id, path }) => ({ id: `${piece.id}.${id}`, path, kind: "seam" }));
}
