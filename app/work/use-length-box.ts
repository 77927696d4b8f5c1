import { useUnit } from "@app/components/preferences";
import { fieldPath, LENGTH_FIELDS, readLength } from "@core/spec/index";
import { formatForTyping } from "@core/tape/index";
import { getAtPath } from "./spec-path";
import { useFigureBox } from "./use-figure-box";
import { useThrottledWork } from "./use-throttled-work";

/**
 * A length of the garment in a box, by its path: the field as the table has it, what was given, and the box itself, read and written in the
 * person's unit. A path that is no length throws a RangeError.
 */
export function useLengthBox(path: string) {
  const field = LENGTH_FIELDS[fieldPath(path)];
  if (!field) throw new RangeError(`useLengthBox: no length at "${path}"`);
  const unit = useUnit();
  const given = useThrottledWork((work) => getAtPath(work.spec, path));
  const box = useFigureBox({
    path,
    written: typeof given === "number" ? formatForTyping(given, unit) : "",
    read: (text) => {
      const read = readLength(text, unit, field);
      return read.ok ? { ok: true, value: read.mm } : { ok: false, message: read.problem.message };
    },
  });
  return { field, given: typeof given === "number" ? given : null, box };
}
