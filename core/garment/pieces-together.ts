import type { Finding, Seam } from "../check";
import { phrase } from "../draft";
import type { Piece } from "../pattern";
import type { DraftedCollar } from "./draft-collar";

export type Together = {
  readonly pieces: readonly Piece[];
  /** The collar's seams, by the names that its pieces have here. */
  readonly collarSeams: readonly Seam[];
  readonly findings: readonly Finding[];
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
  if (!collar) return { pieces: ofSleeve, collarSeams: [], findings: [] };
  const isOfBoth = ({ id }: Piece) => ofSleeve.some((piece) => piece.id === id);
  if (collar.kind === "band") {
    const bands = collar.pieces.map(({ id }) => id);
    return {
      pieces: [...ofSleeve.filter(({ id }) => !bands.includes(id)), ...collar.pieces],
      collarSeams: collar.seams,
      findings: [],
    };
  }
  const twice = collar.pieces.filter(isOfBoth).map(({ id }) => id);
  const pieces = collar.pieces.map((piece) =>
    isOfBoth(piece) ? { ...piece, id: withCollar(piece.id), name: `${piece.name} with the collar` } : piece,
  );
  return {
    pieces: [...ofSleeve, ...pieces],
    collarSeams: collar.seams.map((seam) => renamed(seam, twice)),
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
