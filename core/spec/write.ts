import { isRecord } from "../data";
import { fromMm, type TapeUnit } from "../tape";
import { GARMENT_FORMAT } from "./garment-fields";
import type { GarmentSpec } from "./garment-spec";
import { LENGTH_FIELDS } from "./paths";

/** The spec as an open garment file, its lengths in `unit`. What was left out stays out. */
export function writeGarment(spec: GarmentSpec, unit: TapeUnit = spec.unit): Record<string, unknown> {
  const { unit: _unit, ...rest } = spec;
  const written = inUnit(rest, unit);
  return { format: GARMENT_FORMAT, unit, ...(isRecord(written) ? written : {}) };
}

/** The same tree with every known length in `unit`, without its absent fields. */
export function inUnit(value: unknown, unit: TapeUnit, path = ""): unknown {
  if (typeof value === "number") return path in LENGTH_FIELDS ? fromMm(value, unit) : value;
  if (value === null || typeof value !== "object") return value;
  if (Array.isArray(value)) return value.map((inner) => inUnit(inner, unit, `${path}.*`));
  const present = Object.entries(value).filter(([, inner]) => inner !== undefined);
  return Object.fromEntries(
    present.map(([key, inner]) => [key, inUnit(inner, unit, path === "" ? key : `${path}.${key}`)]),
  );
}
