import type { Piece, Seam } from "../pattern";
import type { DraftedCollar } from "./draft-collar";

export type Together = {
  readonly pieces: readonly Piece[];
  /** The collar's seams, by the names that its pieces have here. */
  readonly collarSeams: readonly Seam[];
  /** Do sleeve and collar both cut the front anew? */
  readonly isFrontCutTwice: boolean;
};

const withCollar = (piece: string) => `${piece}WithCollar`;

/** The edges that only a collar draws: on a piece that is cut twice they are on the collar's own. */
const OF_COLLAR: readonly string[] = ["neck", "gorge", "backNeck"];

function renamed(seam: Seam, twice: readonly string[]): Seam {
  const rename = (edge: string) => {
    const [piece = "", name = ""] = edge.split(".");
    return twice.includes(piece) && OF_COLLAR.includes(name) ? `${withCollar(piece)}.${name}` : edge;
  };
  return {
    ...seam,
    body: rename(seam.body),
    part: rename(seam.part),
    bodyEdges: seam.bodyEdges.map(rename),
    partEdges: seam.partEdges.map(rename),
  };
}

/**
 * The pieces of sleeve and collar in one pattern. Both may cut the front anew, and both may bring the bands of a cardigan: of the bands
 * the collar's are kept, and of the fronts both, with what is to be done about it.
 */
export function piecesTogether(ofSleeve: readonly Piece[], collar: DraftedCollar | null): Together {
  if (!collar) return { pieces: ofSleeve, collarSeams: [], isFrontCutTwice: false };
  const isOfBoth = ({ id }: Piece) => ofSleeve.some((piece) => piece.id === id);
  if (collar.kind === "band") {
    const bands = collar.pieces.map(({ id }) => id);
    return {
      pieces: [...ofSleeve.filter(({ id }) => !bands.includes(id)), ...collar.pieces],
      collarSeams: collar.seams,
      isFrontCutTwice: false,
    };
  }
  const twice = collar.pieces.filter(isOfBoth).map(({ id }) => id);
  const pieces = collar.pieces.map((piece) =>
    isOfBoth(piece) ? { ...piece, id: withCollar(piece.id), name: `${piece.name} with the collar` } : piece,
  );
  return {
    pieces: [...ofSleeve, ...pieces],
    collarSeams: collar.seams.map((seam) => renamed(seam, twice)),
    isFrontCutTwice: collar.pieces.some(isOfBoth),
  };
}
