import { fromMm, inchMarksOf, type Tape, type TapeUnit, unitOf } from "./units";

export type FormatOptions = {
  /** With the unit after the figure ("8 1⁄2 in"). Default true. */
  readonly withUnit?: boolean;
  /** With a plus sign before what is more than nothing ("+1⁄4 in"). Default false. */
  readonly signed?: boolean;
  /** Characters that a plain text box or a data file keeps: `/` rather than the fraction slash. Default false. */
  readonly plain?: boolean;
};

const FRACTION_SLASH = "\u2044";
const MINUS = "\u2212";

/**
 * A length for people, rounded to what the tape shows: inches as whole and fraction of its marks, centimetres to a
 * millimetre, millimetres to a tenth. Throws on a length that is not a finite number: that is a broken
 * contract, never something to show.
 */
export function formatLength(mm: number, tape: Tape, options: FormatOptions = {}): string {
  if (!Number.isFinite(mm)) throw new RangeError(`formatLength: not a finite length: ${mm}`);
  const { withUnit = true, signed = false, plain = false } = options;
  const unit = unitOf(tape);
  const size = Math.abs(fromMm(mm, unit));
  const figure = unit === "in" ? inches(size, inchMarksOf(tape), plain) : decimals(size, 1);
  const isNothing = figure === "0";
  const sign = isNothing ? "" : mm < 0 ? (plain ? "-" : MINUS) : signed ? "+" : "";
  return `${sign}${figure}${withUnit ? ` ${unit}` : ""}`;
}

/**
 * A length for a text box: the same unit, exact enough that reading it back loses nothing a person typed.
 * An inch figure that is a 32nd is written as a fraction, any other as a decimal.
 */
export function formatForTyping(mm: number, unit: TapeUnit): string {
  const size = fromMm(mm, unit);
  if (unit !== "in") return decimals(size, unit === "cm" ? 2 : 1);
  const in32nds = size * 32;
  const isMark = Math.abs(in32nds - Math.round(in32nds)) < 1e-6;
  return isMark ? formatLength(mm, "in/32", { withUnit: false, plain: true }) : decimals(size, 3);
}

function inches(size: number, denominator: number, plain: boolean): string {
  const parts = Math.round(size * denominator);
  const whole = Math.floor(parts / denominator);
  let top = parts - whole * denominator;
  let bottom = denominator;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return `${whole}`;
  const fraction = `${top}${plain ? "/" : FRACTION_SLASH}${bottom}`;
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

function decimals(size: number, places: number): string {
  return `${Number(size.toFixed(places))}`;
}
