import { length, type Phrase, phrase } from "../draft";

/** What a person is asked for: a figure of the draft, and what could be taken for it by mistake. Millimetres. */
export type Question = {
  readonly id: string;
  readonly label: string;
  readonly value: number;
  readonly mistakes: readonly Mistake[];
};

/** A figure that comes out when one thing is done wrong, and what was done. */
export type Mistake = { readonly value: number; readonly slip: Slip };

export type Slip =
  | "half-forgotten"
  | "doubled"
  | "flat-for-slant"
  | "straight-for-seam"
  | "front-for-back"
  | "allowance-measured"
  | "unit-mixed";

export type Verdict = {
  readonly grade: "right" | "near" | "wrong";
  /** What probably went wrong; null when the answer is right, or no known slip gives it. */
  readonly slip: Slip | null;
  readonly says: Phrase;
};

/** A tape reads to an eighth of an inch, a hand draft to about a quarter (common practice, no source). */
export const TAPE_MM = 25.4 / 8;
const HAND_MM = 25.4 / 4;
/** Seam allowances in use: 1/4, 3/8, 1/2 and 5/8 in, 1 and 1.5 cm. */
const ALLOWANCES_MM = [6.35, 9.525, 10, 12.7, 15, 15.875] as const;
/** Tighter than the tape, so that two slips are not taken for each other. */
const SLIP_MM = 2;

const SAYS: Readonly<Record<Slip, string>> = {
  "half-forgotten": "You gave half of it: it goes round the whole.",
  doubled: "You gave it for the whole: only half of it is asked here.",
  "flat-for-slant": "You laid the half armhole flat: along the slant it is longer.",
  "straight-for-seam": "You measured straight across: along the curve it is longer.",
  "front-for-back": "That is the other half’s figure: front and back are not alike.",
  "allowance-measured": "The seam allowance was measured with it, at both ends.",
  "unit-mixed": "Inches and centimetres were mixed.",
};

/** Is the answer right to what a tape shows? If not, how far off, and which slip gives just that figure. */
export function judgeAnswer({ value, mistakes }: Question, answer: number): Verdict {
  const off = Math.abs(answer - value);
  if (off <= TAPE_MM) return { grade: "right", slip: null, says: phrase`Right: ${length(value)}.` };
  const slip = slipOf(value, mistakes, answer);
  if (slip === null && off <= HAND_MM) {
    return {
      grade: "near",
      slip: null,
      says: phrase`Near: it is ${length(value)}. A hand draft is good to about ${length(HAND_MM)}.`,
    };
  }
  return {
    grade: "wrong",
    slip,
    says: phrase`It is ${length(value)}; you are ${length(off)} off. ${slip ? SAYS[slip] : "Read the step again and measure once more."}`,
  };
}

function slipOf(value: number, mistakes: readonly Mistake[], answer: number): Slip | null {
  const near = (wrong: number) => Math.abs(answer - wrong) <= SLIP_MM;
  const known = mistakes.find((mistake) => near(mistake.value));
  if (known) return known.slip;
  if (near(value / 2)) return "half-forgotten";
  if (near(value * 2)) return "doubled";
  if (near(value * 2.54) || near(value / 2.54)) return "unit-mixed";
  if (ALLOWANCES_MM.some((allowance) => near(value + 2 * allowance))) return "allowance-measured";
  return null;
}
