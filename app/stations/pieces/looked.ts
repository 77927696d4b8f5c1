import type { Piece, Seam } from "@core/pattern/index";

/** What is looked at on the sheet: a piece or a seam, by its id. */
export type Looked = { readonly piece: string } | { readonly seam: string };

export type Shown =
  | { readonly kind: "nothing" }
  | { readonly kind: "piece"; readonly piece: Piece }
  | { readonly kind: "seam"; readonly seam: Seam };

/** A piece or a seam that the garment no longer has is looked at no longer. */
export function lookedAt(looked: Looked | null, pieces: readonly Piece[], seams: readonly Seam[]): Shown {
  if (looked === null) return { kind: "nothing" };
  if ("piece" in looked) {
    const piece = pieces.find(({ id }) => id === looked.piece);
    return piece ? { kind: "piece", piece } : { kind: "nothing" };
  }
  const seam = seams.find(({ id }) => id === looked.seam);
  return seam ? { kind: "seam", seam } : { kind: "nothing" };
}

/** The edges that light up, by piece and edge. */
export function litEdges(shown: Shown): { readonly body: readonly string[]; readonly part: readonly string[] } {
  return shown.kind === "seam" ? { body: shown.seam.bodyEdges, part: shown.seam.partEdges } : { body: [], part: [] };
}
