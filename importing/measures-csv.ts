import { isTakenId, measureNamed, measureOf, type Taken, type TakenId } from "@core/body/index";
import { namesOf } from "@core/data/index";
import { LENGTH_FIELDS, QUANTITY_FIELDS, readLength, readQuantity } from "@core/spec/index";
import { isTapeUnit, type TapeUnit } from "@core/tape/index";
import { isValid, parseISO } from "date-fns";
import Papa from "papaparse";

export type ReadMeasuresCsv = {
  /** One a day, oldest first. */
  readonly sets: readonly { readonly takenOn: string; readonly measures: Taken }[];
  /** Sentences that name the line. Where there is one, nothing should be kept. */
  readonly problems: readonly string[];
};

const LARGEST_CSV = 1_000_000;
const MOST_LINES = 5000;
const MOST_PROBLEMS = 8;

/** Names that a column may have, the first being our own. */
const COLUMNS = {
  date: ["date", "day", "taken", "measured on"],
  measure: ["measure", "measurement", "id", "name", "term"],
  side: ["side"],
  length: ["length", "value", "size", "reading"],
  unit: ["unit"],
} as const;
type Column = keyof typeof COLUMNS;

/**
 * Reads measures from CSV, one reading a line. A measurement goes by its id, its term or any everyday name; a length without a
 * unit is in `unit`, a line without a date of `today`.
 */
export function readMeasuresCsv(text: string, unit: TapeUnit, today: string): ReadMeasuresCsv {
  if (text.length > LARGEST_CSV) return refused("The file is larger than 1 MB, which no list of measures is.");
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, "").trim(), { skipEmptyLines: "greedy" });
  const [head = [], ...rows] = parsed.data;
  const columns = columnsOf(head);
  if (columns.measure === undefined || columns.length === undefined)
    return refused("The first line has to name the columns: at least “measure” and “length”.");
  if (rows.length > MOST_LINES) return refused(`The file has more than ${MOST_LINES} lines.`);
  const days = new Map<string, { [id in TakenId]?: number }>();
  const problems: string[] = [];
  rows.forEach((row, index) => {
    const line = index + 2;
    const cell = (column: Column) => (columns[column] === undefined ? "" : (row[columns[column]] ?? "").trim());
    const read = readRow(cell, unit, today);
    if (typeof read === "string") problems.push(`Line ${line}: ${read}`);
    else days.set(read.day, { ...days.get(read.day), [read.id]: read.mm });
  });
  if (rows.length === 0) problems.push("There is no reading in the file.");
  const told = problems.slice(0, MOST_PROBLEMS);
  if (problems.length > told.length) told.push(`And ${problems.length - told.length} lines more.`);
  return {
    problems: told,
    sets: [...days]
      .map(([takenOn, measures]) => ({ takenOn, measures }))
      .sort((a, b) => a.takenOn.localeCompare(b.takenOn)),
  };
}

function refused(problem: string): ReadMeasuresCsv {
  return { sets: [], problems: [problem] };
}

function columnsOf(head: readonly string[]): { readonly [column in Column]?: number } {
  const names = head.map((name) => name.trim().toLowerCase());
  const found = namesOf<Column>(COLUMNS).flatMap((column) => {
    const known: readonly string[] = COLUMNS[column];
    // Our own name first, where a file has both an id and a term.
    const name = known.find((one) => names.includes(one));
    return name === undefined ? [] : [[column, names.indexOf(name)] as const];
  });
  return Object.fromEntries(found);
}

type Row = { readonly day: string; readonly id: TakenId; readonly mm: number };

function readRow(cell: (column: Column) => string, unit: TapeUnit, today: string): Row | string {
  const name = cell("measure");
  const measure = measureNamed(name);
  if (!measure) return `“${shortened(name)}” is not a measurement known here.`;
  const side = cell("side").toLowerCase();
  const id = side === "" || side === "both" ? measure : `${measure}.${side}`;
  if (!isTakenId(id))
    return side === "left" || side === "right"
      ? `${measureOf(measure).term} is not taken on the left and right.`
      : `“${shortened(side)}” is no side: leave it empty, or write left or right.`;
  const givenUnit = cell("unit").toLowerCase();
  const angle = QUANTITY_FIELDS[`body.${measure}`];
  if (givenUnit !== "" && !isTapeUnit(givenUnit) && !angle)
    return `“${shortened(givenUnit)}” is no unit: write in, cm or mm.`;
  const day = cell("date") || today;
  if (!/^\d{4}-\d{2}-\d{2}$/.test(day) || !isValid(parseISO(day)))
    return `“${shortened(day)}” is no date: write it like 2026-11-24.`;
  if (angle) {
    const read = readQuantity(cell("length"), angle);
    return read.ok ? { day, id, mm: read.value } : read.message;
  }
  const field = LENGTH_FIELDS[`body.${measure}`];
  if (!field) return `“${shortened(name)}” is not a measurement known here.`;
  const read = readLength(cell("length"), isTapeUnit(givenUnit) ? givenUnit : unit, field);
  return read.ok ? { day, id, mm: read.mm } : read.problem.message;
}

function shortened(text: string): string {
  return text.length > 30 ? `${text.slice(0, 30)}…` : text;
}
