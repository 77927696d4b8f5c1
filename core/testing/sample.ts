import { draftGarment } from "../garment";
import { type GarmentSpec, readGarment } from "../spec";

/** A garment for tests: invented readings of an ordinary size, in inches. */
export const SAMPLE_FILE = {
  format: "gamine-garment/1",
  unit: "in",
  name: "Test blouse",
  body: {
    bust: 37,
    upperArm: 11.75,
    elbow: 11,
    wrist: 6.5,
    hand: 8,
    armLength: 23,
    shoulderToElbow: 13.25,
    backLength: 15.75,
    aroundShoulders: 40,
  },
  block: { source: "readings", armhole: { front: 8.75, back: 9.25, depth: 7.75 } },
  cloth: { kind: "medium-woven" },
  sleeve: { kind: "set-in", method: "fit-first", capEase: 1.25, upperArmEase: 2, length: 23 },
};

export function specOf(file: unknown): GarmentSpec {
  const read = readGarment(file);
  if (!read.ok) throw new Error(`specOf: ${read.issues.map((issue) => issue.message).join(" ")}`);
  return read.spec;
}

export function sampleSpec(): GarmentSpec {
  return specOf(SAMPLE_FILE);
}

export function inches(value: number): number {
  return value * 25.4;
}

/** The sample with some of its sleeve's choices changed. */
export function withSleeve(changes: Partial<NonNullable<GarmentSpec["sleeve"]>>): GarmentSpec {
  const spec = sampleSpec();
  return { ...spec, sleeve: { kind: "set-in", ...spec.sleeve, ...changes } };
}

/** What the garment's draft gives for a figure; undefined where there is none. */
export function figureOf(spec: GarmentSpec, id: string): number | undefined {
  return draftGarment(spec).figures.find((one) => one.id === id)?.value;
}

/** The block's readings, for a spec whose block is made from some. */
export function readingsOf(spec: GarmentSpec): GarmentSpec["block"] & { readonly source: "readings" } {
  if (spec.block.source !== "readings") throw new Error(`readingsOf: the block's source is ${spec.block.source}`);
  return spec.block;
}
