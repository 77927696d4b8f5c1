import { isRecord } from "../data";
import type { ChangesOf, RecordOf } from "./field";
import type { GARMENT_FIELDS } from "./garment-fields";

type GarmentFields = typeof GARMENT_FIELDS;

/**
 * What a garment is drafted from: everything a person chose or read off the tape, nothing about screens. Lengths in millimetres; `unit` is
 * the one its person works in.
 */
export type GarmentSpec = RecordOf<GarmentFields>;

/** What a remedy, a handle or a box sets in a garment: only the fields it names, lengths in millimetres. */
export type SpecChange = ChangesOf<GarmentFields>;

export type BlockSpec = GarmentSpec["block"];
export type BlockSource = BlockSpec["source"];
export type ReadingsBlockSpec = BlockSpec & { readonly source: "readings" };
export type DraftedBlockSpec = BlockSpec & { readonly source: "drafted" };
export type OutlineBlockSpec = BlockSpec & { readonly source: "outline" };
export type OutlineHalfSpec = OutlineBlockSpec["front"];
export type SleeveSpec = NonNullable<GarmentSpec["sleeve"]>;
export type HemSpec = NonNullable<SleeveSpec["hem"]>;
export type CollarSpec = NonNullable<GarmentSpec["collar"]>;
/** How a notch is marked on what is printed. */
export type NotchMark = NonNullable<GarmentSpec["notchMark"]>;

/** A garment of which nothing is known yet. */
export function emptyGarment(name: string, unit: GarmentSpec["unit"]): GarmentSpec {
  return {
    unit,
    name,
    body: {},
    block: { source: "readings", armhole: {} },
    bodice: {},
    cloth: {},
    sleeve: { kind: "set-in" },
    collar: null,
    allowances: {},
  };
}

/** The spec with a remedy's or a handle's change made. Nothing else is touched; a sleeve or a collar that is not wanted stays so. */
export function applyChange(spec: GarmentSpec, change: SpecChange): GarmentSpec {
  const isWanted = (name: string) => (name !== "sleeve" && name !== "collar") || spec[name] !== null;
  // A part that need not be there is taken out by undefined; of any other nothing is changed by it.
  const parts = Object.entries(change).filter(
    ([name, part]) => (part !== undefined || OPTIONAL_PARTS.includes(name)) && isWanted(name),
  );
  return merged(spec, Object.fromEntries(parts)) as GarmentSpec;
}

const OPTIONAL_PARTS: readonly string[] = ["otherArm"];

/** Records are merged field by field, and a field set to undefined is taken out; anything else, lists too, is replaced. */
function merged(value: unknown, change: unknown): unknown {
  if (!isRecord(change) || !isRecord(value)) return change;
  const fields = Object.entries(change).map(([key, inner]) => [key, merged(value[key], inner)]);
  return { ...value, ...Object.fromEntries(fields) };
}
