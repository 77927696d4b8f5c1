/** The tape units people read and type. Inside the program every length is in millimetres. */
export const TAPE_UNITS = ["in", "cm", "mm"] as const;
export type TapeUnit = (typeof TAPE_UNITS)[number];

/** How finely an inch may be marked: most tapes to eighths or sixteenths, a ruler to thirty-seconds. */
export const INCH_MARKS = [8, 16, 32] as const;
export type InchMarks = (typeof INCH_MARKS)[number];

/** A tape as a person reads it: its unit, and for inches how they are marked where that is not to sixteenths. */
export type Tape = TapeUnit | "in/8" | "in/32";

/** Exact by definition (international inch, 1959). */
export const INCH_MM = 25.4;

/** Millimetres in one of the unit. */
const MM_PER: Readonly<Record<TapeUnit, number>> = { in: INCH_MM, cm: 10, mm: 1 };

const USUAL_MARKS: InchMarks = 16;

/** The tape of somebody who reads in this unit, and whose inches are marked so. */
export function tapeOf(unit: TapeUnit, marks: InchMarks = USUAL_MARKS): Tape {
  return unit !== "in" || marks === 16 ? unit : `in/${marks}`;
}

export function unitOf(tape: Tape): TapeUnit {
  return tape === "in/8" || tape === "in/32" ? "in" : tape;
}

export function inchMarksOf(tape: Tape): InchMarks {
  return tape === "in/8" ? 8 : tape === "in/32" ? 32 : USUAL_MARKS;
}

/** The finest mark a person reads off the tape, in millimetres: a mark of the inch, or 1 mm. */
export function graduationMm(tape: Tape): number {
  return unitOf(tape) === "in" ? INCH_MM / inchMarksOf(tape) : 1;
}

export function isTapeUnit(value: unknown): value is TapeUnit {
  return TAPE_UNITS.some((unit) => unit === value);
}

/** A length of `value` units in millimetres. */
export function toMm(value: number, unit: TapeUnit): number {
  return value * MM_PER[unit];
}

/** A length of `mm` millimetres in the unit. */
export function fromMm(mm: number, unit: TapeUnit): number {
  // Minus nothing is nothing.
  return mm / MM_PER[unit] + 0;
}
