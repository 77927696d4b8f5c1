import * as z from "zod/mini";
import { TAPE_UNITS, type TapeUnit } from "../tape";
import type { Field, Fields, FigureField, RangeField, TextField } from "./field";
import { GARMENT_FIELDS, GARMENT_FORMAT } from "./garment-fields";
import type { GarmentSpec } from "./garment-spec";
import { readLength } from "./read-length";

/** A text without NULs, and with a sign for what is missing in the place of half of a surrogate pair: neither can be stored. */
function storable(text: string): string {
  return text
    .replaceAll("\0", "")
    .replace(/[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g, "\uFFFD");
}

function figureSchema(field: FigureField, unit: TapeUnit): z.ZodMiniType {
  const { kind, bounds } = field;
  if (kind !== "length") return z.number().check(z.gte(bounds.least), z.lte(bounds.most));
  return z.pipe(
    z.unknown(),
    z.transform((written, context): number => {
      const read = readLength(written, unit, field);
      if (read.ok) return read.mm;
      context.issues.push({ code: "custom", message: read.problem.message, params: read.problem, input: written });
      return z.NEVER;
    }),
  );
}

function rangeSchema({ label, least, most }: RangeField, unit: TapeUnit): z.ZodMiniType {
  return z.pipe(
    z.strictObject({ least: z.optional(figureSchema(least, unit)), most: z.optional(figureSchema(most, unit)) }),
    z.transform(({ least, most }, context) => {
      if (typeof least === "number" && typeof most === "number" && least <= most) return { least, most };
      const message = `${label}: it needs a least and a most, and the least may not be more than the most.`;
      const params = { code: "out-of-bounds", message, bounds: null };
      context.issues.push({ code: "custom", message, params, input: { least, most } });
      return z.NEVER;
    }),
  );
}

function textSchema({ longest, problem, usual }: TextField): z.ZodMiniType {
  // What has a rule of its own is told by it, however long it is.
  const text = problem
    ? z.string().check((context) => {
        const message = problem(context.value);
        if (message !== null) context.issues.push({ code: "custom", message, input: context.value });
      })
    : z.string().check(z.overwrite(storable), z.trim(), z.maxLength(longest));
  return usual === undefined ? text : z._default(text, usual);
}

function valueSchema(field: Field, unit: TapeUnit): z.ZodMiniType {
  switch (field.kind) {
    case "length":
    case "angle":
    case "share":
    case "quantity":
      return field.usual === undefined ? figureSchema(field, unit) : z._default(figureSchema(field, unit), field.usual);
    case "choice":
      return z.enum(field.options);
    case "text":
      return textSchema(field);
    case "range":
      return rangeSchema(field, unit);
    case "list":
      return z.array(valueSchema(field.item, unit)).check(z.maxLength(field.longest));
    case "group":
      return z.strictObject(shapeOf(field.fields, unit));
    case "variant": {
      const groups: readonly (readonly [string, Fields])[] = Object.entries(field.of);
      const [first, ...others] = groups.map(([name, fields]) =>
        z.strictObject({ [field.by]: z.literal(name), ...shapeOf(fields, unit) }),
      );
      if (!first) throw new Error(`valueSchema: ${field.label} has no variant`);
      return z.discriminatedUnion(field.by, [first, ...others]);
    }
  }
}

function fieldSchema(field: Field, unit: TapeUnit): z.ZodMiniType {
  const value = valueSchema(field, unit);
  switch (field.given) {
    case "optional":
      return z.optional(value);
    case "nullable":
      return z.prefault(z.nullable(value), "usual" in field ? field.usual : null);
    case "empty":
      // What stands for it is read like any other: what it leaves out is taken as usual.
      if (field.kind === "variant") return z.prefault(value, { [field.by]: field.usual });
      return field.kind === "group" ? z.prefault(value, field.usual) : value;
    default:
      return value;
  }
}

function shapeOf(fields: Fields, unit: TapeUnit): Record<string, z.ZodMiniType> {
  return Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, fieldSchema(field, unit)]));
}

/** The open garment file with its lengths in `unit`; reading it gives millimetres. */
function garmentSchema(unit: TapeUnit): z.ZodMiniType<GarmentSpec & { readonly format: string }> {
  const schema = z.strictObject({ format: z.literal(GARMENT_FORMAT), ...shapeOf(GARMENT_FIELDS, unit) });
  // The schema and the type are read off the same table, each in its own way: the compiler sees only the one.
  return schema as unknown as z.ZodMiniType<GarmentSpec & { readonly format: string }>;
}

const SCHEMAS = new Map(TAPE_UNITS.map((unit) => [unit, garmentSchema(unit)]));

export function schemaIn(unit: TapeUnit): z.ZodMiniType<GarmentSpec & { readonly format: string }> {
  const schema = SCHEMAS.get(unit);
  if (!schema) throw new Error(`schemaIn: no unit "${unit}"`);
  return schema;
}
