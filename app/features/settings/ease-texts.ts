import { EASE_GARMENT_NAMES, EASE_GARMENTS, EASE_LEVELS, type EaseGarment } from "@core/block/index";
import { LENGTH_FIELDS, labelOf, readLength } from "@core/spec/index";
import type { OwnEase } from "@core/studio/index";
import { isTapeUnit } from "@core/tape/index";

/** The name of a box of the table of ease. */
export const easeBox = (garment: EaseGarment, level: (typeof EASE_LEVELS)[number]) => `${garment}.${level}`;

export type ReadEase =
  | { readonly ok: true; readonly ease: OwnEase }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

/** Reads the table of ease: what is left open is as is usual. */
export function readEaseForm(texts: Readonly<Record<string, string>>): ReadEase {
  const unit = isTapeUnit(texts.unit) ? texts.unit : "in";
  const problems: Record<string, string> = {};
  const rows = EASE_GARMENTS.flatMap((garment) => {
    const row = EASE_LEVELS.flatMap((level) => {
      const path = `block.ease.${level}`;
      const text = (texts[easeBox(garment, level)] ?? "").trim();
      const field = LENGTH_FIELDS[path];
      if (text === "" || !field) return [];
      const read = readLength(text, unit, {
        label: `${EASE_GARMENT_NAMES[garment]}: ${labelOf(path).toLowerCase()}`,
        bounds: field.bounds,
      });
      if (read.ok) return [[level, read.mm] as const];
      problems[easeBox(garment, level)] = read.problem.message;
      return [];
    });
    return row.length === 0 ? [] : [[garment, Object.fromEntries(row)] as const];
  });
  return Object.keys(problems).length > 0 ? { ok: false, problems } : { ok: true, ease: Object.fromEntries(rows) };
}
