import { remembered } from "../data";
import { phrase } from "../draft";
import { distance, edgesThatCross, endOf, type Path, startOf } from "../geometry";
import type { Piece } from "../pattern";
import type { Finding, Remedy } from "./finding";

/** Ends that lie further apart leave an outline open. */
const OPEN_MM = 0.05;

/** Pieces that cannot be cut: an outline that is not closed, or that crosses itself, with the edges where it does. */
export function judgeOutlines(
  pieces: readonly Piece[],
  station: "pieces" | "sleeve" | "collar",
  remedies: readonly Remedy[],
): readonly Finding[] {
  return pieces.flatMap((piece): Finding[] => {
    const { gap, crossed } = faultOf(piece);
    if (gap === null && crossed === null) return [];
    const nameOf = (index: number) => (piece.edges[index]?.name ?? "").toLowerCase();
    const name = piece.name.toLowerCase();
    return [
      {
        code: gap === null ? "outline-crosses-itself" : "outline-open",
        severity: "fault",
        station,
        piece: piece.id,
        message:
          crossed === null
            ? phrase`With these figures the outline of the ${name} does not close: its ${nameOf(gap ?? 0)} ends beside what comes after it.`
            : crossed[0] === crossed[1]
              ? phrase`With these figures the ${nameOf(crossed[0])} of the ${name} crosses itself.`
              : phrase`With these figures the outline of the ${name} crosses itself: its ${nameOf(crossed[0])} and its ${nameOf(crossed[1])} meet.`,
        reason: phrase`It cannot be cut: two of its lengths or angles contradict each other.`,
        numbers: {},
        remedies,
      },
    ];
  });
}

/** Where an outline is open or crosses itself: looked for once in every piece, by however many judges. */
const faultOf = remembered((piece: Piece) => {
  const paths = piece.edges.map(({ path }) => path);
  const gap = openAt(paths);
  return { gap, crossed: gap === null ? edgesThatCross(paths) : null };
});

/** The edge after which the outline is open; null for a closed one. */
function openAt(paths: readonly Path[]): number | null {
  const at = paths.findIndex((path, i) => {
    const next = paths[(i + 1) % paths.length] ?? path;
    return !(distance(endOf(path), startOf(next)) <= OPEN_MM);
  });
  return at < 0 ? null : at;
}
