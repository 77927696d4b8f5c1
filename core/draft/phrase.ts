import { formatLength, fromMm, type Tape, toMm, unitOf } from "../tape";

/**
 * A sentence that carries lengths as millimetres, so that one record reads in inches and in centimetres.
 * It is put into words only when a unit is known: on a screen, a card or in the result file.
 */
export type PhrasePart =
  | string
  | { readonly mm: number; readonly signed?: boolean }
  | { readonly wholeUp: number; readonly share: number }
  | { readonly percent: number }
  | { readonly point: string };
export type Phrase = readonly PhrasePart[];

/** A length inside a phrase. */
export const length = (mm: number): PhrasePart => ({ mm });
/** A length that says its sign: an ease, a change. */
export const change = (mm: number): PhrasePart => ({ mm, signed: true });
/**
 * A length that is cut longer than it has to be: rounded up to the next whole inch, or centimetre, of whoever reads it; and of that a
 * share, 0.5 for half a strip.
 */
export const wholeUp = (mm: number, share = 1): PhrasePart => ({ wholeUp: mm, share });
/** A share, 0.45 for 45 %, inside a phrase. */
export const percent = (share: number): PhrasePart => ({ percent: share });
/** A lettered point inside a phrase. */
export const point = (letter: string): PhrasePart => ({ point: letter });

/** Template tag: phrase`From ${point("A")} down ${length(89)}`. A phrase inside a phrase is taken over whole. */
export function phrase(strings: TemplateStringsArray, ...parts: readonly (PhrasePart | Phrase)[]): Phrase {
  const all: PhrasePart[] = [];
  strings.forEach((text, index) => {
    if (text !== "") all.push(text);
    const part = parts[index];
    if (part === undefined) return;
    if (isPhrase(part)) all.push(...part);
    else all.push(part);
  });
  return all;
}

/** Half of the finest mark of an inch tape in use: what is less is nothing that can be measured. */
const ON_MM = 25.4 / 32;

/** Which of three sentences is said of a figure that may lie to either side of a line: nobody is told to measure nothing. */
export function toSide(
  mm: number,
  {
    more,
    less,
    none,
  }: { readonly more: (by: PhrasePart) => Phrase; readonly less: (by: PhrasePart) => Phrase; readonly none: Phrase },
): Phrase {
  if (Math.abs(mm) < ON_MM) return none;
  return mm > 0 ? more(length(mm)) : less(length(-mm));
}

const isPhrase = (part: PhrasePart | Phrase): part is Phrase => Array.isArray(part);

/** The phrase in words, with its lengths as the tape shows them. */
export function speak(words: Phrase, tape: Tape): string {
  return words.map((part) => speakPart(part, tape)).join("");
}

export function speakPart(part: PhrasePart, tape: Tape): string {
  if (typeof part === "string") return part;
  if ("mm" in part) return formatLength(part.mm, tape, { signed: part.signed ?? false });
  if ("wholeUp" in part) return formatLength(roundedUp(part.wholeUp, tape) * part.share, tape);
  if ("percent" in part) return `${Number((part.percent * 100).toFixed(1))} %`;
  return part.point;
}

/** What lies nearer above a whole unit than this is that unit: it was lost in reckoning. */
const SLACK = 1e-3;

function roundedUp(mm: number, tape: Tape): number {
  const coarse = unitOf(tape) === "in" ? "in" : "cm";
  return toMm(Math.ceil(fromMm(mm, coarse) - SLACK), coarse);
}
