import type { Garment } from "../garment";
import { directionTo, distance, flatten, type Path, type Point, SAME_MM } from "../geometry";
import type { Edge, Piece } from "../pattern";
import { type AllowanceKind, hasGorge, roleOf, seamsByEdge } from "./roles";

/** What is added to an edge when it is cut, in millimetres. */
export type EdgeAllowance = {
  readonly edge: Edge;
  readonly role: AllowanceKind;
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
  const usual: Readonly<Record<AllowanceKind, number>> = {
    fold: 0,
    raw: 0,
    neck: allowances.neckline,
    hem: allowances.hem,
    "curved-hem": allowances.curvedHem,
    seam: allowances.general,
  };
  const roles = (piece: Piece) =>
    withCurvedHems(
      piece.edges,
      piece.edges.map((edge) => roleOf(piece, edge, seams.get(`${piece.id}.${edge.id}`) ?? [], isNeckSmall)),
    );
  const of = (piece: Piece, edge: Edge, role: AllowanceKind): EdgeAllowance => {
    const name = `${piece.id}.${edge.id}`;
    const typed = role === "fold" ? undefined : own.get(name);
    return { edge, role, by: typed ?? usual[role], isOwn: typed !== undefined };
  };
  return new Map(
    garment.pieces.map((piece) => {
      const own = roles(piece);
      return [piece.id, piece.edges.map((edge, i) => of(piece, edge, own[i] ?? "seam"))];
    }),
  );
}

/** A hem that turns by more from its chord does not fold up flat. About 20 degrees. */
const MOST_HEM_TURN_COSINE = Math.cos(0.35);

/** Hems with a deep curve in them, and the hems that run on from them, are hems of a deep curve: they are finished as one. */
function withCurvedHems(edges: readonly Edge[], roles: readonly AllowanceKind[]): readonly AllowanceKind[] {
  const curved = edges.map(({ path }, i) => roles[i] === "hem" && !isNearlyStraight(path));
  const count = edges.length;
  const spread = (from: number, by: 1 | -1) => {
    for (let i = from + by + count; roles[i % count] === "hem" && !curved[i % count]; i += by + count)
      curved[i % count] = true;
  };
  for (const start of edges.keys())
    if (roles[start] === "hem" && !isNearlyStraight(edges[start]?.path ?? [])) {
      spread(start, 1);
      spread(start, -1);
    }
  return roles.map((role, i) => (curved[i] ? "curved-hem" : role));
}

/** Each smooth stretch by itself: what turns at a corner, as the mouth of a dart does, is folded up with it all the same. */
function isNearlyStraight(path: Path): boolean {
  const corners = flatten(path);
  let from: Point | null = corners[0] ?? null;
  let before: Point | null = null;
  let ways: Point[] = [];
  for (const [i, p] of corners.entries()) {
    const next = corners[i + 1];
    if (!next || distance(p, next) <= SAME_MM) continue;
    const way = directionTo(p, next);
    if (before && way.x * before.x + way.y * before.y < CORNER_COSINE) [from, ways] = [p, []];
    ways.push(way);
    const chord = directionTo(from ?? p, next);
    if (ways.some(({ x, y }) => x * chord.x + y * chord.y < MOST_HEM_TURN_COSINE)) return false;
    before = way;
  }
  return true;
}

/** A jump of the direction by more than about 12 degrees is a corner. */
const CORNER_COSINE = Math.cos(0.2);
