import { measureOf, splitTakenId, TAKEN_IDS, type Taken } from "@core/body/index";
import { fromMm, type TapeUnit } from "@core/tape/index";
import Papa from "papaparse";

const MEASURES_CSV_COLUMNS = ["date", "measure", "term", "side", "length", "unit"] as const;

/** Figures in a data file are decimal, exact to a hundredth of a millimetre. */
const DECIMALS: Readonly<Record<TapeUnit, number>> = { in: 4, cm: 3, mm: 2 };

/** A client's measures as CSV, one reading a line, oldest day first. */
export function writeMeasuresCsv(
  history: readonly { readonly takenOn: string; readonly measures: Taken }[],
  unit: TapeUnit,
): string {
  const days = [...history].sort((a, b) => a.takenOn.localeCompare(b.takenOn));
  const rows = days.flatMap(({ takenOn, measures }) =>
    TAKEN_IDS.flatMap((id) => {
      const mm = measures[id];
      if (mm === undefined) return [];
      const { measure, side } = splitTakenId(id);
      const length = Number(fromMm(mm, unit).toFixed(DECIMALS[unit]));
      return [[takenOn, measure, measureOf(measure).term, side ?? "", length, unit]];
    }),
  );
  return `${Papa.unparse({ fields: [...MEASURES_CSV_COLUMNS], data: rows }, { newline: "\n" })}\n`;
}
