import type { MeasureId } from "@core/body/index";
import { type ReadMeasures, readMeasures } from "@core/garment/index";
import { isTapeUnit, type TapeUnit } from "@core/tape/index";
import { isValid, parseISO } from "date-fns";

/** The measures that a first visit takes, in the order in which the tape moves. */
export const FIRST_MEASURES: readonly { readonly title: string; readonly ids: readonly MeasureId[] }[] = [
  { title: "Body", ids: ["bust", "waist", "hip", "neckBase", "shoulderLength"] },
  { title: "Arm", ids: ["upperArm", "elbow", "wrist", "hand", "armLength", "shoulderToElbow"] },
];

export type ClientProblems = ReadMeasures["problems"] & { readonly name?: string; readonly takenOn?: string };

export type ReadClient = {
  readonly unit: TapeUnit;
  readonly name: string;
  readonly note: string;
  readonly takenOn: string;
  readonly measures: Readonly<Record<string, number>>;
  readonly problems: ClientProblems;
};

const LONGEST_NAME = 120;
const LONGEST_NOTE = 2000;

/** Reads the form of a client or of a measuring, on the page as it is typed and on the server again. */
export function readClient(texts: Readonly<Record<string, string>>, isNameWanted: boolean): ReadClient {
  const unit = isTapeUnit(texts.unit) ? texts.unit : "in";
  const name = (texts.name ?? "").trim();
  const takenOn = (texts.takenOn ?? "").trim();
  const { measures, problems } = readMeasures(texts, unit);
  return {
    unit,
    name: name.slice(0, LONGEST_NAME),
    note: (texts.note ?? "").trim().slice(0, LONGEST_NOTE),
    takenOn,
    measures: Object.fromEntries(
      Object.entries(measures).filter((entry): entry is [string, number] => entry[1] !== undefined),
    ),
    problems: {
      ...problems,
      ...(isNameWanted && name === "" ? { name: "Give the client a name to find them by." } : {}),
      ...(isNameWanted && name.length > LONGEST_NAME ? { name: `A name has at most ${LONGEST_NAME} letters.` } : {}),
      ...(isDay(takenOn) ? {} : { takenOn: "Say on which day the tape was used, like 2026-11-24." }),
    },
  };
}

function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && isValid(parseISO(text)) && text >= "1900-01-01" && text <= "2200-01-01";
}

/** A posted form's texts; files and repeats are passed over. */
export function textsOf(form: FormData): Readonly<Record<string, string>> {
  return Object.fromEntries([...form].filter((entry): entry is [string, string] => typeof entry[1] === "string"));
}
