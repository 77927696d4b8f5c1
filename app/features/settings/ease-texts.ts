import { EASE_GARMENT_NAMES, EASE_GARMENTS, type EASE_LEVELS } from "@core/block/index";
import { CLOTH_KINDS, clothOf } from "@core/cloth/index";
import { LENGTH_FIELDS, labelOf, readLength } from "@core/spec/index";
import { EASE_ROWS, type EaseRowName, easeLevelsOf, type OwnEase } from "@core/studio/index";
import { isTapeUnit } from "@core/tape/index";

/** The name of a box of the table of ease. */
export const easeBox = (row: EaseRowName, level: (typeof EASE_LEVELS)[number]) => `${row}.${level}`;

/** What a row of the table is called. */
export function easeRowName(row: EaseRowName): string {
  const kind = CLOTH_KINDS.find((one) => one === row);
  const garment = EASE_GARMENTS.find((one) => one === row);
  return kind ? clothOf(kind).name : garment ? EASE_GARMENT_NAMES[garment] : row;
}

export type ReadEase =
  | { readonly ok: true; readonly ease: OwnEase }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

/** Reads the table of ease: what is left open is as is usual. */
export function readEaseForm(texts: Readonly<Record<string, string>>): ReadEase {
  const unit = isTapeUnit(texts.unit) ? texts.unit : "in";
  const problems: Record<string, string> = {};
  const rows = EASE_ROWS.flatMap((garment) => {
    const row = easeLevelsOf(garment).flatMap((level) => {
      const path = `block.ease.${level}`;
      const text = (texts[easeBox(garment, level)] ?? "").trim();
      const field = LENGTH_FIELDS[path];
      if (text === "" || !field) return [];
      const read = readLength(text, unit, {
        label: `${easeRowName(garment)}: ${labelOf(path).toLowerCase()}`,
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
