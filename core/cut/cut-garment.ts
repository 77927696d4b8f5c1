import { phrase } from "../draft";
import type { Garment } from "../garment";
import { along, distance, distanceToChain, flatten, type Path, pathLength, step } from "../geometry";
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
  const offs = allowances.map(({ edge }) => distanceToChain(notch.at, flatten(edge.path)));
  const nearest = Math.min(...offs);
  // At a corner a notch stands on two edges: the one that it is square to is its own.
  const own = allowances
    .filter((_, i) => (offs[i] ?? Number.POSITIVE_INFINITY) <= nearest + ON_EDGE_MM)
    .map((one) => ({ by: one.by, across: Math.abs(acrossEdge(notch, one.edge.path)) }))
    .sort((a, b) => a.across - b.across)[0];
  const by = own?.by ?? 0;
  return { ...notch, at: step(notch.at, notch.inwards, -by), deep: by };
}

const ON_EDGE_MM = 0.05;

/** How far a notch points along the edge rather than across it: nothing for one that is square to it. */
function acrossEdge({ at, inwards }: PieceNotch, path: Path): number {
  const whole = pathLength(path);
  const [start, end] = [along(path, 0), along(path, whole)];
  const place = distance(start.point, at) < distance(end.point, at) ? start : end;
  const here = [start, end].some(({ point }) => distance(point, at) < ON_EDGE_MM)
    ? place
    : nearestPlace(path, at, whole);
  return inwards.x * here.direction.x + inwards.y * here.direction.y;
}

const PLACES = 64;

function nearestPlace(path: Path, p: { readonly x: number; readonly y: number }, whole: number) {
  return Array.from({ length: PLACES + 1 }, (_, i) => along(path, (whole * i) / PLACES)).reduce((best, one) =>
    distance(one.point, p) < distance(best.point, p) ? one : best,
  );
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
