import { fromMm, type TapeUnit } from "@core/tape/index";
import Papa from "papaparse";

/** Figures in a data file are decimal, exact to a hundredth of a millimetre. */
const DECIMALS: Readonly<Record<TapeUnit, number>> = { in: 4, cm: 3, mm: 2 };

export const decimalIn = (unit: TapeUnit) => (mm: number) => Number(fromMm(mm, unit).toFixed(DECIMALS[unit]));

/** A table as CSV: a header line, commas, a line feed after each line. */
export const csvTable = (fields: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse({ fields: [...fields], data: rows.map((row) => [...row]) }, { newline: "\n" })}\n`;
