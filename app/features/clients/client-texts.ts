import type { Taken } from "@core/body/index";
import { type ReadMeasures, readMeasures } from "@core/spec/index";
import { isTapeUnit, type TapeUnit } from "@core/tape/index";
import { z } from "zod";

export type ClientProblems = ReadMeasures["problems"] & {
  readonly name?: string | undefined;
  readonly note?: string;
  readonly takenOn?: string;
};

export type ReadClient = {
  readonly unit: TapeUnit;
  readonly name: string;
  readonly note: string;
  readonly takenOn: string;
  readonly measures: Taken;
  readonly problems: ClientProblems;
};

const LONGEST_NAME = 120;
const LONGEST_NOTE = 2000;

const NAME = z
  .string("Give the client a name to find them by.")
  .trim()
  .min(1, "Give the client a name to find them by.")
  .max(LONGEST_NAME, `A name has at most ${LONGEST_NAME} letters.`);

const DAY = z.iso.date().refine((day) => day >= "1900-01-01" && day <= "2200-01-01");

/** Reads the form of a client or of a measuring, on the page as it is typed and on the server again. */
export function readClient(texts: Readonly<Record<string, string>>, isNameWanted: boolean): ReadClient {
  const unit = isTapeUnit(texts.unit) ? texts.unit : "in";
  const { measures, problems } = readMeasures(texts, unit);
  const name = (isNameWanted ? NAME : z.string().optional()).safeParse(texts.name);
  const note = z.string().trim().max(LONGEST_NOTE).default("").safeParse(texts.note);
  const takenOn = DAY.safeParse(texts.takenOn);
  return {
    unit,
    name: name.data ?? "",
    note: note.data ?? "",
    takenOn: takenOn.data ?? "",
    measures,
    problems: {
      ...problems,
      ...(name.success ? {} : { name: name.error.issues[0]?.message }),
      ...(note.success ? {} : { note: `A note has at most ${LONGEST_NOTE} letters.` }),
      ...(takenOn.success ? {} : { takenOn: "Say on which day the tape was used, like 2026-11-24." }),
    },
  };
}
