import { at } from "../data";
import { sewnSleeve } from "../drafting";
import { draftGarment, type Garment } from "../garment";
import type { GarmentSpec } from "../spec";
import { sampleSpec } from "./sample";

export type Sleeve = NonNullable<GarmentSpec["sleeve"]>;

/** The sample as a sleeve of a kind, as long as is usual for it. */
export function as(kind: Sleeve["kind"], changes: Partial<Sleeve> = {}): GarmentSpec {
  const spec = sampleSpec();
  const { length: _, ...sleeve } = spec.sleeve ?? { kind: "set-in" };
  return { ...spec, sleeve: { ...sleeve, ...changes, kind } };
}

export function drafted(spec: GarmentSpec) {
  const garment = draftGarment(spec);
  const sleeve = sewnSleeve(garment);
  if (!sleeve) throw new Error("the sample takes a sleeve");
  return { garment, sleeve, piece: at(garment.pieces, 0) };
}

export const figure = (garment: Garment, id: string) =>
  garment.figures.find((one) => one.id === id)?.value ?? Number.NaN;
export const codes = (spec: GarmentSpec) => draftGarment(spec).findings.map((finding) => finding.code);
