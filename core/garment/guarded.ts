import type { Finding } from "../check";
import { phrase } from "../draft";
import { pathOfNotFinite } from "./finite";

export type Station = Finding["station"];

export type Guarded<T> = { readonly value: T; readonly findings: readonly Finding[] };

/**
 * The work of one station, kept from failing the whole garment: what it throws, and any number of its result that is not finite,
 * becomes a finding of that station, and `instead` is taken for its result. Nothing in the program relies on it: a case that it
 * catches is one that a judge ought to name.
 */
export function guarded<T>(station: Station, work: () => T, instead: T): Guarded<T> {
  try {
    const value = work();
    const at = pathOfNotFinite(value);
    return at === null
      ? { value, findings: [] }
      : { value: instead, findings: [unforeseen(station, `the figure at ${at} came out as no number`)] };
  } catch (error) {
    return { value: instead, findings: [unforeseen(station, error instanceof Error ? error.message : String(error))] };
  }
}

const WHAT: Readonly<Record<Station, string>> = {
  measures: "The measures",
  block: "The block",
  sleeve: "The sleeve",
  collar: "The collar",
  match: "The seams",
};

/** The code of what was not foreseen. */
export const UNFORESEEN = "not-foreseen";

function unforeseen(station: Station, why: string): Finding {
  return {
    code: UNFORESEEN,
    severity: "fault",
    station,
    message: phrase`${WHAT[station]} could not be worked out from these figures; the rest of the garment was.`,
    reason: phrase`The program did not foresee this case: ${why}. Undo the last change, or take a figure nearer to the usual one.`,
    numbers: {},
    remedies: [],
  };
}
