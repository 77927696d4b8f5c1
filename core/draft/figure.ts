import type { Phrase } from "./phrase";

/** Where a number comes from, in the words shown to people. */
export type Source =
  | "reading"
  | "choice"
  | "geometry"
  | "solved"
  | "common practice, no source"
  | "from memory"
  | "open data set"
  | "stand-in";

/** A number of the draft that can be asked "why?". */
export type Figure = {
  /** Stable: results, cards and tests refer to it. */
  readonly id: string;
  readonly label: string;
  /** Millimetres for a length, degrees for an angle, a plain number for a ratio. */
  readonly value: number;
  readonly kind: "length" | "ratio" | "angle";
  /** How it came about, with this client's numbers put in. */
  readonly formula: Phrase;
  /** The name of the rule or method that gave it. */
  readonly rule: string;
  readonly source: Source;
};
