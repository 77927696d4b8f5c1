import type { GarmentSpec } from "@core/spec/index";

/** The value at a dotted path of the spec (`block.armhole.front`); undefined where nothing was given. */
export function getAtPath(spec: GarmentSpec, path: string): unknown {
  return path.split(".").reduce<unknown>((at, key) => (hasFields(at) ? at[key] : undefined), spec);
}

/** A spec with the value at the path replaced, and everything else shared with the one before. */
export function setAtPath(spec: GarmentSpec, path: string, value: unknown): GarmentSpec {
  if (getAtPath(spec, path) === value) return spec;
  return replaced(spec, path.split("."), value) as GarmentSpec;
}

function replaced(at: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value;
  if (Array.isArray(at)) return at.map((inner, i) => (`${i}` === key ? replaced(inner, rest, value) : inner));
  const record = hasFields(at) ? at : {};
  return { ...record, [key]: replaced(record[key], rest, value) };
}

/** A record, or a list by its places. */
function hasFields(value: unknown): value is Record<string, unknown> {
  return value !== null && typeof value === "object";
}
