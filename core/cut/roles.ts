import type { Garment } from "../garment";
import { distance, endOf, flatten, type Path, type Point, SAME_MM, SEEN_MM, startOf } from "../geometry";
import type { Edge, EdgeRole, Piece, SeamKind } from "../pattern";

/**
 * What becomes of an edge when it is cut: on the fold nothing is added; a raw edge is the cut edge already; the rest has the allowance of
 * the neck, of a hem, of a hem with a deep curve or of every other seam.
 */
export type AllowanceKind = "fold" | "raw" | "neck" | "hem" | "curved-hem" | "seam";

/** The seams whose allowance is small, since a wide one would tighten a small round edge. Both sides of a seam have the same. */
const NECK_SEAMS: ReadonlySet<SeamKind> = new Set(["neck", "neck-facing", "binding"]);

/** Edges that are drawn where they are cut. */
const CUT_AS_DRAWN: ReadonlySet<EdgeRole> = new Set(["raw", "folded-back", "turned-up"]);

/** The kinds of the seams of each edge, by `piece.edge`. */
export function seamsByEdge({
  seams,
  joins,
}: Pick<Garment, "seams" | "joins">): ReadonlyMap<string, readonly SeamKind[]> {
  const found = new Map<string, readonly SeamKind[]>();
  for (const { kind, bodyEdges = [], partEdges = [] } of [...seams, ...joins]) {
    for (const signed of [...bodyEdges, ...partEdges]) {
      const name = signed.replace(/^-/, "");
      found.set(name, [...(found.get(name) ?? []), kind]);
    }
  }
  return found;
}

/** A gorge is no small round edge: where a neck seam runs on along one, all of it has the allowance of the other seams. */
export function hasGorge({ pieces }: Pick<Garment, "pieces">): boolean {
  return pieces.some(({ edges }) => edges.some(({ role }) => role === "gorge"));
}

/** The role of an edge of a piece; `isNeckSmall` where the seams round the neck have an allowance of their own. */
export function roleOf(piece: Piece, edge: Edge, seams: readonly SeamKind[], isNeckSmall: boolean): AllowanceKind {
  if (piece.cut.onFold && isOnFold(piece, edge)) return "fold";
  if (isNeckSmall && (seams.some((kind) => NECK_SEAMS.has(kind)) || edge.role === "neck-end")) return "neck";
  if (seams.length === 0 && edge.role === "hem") return "hem";
  if (seams.length === 0 && CUT_AS_DRAWN.has(edge.role)) return "raw";
  return "seam";
}

/** An edge on the fold, or one that goes on straight from such an edge, as the end of a hem that is turned up does. */
function isOnFold({ edges, folds }: Piece, edge: Edge): boolean {
  const folded = edges.find(({ path }) => folds.some((fold) => isSameLine(fold, path)));
  if (!folded) return false;
  const [a, b] = [startOf(folded.path), endOf(folded.path)];
  const long = distance(a, b);
  const off = (p: Point) => Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / long;
  return flatten(edge.path).every((p) => off(p) < SEEN_MM);
}

function isSameLine(a: Path, b: Path): boolean {
  const near = (p: Path, q: Path) =>
    distance(startOf(p), startOf(q)) < SAME_MM && distance(endOf(p), endOf(q)) < SAME_MM;
  const turned = (p: Path, q: Path) =>
    distance(startOf(p), endOf(q)) < SAME_MM && distance(endOf(p), startOf(q)) < SAME_MM;
  return near(a, b) || turned(a, b);
}
