import { at } from "../data";
import { phrase } from "../draft";
import type { Garment } from "../garment";
import { directionTo, distance, distanceToChain, flatten, type Path, type Point, step } from "../geometry";
import type { Finding } from "../judge";
import type { Piece, PieceNotch } from "../pattern";
import { allowancesOf, type EdgeAllowance } from "./allowances";
import { type CuttingLine, cuttingLine } from "./cutting-line";

/** A piece ready for cloth. Millimetres, in the piece's own coordinates. */
export type CutPiece = {
  readonly piece: Piece;
  readonly allowances: readonly EdgeAllowance[];
  /** Closed, clockwise; null where none can be drawn with these allowances: `findings` say why. */
  readonly cutting: Path | null;
  /** The notches with their places on the cutting line, from which they point in. */
  readonly notches: readonly (PieceNotch & { readonly deep: number })[];
};

export type CutGarment = { readonly pieces: readonly CutPiece[]; readonly findings: readonly Finding[] };

/** Every piece with its allowances and its cutting line. Takes some milliseconds a piece: made when it is asked for, not while a hand drags. */
export function cutGarment(garment: Garment): CutGarment {
  const allowances = allowancesOf(garment);
  const made = garment.pieces.map((piece) => {
    const own = allowances.get(piece.id) ?? [];
    return { piece, own, line: cuttingLine(piece, own) };
  });
  return {
    pieces: made.map(({ piece, own, line }) => ({
      piece,
      allowances: own,
      cutting: line.ok ? line.path : null,
      notches: piece.notches.map((notch) => onCuttingLine(notch, own)),
    })),
    findings: made.flatMap(({ piece, own, line }) => (line.ok ? [] : [noCuttingLine(piece, own, line.why)])),
  };
}

/** A notch moved out to the cutting line: by the allowance of the edge that it stands on. */
function onCuttingLine(notch: PieceNotch, allowances: readonly EdgeAllowance[]): CutPiece["notches"][number] {
  const chained = allowances.map(({ edge, by }) => ({ by, chain: flatten(edge.path) }));
  const offs = chained.map(({ chain }) => distanceToChain(notch.at, chain));
  const nearest = Math.min(...offs);
  // At a corner a notch stands on two edges: the one that it is square to is its own.
  const own = chained
    .filter((_, i) => (offs[i] ?? Number.POSITIVE_INFINITY) <= nearest + ON_EDGE_MM)
    .map(({ by, chain }) => ({ by, across: Math.abs(acrossEdge(notch, chain)) }))
    .sort((a, b) => a.across - b.across)[0];
  const by = own?.by ?? 0;
  return { ...notch, at: step(notch.at, notch.inwards, -by), deep: by };
}

const ON_EDGE_MM = 0.05;

/** How far a notch points along the edge rather than across it: nothing for one that is square to it. */
function acrossEdge({ at: notch, inwards }: PieceNotch, chain: readonly Point[]): number {
  const [nearest] = chain
    .slice(1)
    .map((to, i) => ({ way: directionTo(at(chain, i), to), off: distance(notch, at(chain, i)) + distance(notch, to) }))
    .sort((a, b) => a.off - b.off);
  return nearest ? inwards.x * nearest.way.x + inwards.y * nearest.way.y : 0;
}

const WHY: Readonly<Record<Extract<CuttingLine, { ok: false }>["why"], string>> = {
  "falls-apart": "its cutting line would cross itself and fall apart",
  "inside-stitching": "its cutting line would come inside the stitching line",
};

function noCuttingLine(
  piece: Piece,
  allowances: readonly EdgeAllowance[],
  why: Extract<CuttingLine, { ok: false }>["why"],
): Finding {
  const widest = Math.max(...allowances.map(({ by }) => by));
  return {
    code: "no-cutting-line",
    severity: "fault",
    station: "pieces",
    piece: piece.id,
    message: phrase`“${piece.name}” has no cutting line: with these allowances ${WHY[why]}.`,
    reason: phrase`An allowance is wider than the piece leaves room for. The stitching line alone is drawn.`,
    numbers: { widest },
    remedies: [
      {
        id: "usual-allowances",
        label: phrase`Take the usual allowances`,
        change: { allowances: { general: undefined, neckline: undefined, hem: undefined, edges: undefined } },
      },
    ],
  };
}
