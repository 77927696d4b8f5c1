import type { DraftLine, LetteredPoint } from "../draft";
import type { Point } from "../geometry";
import type { Piece } from "../pattern";

/** Edges of a piece as seams of the draft, all or some of them. */
export function linesOf(piece: Piece, ids?: readonly string[]): readonly DraftLine[] {
  return piece.edges
    .filter(({ id }) => !ids || ids.includes(id))
    .map(({ id, path }) => ({ id: `${piece.id}.${id}`, path, kind: "seam" }));
}

export const lettered = (letter: string, name: string, at: Point): LetteredPoint => ({ letter, name, at });
