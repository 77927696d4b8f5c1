import type { EdgeAllowance } from "@core/cut/index";
import { speak } from "@core/draft/index";
import type { Garment } from "@core/garment/index";
import { cutWords, type Piece } from "@core/pattern/index";
import { formatLength, type Tape } from "@core/tape/index";

const ADD_ALLOWANCE = "Stitching line: add seam allowance";
/** A line of words about the piece is wrapped beyond so many letters. */
const LONGEST_LINE = 44;

/** The lines about a piece, its name first and larger; and shorter ones for a piece with little room. */
export type Wording = { readonly title: string | null; readonly lines: readonly string[] };

/** What a piece says of itself beside its name and how it is cut. */
export type Dressing = {
  readonly number: number;
  /** For whom, when and which version; empty for nothing. */
  readonly about: string;
  /** What lies between its stitching line and its cutting line; null for one without a cutting line. */
  readonly allowances: readonly EdgeAllowance[] | null;
};

export function wordings(
  garment: Garment,
  piece: Piece,
  tape: Tape,
  { number, about: whose, allowances }: Dressing,
): readonly Wording[] {
  const faults = faultsOf(garment, piece).flatMap((message) => wrapped(firstSentence(speak(message, tape))));
  const cutting = cutWords(piece);
  const name = `${number} ${piece.name}`;
  const short = `${name}, ${cutting.toLowerCase()}`;
  const allowance = allowances ? allowanceWords(garment, allowances, tape) : ADD_ALLOWANCE;
  const about = [cutting, allowance, ...capEase(garment, piece, tape), ...faults];
  const person = whose === "" ? [] : wrapped(whose);
  return [
    { title: name, lines: [...wrapped(garment.spec.name), ...person, ...about] },
    { title: name, lines: [...wrapped(garment.spec.name), ...about] },
    { title: name, lines: about },
    { title: null, lines: [name, cutting, allowance, ...faults] },
    { title: null, lines: [short, allowance, ...faults] },
    { title: null, lines: [short, ...faults] },
    { title: null, lines: [short] },
    { title: null, lines: [name] },
  ];
}

function allowanceWords({ resolved: { allowances } }: Garment, own: readonly EdgeAllowance[], tape: Tape): string {
  const seams = formatLength(allowances.general, tape);
  const hems = [...new Set(own.filter(({ role }) => role === "hem" || role === "curved-hem").map(({ by }) => by))];
  const [hem] = hems;
  if (hem === undefined) return `Cutting line: ${seams} seams in it`;
  if (hems.length > 1) return `Cutting line: ${seams} seams, its hems in it`;
  return `Cutting line: ${seams} seams, ${formatLength(hem, tape)} hem in it`;
}

/** A crown that is gathered has no ease: its cap is longer on purpose. */
function capEase({ figures, sleeve }: Garment, { edges }: Piece, tape: Tape): readonly string[] {
  const isGathered = sleeve?.family === "sewn" && sleeve.styled !== null && sleeve.styled.crownRatio !== null;
  const figure = figures.find(({ id }) => id === "sleeve.capEase");
  if (!figure || isGathered || !edges.some(({ role }) => role === "cap")) return [];
  return [`Cap ease ${formatLength(figure.value, tape)}`];
}

/** The faults that are about this piece, or about the part that it is the first piece of. */
function faultsOf({ findings, sleeve, collar, pieces }: Garment, { id }: Piece) {
  const front = pieces.find(({ kind }) => kind.of === "bodice" && kind.side === "front");
  const firstOf = {
    sleeve: sleeve?.pieces[0]?.id,
    match: sleeve?.pieces[0]?.id,
    collar: collar?.pieces[0]?.id,
    block: front?.id,
    pieces: front?.id,
    measures: undefined,
  };
  return findings
    .filter(({ severity, station, piece }) => severity === "fault" && (piece ?? firstOf[station]) === id)
    .map(({ message }) => message);
}

/** As far as its first full stop or colon; the point in a figure is none. */
function firstSentence(text: string): string {
  return text.split(/[.:](?=\s|$)/)[0] ?? text;
}

function wrapped(text: string): readonly string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const last = lines[lines.length - 1];
    if (last !== undefined && last.length + word.length < LONGEST_LINE) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word.length > LONGEST_LINE ? `${word.slice(0, LONGEST_LINE - 1)}…` : word);
  }
  return lines;
}
