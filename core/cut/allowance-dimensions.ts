import type { Dimension } from "../draft";
import { distanceDimension } from "../garment";
import { along, type Point, pathLength } from "../geometry";
import type { PlacedPiece } from "../pattern";
import type { EdgeAllowance } from "./allowances";
import type { CutPiece } from "./cut-garment";
import type { AllowanceKind } from "./roles";

/** The field that says how much is added to an edge of a kind. */
const FIELD_OF: { readonly [kind in AllowanceKind]?: string } = {
  seam: "allowances.general",
  neck: "allowances.neckline",
  hem: "allowances.hem",
  "curved-hem": "allowances.curvedHem",
};

/**
 * What is added to the edges, where the pieces lie on the sheet: each allowance that is typed once, at the longest edge of the first piece
 * that has it; those of single edges at their own; then the rest, which are measured. From the stitching line out, half way along the edge.
 */
export function allowanceDimensions(
  pieces: readonly CutPiece[],
  placed: readonly PlacedPiece[],
  own: readonly { readonly edge: string }[],
): readonly Dimension[] {
  const edges = placed.flatMap(({ piece, x, y }) =>
    (pieces.find((one) => one.piece.id === piece.id)?.allowances ?? [])
      .filter(({ by }) => by > 0)
      .map((one) => ({ one, piece, id: `${piece.id}.${one.edge.id}`, x, y })),
  );
  const shown = new Map<string, string>();
  for (const [kind, field] of Object.entries(FIELD_OF)) {
    const first = edges.find(({ one }) => one.role === kind && !one.isOwn);
    const [longest] = edges
      .filter(({ one, piece }) => one.role === kind && !one.isOwn && piece.id === first?.piece.id)
      .sort((a, b) => b.one.edge.length - a.one.edge.length);
    if (longest && field) shown.set(longest.id, field);
  }
  const all = edges.map(({ one, piece, id, x, y }): Dimension => {
    const ownAt = one.isOwn ? own.findIndex(({ edge }) => edge === id) : -1;
    const types = shown.get(id) ?? (ownAt >= 0 ? `allowances.edges.${ownAt}.by` : null);
    const [from, to] = acrossEdge(one, { x, y });
    const label = shown.has(id) ? {} : { label: `${piece.name}: ${one.edge.name}` };
    return distanceDimension(
      { id: `allowance ${id}`, types, rank: types ? 1 : 3, on: piece.id, ...label },
      from,
      to,
      one.by,
    );
  });
  return [...all.filter(({ types }) => types !== null), ...all.filter(({ types }) => types === null)];
}

function acrossEdge({ edge, by }: EdgeAllowance, { x, y }: Point): readonly [Point, Point] {
  const { point, direction } = along(edge.path, pathLength(edge.path) / 2);
  const from = { x: point.x + x, y: point.y + y };
  // A piece lies to the right of its outline: what is added lies to the left.
  return [from, { x: from.x + direction.y * by, y: from.y - direction.x * by }];
}
