/** The tape units people read and type. Inside the program every length is in millimetres. */
export const TAPE_UNITS = ["in", "cm", "mm"] as const;
export type TapeUnit = (typeof TAPE_UNITS)[number];

/** Exact by definition (international inch, 1959). */
export const INCH_MM = 25.4;

/** Millimetres in one of the unit. */
const MM_PER: Readonly<Record<TapeUnit, number>> = { in: INCH_MM, cm: 10, mm: 1 };

/** The finest mark a person reads off a tape in each unit, in millimetres: 1/16 in, or 1 mm. */
export const GRADUATION_MM: Readonly<Record<TapeUnit, number>> = { in: INCH_MM / 16, cm: 1, mm: 1 };

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
