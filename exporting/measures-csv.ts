import { measureOf, splitTakenId, TAKEN_IDS, type Taken } from "@core/body/index";
import type { TapeUnit } from "@core/tape/index";
import { csvTable, decimalIn } from "./csv";

const MEASURES_CSV_COLUMNS = ["date", "measure", "term", "side", "length", "unit"] as const;

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
      const { term, kind } = measureOf(measure);
      const figure = kind === "angle" ? [mm, "°"] : [decimalIn(unit)(mm), unit];
      return [[takenOn, measure, term, side ?? "", ...figure]];
    }),
  );
  return csvTable(MEASURES_CSV_COLUMNS, rows);
}
