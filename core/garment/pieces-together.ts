import type { Finding } from "../check";
import { phrase } from "../draft";
import type { Piece } from "../pattern";
import type { DraftedCollar } from "./draft-collar";

/**
 * The pieces of sleeve and collar in one pattern. Both may cut the front anew, and both may bring the bands of a cardigan: of the bands
 * the collar's are kept, and of the fronts both, with what is to be done about it.
 */
export function piecesTogether(
  ofSleeve: readonly Piece[],
  collar: DraftedCollar | null,
): { readonly pieces: readonly Piece[]; readonly findings: readonly Finding[] } {
  if (!collar) return { pieces: ofSleeve, findings: [] };
  const isOfBoth = ({ id }: Piece) => ofSleeve.some((piece) => piece.id === id);
  if (collar.kind === "band") {
    const bands = collar.pieces.map(({ id }) => id);
    return { pieces: [...ofSleeve.filter(({ id }) => !bands.includes(id)), ...collar.pieces], findings: [] };
  }
  const pieces = collar.pieces.map((piece) =>
    isOfBoth(piece) ? { ...piece, id: `${piece.id}WithCollar`, name: `${piece.name} with the collar` } : piece,
  );
  return {
    pieces: [...ofSleeve, ...pieces],
    findings: collar.pieces.some(isOfBoth)
      ? [
          {
            code: "front-cut-twice",
            severity: "note",
            station: "collar",
            message: phrase`Sleeve and collar both cut the front anew: it is given once for each.`,
            reason: phrase`Lay one on the other with centre front and neckline together, and take the collar from one and the shoulder from the other.`,
            numbers: {},
            remedies: [],
          },
        ]
      : [],
  };
}
