import type { EdgeRun, Join } from "./join";

/** An edge as a seam names it before the garment is put together; `isOptional`: it need not be there. */
export type EdgeRef = EdgeRun & { readonly isOptional: boolean };

/** A seam that a part brings along, by the edges that it joins, in their order from where it begins. */
export type SeamRule = Pick<Join, "id" | "kind" | "name" | "bodyName" | "partName" | "from" | "to"> & {
  readonly body: readonly EdgeRef[];
  readonly part: readonly EdgeRef[];
};

/** Edges of one piece that a seam runs along as the outline does, with the piece to its right. */
export const forward = (piece: string, ...edges: readonly string[]): readonly EdgeRef[] =>
  edges.map((edge) => ({ piece, edge, isAgainst: false, isOptional: false }));

/** Edges of one piece that a seam runs along against the outline. */
export const backward = (piece: string, ...edges: readonly string[]): readonly EdgeRef[] =>
  forward(piece, ...edges).map((ref) => ({ ...ref, isAgainst: true }));

/** Edges that some garments have and others do not. */
export const optional = (refs: readonly EdgeRef[]): readonly EdgeRef[] =>
  refs.map((ref) => ({ ...ref, isOptional: true }));
