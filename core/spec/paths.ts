import { eachOf } from "../data";
import type { Field, Fields, FigureField, LengthField, Words } from "./field";
import { GARMENT_FIELDS } from "./garment-fields";

/** A field with its place in the file: `block.armhole.front`; `*` stands for any place in a list. */
export type PlacedField = { readonly path: string; readonly field: Field };

/** Every field of the garment file by its path, those that hold others before what they hold. */
export const PLACED_FIELDS: readonly PlacedField[] = Object.entries(GARMENT_FIELDS).flatMap(([name, field]) =>
  placed(name, field),
);

function placed(path: string, field: Field): readonly PlacedField[] {
  return [{ path, field }, ...inside(path, field)];
}

function inside(path: string, field: Field): readonly PlacedField[] {
  const under = (fields: Fields) => Object.entries(fields).flatMap(([name, inner]) => placed(`${path}.${name}`, inner));
  switch (field.kind) {
    case "group":
      return under(field.fields);
    case "variant": {
      const by = {
        kind: "choice",
        label: field.byLabel,
        options: Object.keys(field.of),
        words: eachOf(Object.keys(field.of), (name) => ({ name: field.ofNames[name] ?? name })),
        about: "",
        given: "always",
      } as const;
      const groups: readonly Fields[] = Object.values(field.of);
      const all = [...placed(`${path}.${field.by}`, by), ...groups.flatMap(under)];
      // What several of the groups hold stands once.
      return all.filter((one, i) => all.findIndex((other) => other.path === one.path) === i);
    }
    case "list":
      return placed(`${path}.*`, field.item);
    case "range":
      return [...placed(`${path}.least`, field.least), ...placed(`${path}.most`, field.most)];
    default:
      return [];
  }
}

const isLength = (field: Field): field is LengthField => field.kind === "length";

/** Every length of the garment file by its path, in millimetres. */
export const LENGTH_FIELDS: Readonly<Record<string, LengthField>> = Object.fromEntries(
  PLACED_FIELDS.flatMap(({ path, field }) => (isLength(field) ? [[path, field]] : [])),
);

/** Every figure of the garment file that is in a unit of its own, by its path: a quantity or an angle. */
export const QUANTITY_FIELDS: Readonly<Record<string, FigureField>> = Object.fromEntries(
  PLACED_FIELDS.flatMap(({ path, field }) =>
    field.kind === "quantity" || field.kind === "angle" ? [[path, field]] : [],
  ),
);

/** Reads one quantity as a person wrote it. The message names the figure and the way out. */
export function readQuantity(text: string, { label, bounds, sign = "" }: FigureField) {
  const written = text.trim().replace(",", ".");
  const value = Number(written.endsWith(sign) ? written.slice(0, written.length - sign.length) : written);
  return written !== "" && value >= bounds.least && value <= bounds.most
    ? ({ ok: true, value } as const)
    : ({
        ok: false,
        message: `${label}: “${text}” has to be a number from ${bounds.least} to ${bounds.most} ${sign}.`,
      } as const);
}

const LABELS: ReadonlyMap<string, string> = new Map([
  ["format", "Format"],
  ...PLACED_FIELDS.map(({ path, field }): [string, string] => [path, field.label]),
]);

/** Places in a list have one name for all. */
export function fieldPath(path: string): string {
  return path.replace(/\.\d+(?=\.|$)/g, ".*");
}

/** The field's name as people read it; the path itself where there is no such field. */
export function labelOf(given: string): string {
  const path = fieldPath(given);
  return LABELS.get(path) ?? path;
}

const FIELDS: ReadonlyMap<string, Field> = new Map(PLACED_FIELDS.map(({ path, field }) => [path, field]));

/** The field at a place of the file; undefined where there is none. */
export function fieldAt(path: string): Field | undefined {
  return FIELDS.get(fieldPath(path));
}

/** What an option of a choice is called; undefined where the path is no choice or has no such option. */
export function optionName(path: string, option: string): Words | undefined {
  const field = fieldAt(path);
  return field?.kind === "choice" ? field.words[option]?.name : undefined;
}

/** The names of the fields directly inside `parent` ("" for the whole file). */
export function fieldsInside(parent: string): readonly string[] {
  const prefix = parent === "" ? "" : `${parent}.`;
  return [...LABELS.keys()]
    .filter((path) => path.startsWith(prefix) && path !== parent && !path.slice(prefix.length).includes("."))
    .map((path) => path.slice(prefix.length));
}

/** May a length stand at this place of the file? Millimetres. */
export function isWithin(path: string, mm: number): boolean {
  const bounds = LENGTH_FIELDS[path]?.bounds;
  return bounds !== undefined && mm >= bounds.least && mm <= bounds.most;
}
