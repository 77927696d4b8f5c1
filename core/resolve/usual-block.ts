import type { Estimate } from "../body";
import { length, phrase, type Source } from "../draft";
import { INCH_MM } from "../tape";

export const COMMON: Source = "common practice, no source";

/** A shoulder that falls 1 in over 4 1/2 (common practice, no source). */
export const SLOPE_SHARE = 1 / 4.5;
export const SHOULDER_LENGTH_MM = 4.75 * INCH_MM;
export const NECK_WIDTH_MM = 3 * INCH_MM;
export const FRONT_NECK_DEPTH_MM = 3 * INCH_MM;
export const BACK_NECK_DEPTH_MM = 1 * INCH_MM;

/** A figure that stands in for a reading of the block that nobody took. */
export function usual(value: number, why: string): Estimate {
  return { value, rule: phrase`${length(value)}, ${why}`, source: COMMON };
}

/** The width of the neckline from the body, where its neck was measured. */
export function sixthOfNeck(neckBase: number): Estimate {
  return { value: neckBase / 6, rule: phrase`neck base ${length(neckBase)} ÷ 6`, source: COMMON };
}
