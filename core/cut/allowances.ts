import type { Garment } from "../garment";
import type { Edge, Piece } from "../pattern";
import { type EdgeRole, hasGorge, roleOf, seamsByEdge } from "./roles";

/** What is added to an edge when it is cut, in millimetres. */
export type EdgeAllowance = {
  readonly edge: Edge;
  readonly role: EdgeRole;
  readonly by: number;
  /** Somebody typed it for this edge alone. */
  readonly isOwn: boolean;
};

/** The allowance of every edge of every piece, in the order of the edges, by the id of the piece. */
export function allowancesOf(garment: Garment): ReadonlyMap<string, readonly EdgeAllowance[]> {
  const { allowances } = garment.resolved;
  const seams = seamsByEdge(garment);
  const isNeckSmall = !hasGorge(garment);
  const own = new Map(garment.spec.allowances.edges?.map(({ edge, by }) => [edge, by]));
  const usual: Readonly<Record<EdgeRole, number>> = {
    fold: 0,
    raw: 0,
    neck: allowances.neckline,
    hem: allowances.hem,
    seam: allowances.general,
  };
  const of = (piece: Piece, edge: Edge): EdgeAllowance => {
    const name = `${piece.id}.${edge.id}`;
    const role = roleOf(piece, edge, seams.get(name) ?? [], isNeckSmall);
    const typed = role === "fold" ? undefined : own.get(name);
    return { edge, role, by: typed ?? usual[role], isOwn: typed !== undefined };
  };
  return new Map(garment.pieces.map((piece) => [piece.id, piece.edges.map((edge) => of(piece, edge))]));
}
