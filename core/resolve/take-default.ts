import type { Estimate } from "../body";
import type { Phrase, Source } from "../draft";

/** The figure that was given, or an estimate that is then listed among the defaults. */
export type TakeMeasure = (
  path: string,
  given: number | undefined,
  estimate: () => Estimate,
  /** False for a figure that nothing drafted so far rests on. */
  isNeeded?: boolean,
) => number;

/** The choice that was made, or the usual one, which is then listed among the defaults. */
export type TakeDefault = <T extends number | string>(
  path: string,
  given: T | undefined,
  value: T,
  rule: Phrase,
  source: Source,
) => T;
