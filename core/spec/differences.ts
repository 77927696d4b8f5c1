import { isRecord, namesOf } from "../data";
import { length, type Phrase, percent, phrase, change as signed } from "../draft";
import type { Field } from "./field";
import type { GarmentSpec } from "./garment-spec";
import { fieldAt, fieldPath, labelOf, optionName, PLACED_FIELDS } from "./paths";

/** A field that two garments have otherwise: what it holds in each, undefined where it holds nothing. Lengths in millimetres. */
export type Difference = { readonly path: string; readonly before?: unknown; readonly after?: unknown };

/** Lengths nearer than this are the same: they went out to a file and came back. Millimetres. */
const SAME_MM = 1e-6;

/** Every field in which two garments differ, in the order of the file; a list differs as a whole. */
export function differencesOf(before: GarmentSpec, after: GarmentSpec): readonly Difference[] {
  return differ("", before, after).sort((a, b) => placeOf(a.path) - placeOf(b.path));
}

function differ(path: string, before: unknown, after: unknown): Difference[] {
  if (isSame(before, after)) return [];
  if (isRecord(before) && isRecord(after)) {
    const names = [...new Set([...namesOf(before), ...namesOf(after)])];
    return names.flatMap((name) => differ(path === "" ? name : `${path}.${name}`, before[name], after[name]));
  }
  // A part that is there on one side only differs in each of its fields, so that each can be told and merged by itself.
  if (isRecord(before) && after === undefined) return differ(path, before, {});
  if (isRecord(after) && before === undefined) return differ(path, {}, after);
  return [{ path, before, after }];
}

export function isSame(a: unknown, b: unknown): boolean {
  if (typeof a === "number" && typeof b === "number") return Math.abs(a - b) <= SAME_MM;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((one, i) => isSame(one, b[i]));
  if (isRecord(a) && isRecord(b))
    return [...new Set([...namesOf(a), ...namesOf(b)])].every((name) => isSame(a[name], b[name]));
  return a === b;
}

const PLACES = new Map(PLACED_FIELDS.map(({ path }, i) => [path, i]));
const placeOf = (path: string) => PLACES.get(fieldPath(path)) ?? Number.POSITIVE_INFINITY;

/** A difference in words: "Cap ease: 1 in, before 1 1/2 in". */
export function differenceWords({ path, before, after }: Difference): Phrase {
  const label = path.startsWith("body.") ? `Measure ${path.slice("body.".length)}` : labelOf(path);
  const field = fieldAt(path);
  if (after === undefined || after === null)
    return phrase`${label}: taken out, before ${valueWords(field, path, before)}`;
  if (before === undefined || before === null)
    return phrase`${label}: ${valueWords(field, path, after)}, before none given`;
  const by =
    typeof before === "number" && typeof after === "number" && isLengthAt(field, path)
      ? phrase` (${signed(after - before)})`
      : phrase``;
  return phrase`${label}: ${valueWords(field, path, after)}, before ${valueWords(field, path, before)}${by}`;
}

const isLengthAt = (field: Field | undefined, path: string) => field?.kind === "length" || path.startsWith("body.");

function valueWords(field: Field | undefined, path: string, value: unknown): Phrase {
  if (typeof value === "number") {
    if (isLengthAt(field, path)) return phrase`${length(value)}`;
    if (field?.kind === "share") return phrase`${percent(value)}`;
    if (field?.kind === "quantity") return phrase`${String(Math.round(value * 100) / 100)} ${field.sign ?? ""}`;
    return phrase`${String(Math.round(value * 100) / 100)}`;
  }
  if (Array.isArray(value)) return phrase`${value.length === 1 ? "one entry" : `${value.length} entries`}`;
  const option = typeof value === "string" ? optionName(path, value) : undefined;
  if (option !== undefined) return phrase`${option}`;
  if (typeof value === "string") return phrase`${value.length > LONGEST_SHOWN ? "another outline" : value}`;
  return phrase`${isRecord(value) ? "there" : String(value)}`;
}

/** A longer text is a drawn outline. */
const LONGEST_SHOWN = 60;
