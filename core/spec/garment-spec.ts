import type { ChangeOf, ChangesOf, GroupField, RecordOf } from "./field";
import type { GARMENT_FIELDS } from "./garment-fields";

type GarmentFields = typeof GARMENT_FIELDS;

/**
 * What a garment is drafted from: everything a person chose or read off the tape, nothing about screens. Lengths in millimetres; `unit` is
 * the one its person works in.
 */
export type GarmentSpec = RecordOf<GarmentFields>;

/** What a remedy, a handle or a box sets in a garment: only the fields it names, lengths in millimetres. */
export type SpecChange = ChangesOf<GarmentFields>;
export type SleeveChange = ChangeOf<GroupField<GarmentFields["sleeve"]["fields"]>>;

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
    cloth: {},
    sleeve: { kind: "set-in" },
    collar: null,
    allowances: {},
  };
}
