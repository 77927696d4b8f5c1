import { formatLength, parseLength, type TapeUnit, toMm } from "../tape";
import type { FigureField } from "./field";

/** What a length is called, and what it may be in millimetres. */
export type LengthBox = Pick<FigureField, "label" | "bounds">;

/** Why a written length was refused: shown to people and carried in the issues of the command line. */
export type LengthProblem = {
  readonly code: "not-a-length" | "too-small" | "too-large" | "out-of-bounds";
  readonly message: string;
  readonly bounds: { readonly least: number; readonly most: number } | null;
};

export type ReadLength =
  | { readonly ok: true; readonly mm: number }
  | { readonly ok: false; readonly problem: LengthProblem };

/** Reads one length as a person or a file wrote it: a number in `unit`, or text. The message names the figure and the way out. */
export function readLength(written: unknown, unit: TapeUnit, field: LengthBox): ReadLength {
  const size = written === "" ? undefined : sizeInMm(written, unit);
  if (size === undefined) {
    const example = unit === "in" ? "8 1/2" : unit === "cm" ? "21.5" : "215";
    return refuse(
      "not-a-length",
      `${field.label}: ${quoted(written)} is not a length. Write it like ${example}, or with its unit, like 8 1/2 in or 21.5 cm.`,
      null,
    );
  }
  const { least, most } = field.bounds;
  const slack = SLACK * Math.max(1, Math.abs(size));
  if (size < least - slack)
    return refuse(
      "too-small",
      `${field.label}: ${quoted(written)} is too small. ${tooSmall(least, unit)}`,
      field.bounds,
    );
  if (size > most + slack)
    return refuse(
      "too-large",
      `${field.label}: ${quoted(written)} is too large. ${tooLarge(field, unit)}`,
      field.bounds,
    );
  // What lies beyond a bound by less was on it before it was turned into the unit of the file.
  return { ok: true, mm: Math.min(most, Math.max(least, size)) };
}

/** What turning a length into inches and back may lose, as a share of it. */
const SLACK = 1e-9;

function sizeInMm(written: unknown, unit: TapeUnit): number | undefined {
  if (typeof written === "number") return Number.isFinite(written) ? toMm(written, unit) : undefined;
  if (typeof written !== "string") return undefined;
  const parsed = parseLength(written, unit);
  return parsed.ok ? parsed.mm : undefined;
}

/** A reading may be as small as it likes, but for nothing; every other bound is told as it is. */
const NEXT_TO_NOTHING_MM = 0.5;

function tooSmall(least: number, unit: TapeUnit): string {
  return least > 0 && least < NEXT_TO_NOTHING_MM
    ? "It has to be more than nothing: measure it again."
    : `The least is ${formatLength(least, unit)}.`;
}

function tooLarge(field: LengthBox, unit: TapeUnit): string {
  return `The most is ${formatLength(field.bounds.most, unit)}: check the figure and its unit.`;
}

function refuse(code: LengthProblem["code"], message: string, bounds: LengthProblem["bounds"]): ReadLength {
  return { ok: false, problem: { code, message, bounds } };
}

/** What was written, short enough to stand in a sentence. */
export function quoted(written: unknown): string {
  const text = typeof written === "string" ? written : (JSON.stringify(written) ?? String(written));
  return `“${text.length > 24 ? `${text.slice(0, 20)}…` : text}”`;
}
