import { isWithin, LENGTH_FIELDS, labelOf, readLength } from "@core/spec/index";
import { PAPER_SIZES, PLOTTER_ROLLS, type StudioSettings, USUAL_FIELDS } from "@core/studio/index";
import { INCH_MARKS, isTapeUnit } from "@core/tape/index";

export type ReadSettings =
  | { readonly ok: true; readonly settings: StudioSettings }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

/** Reads the form of the workroom's settings: what is left open is as is usual. */
export function readSettingsForm(texts: Readonly<Record<string, string>>): ReadSettings {
  const unit = isTapeUnit(texts.unit) ? texts.unit : "in";
  const problems: Record<string, string> = {};
  const usual = Object.fromEntries(
    USUAL_FIELDS.flatMap((path) => {
      const text = (texts[path] ?? "").trim();
      const field = LENGTH_FIELDS[path];
      if (text === "" || !field) return [];
      const read = readLength(text, unit, { label: labelOf(path), bounds: field.bounds });
      if (!read.ok) {
        problems[path] = read.problem.message;
        return [];
      }
      return isWithin(path, read.mm) ? [[path, read.mm] as const] : [];
    }),
  );
  if (Object.keys(problems).length > 0) return { ok: false, problems };
  const paper = PAPER_SIZES.find((one) => one === texts.paper);
  const inchMarks = INCH_MARKS.find((marks) => `${marks}` === texts.inchMarks);
  const plotterRoll = PLOTTER_ROLLS.find((one) => one === texts.plotterRoll);
  const initials = (texts.initials ?? "").trim().slice(0, 8);
  return {
    ok: true,
    settings: {
      ...(isTapeUnit(texts.usualUnit) ? { unit: texts.usualUnit } : {}),
      ...(inchMarks ? { inchMarks } : {}),
      ...(paper ? { paper } : {}),
      ...(plotterRoll ? { plotterRoll } : {}),
      ...(initials ? { initials } : {}),
      usual,
    },
  };
}
