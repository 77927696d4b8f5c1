import { isRecord } from "../data";
import type { GarmentSpec, SpecChange } from "./garment-spec";

/** The spec with a remedy's or a handle's change made. Nothing else is touched; a sleeve or a collar that is not wanted stays so. */
export function applyChange(spec: GarmentSpec, change: SpecChange): GarmentSpec {
  const isWanted = (name: string) => (name !== "sleeve" && name !== "collar") || spec[name] !== null;
  const parts = Object.entries(change).filter(([name, part]) => part !== undefined && isWanted(name));
  return merged(spec, Object.fromEntries(parts)) as GarmentSpec;
}

/** Records are merged field by field, and a field set to undefined is taken out; anything else, lists too, is replaced. */
function merged(value: unknown, change: unknown): unknown {
  if (!isRecord(change) || !isRecord(value)) return change;
  const fields = Object.entries(change).map(([key, inner]) => [key, merged(value[key], inner)]);
  return { ...value, ...Object.fromEntries(fields) };
}
