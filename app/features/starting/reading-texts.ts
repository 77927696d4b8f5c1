import { LENGTH_FIELDS, readLength } from "@core/spec/index";
import type { TapeUnit } from "@core/tape/index";

export type Readings = {
  /** Millimetres by the path of the field. */
  readonly lengths: Readonly<Record<string, number>>;
  readonly problems: Readonly<Record<string, string>>;
};

/** Reads the lengths of an armhole or a neckline as they were typed, by the fields that they are for; what was left empty is neither. */
export function readReadings(
  texts: Readonly<Record<string, string>>,
  unit: TapeUnit,
  paths: readonly string[],
): Readings {
  const lengths: Record<string, number> = {};
  const problems: Record<string, string> = {};
  for (const path of paths) {
    const field = LENGTH_FIELDS[path];
    const text = texts[path]?.trim() ?? "";
    if (!field || text === "") continue;
    const read = readLength(text, unit, field);
    if (read.ok) lengths[path] = read.mm;
    else problems[path] = read.problem.message;
  }
  return { lengths, problems };
}
