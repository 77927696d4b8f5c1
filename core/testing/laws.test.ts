import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { COLLAR_KINDS } from "../collar";
import { SLEEVE_KINDS } from "../sleeve";
import { readGarment } from "../spec";
import { anyGarmentFile, type GarmentFile } from "./any-garment";
import { brokenLaws } from "./laws";
import { IS_THOROUGH } from "./thorough";

const SEEDS = [3, 5, 8, 13] as const;
const GARMENTS_OF_A_SEED = IS_THOROUGH ? 250 : 28;

/** What is wrong with the garment of a file, with the file, so that a failure can be tried again as it is. */
function wrongWith(file: GarmentFile): readonly string[] {
  const read = readGarment(file);
  if (!read.ok) return [`cannot be read: ${read.issues[0]?.message} ${JSON.stringify(file)}`];
  return brokenLaws(read.spec).broken.map(({ law, what }) => `${law}: ${what} ${JSON.stringify(file)}`);
}

describe("the laws of any garment", () => {
  it.each(SEEDS)(`hold for ${GARMENTS_OF_A_SEED} garments of seed %i`, (seed) => {
    const files = fc.sample(anyGarmentFile, { numRuns: GARMENTS_OF_A_SEED, seed });
    expect(files).toHaveLength(GARMENTS_OF_A_SEED);
    expect(files.flatMap(wrongWith)).toEqual([]);
  });

  it("are tried on every way to a block, every sleeve and every collar that there is", () => {
    const files = SEEDS.flatMap((seed) => fc.sample(anyGarmentFile, { numRuns: GARMENTS_OF_A_SEED, seed }));
    const kindsOf = (part: "block" | "sleeve" | "collar", name: string) =>
      new Set(files.map((file) => (file[part] as { readonly [key: string]: unknown } | null)?.[name]));
    expect([...kindsOf("block", "source")].sort()).toEqual(["drafted", "outline", "readings"]);
    for (const kind of SLEEVE_KINDS) expect(kindsOf("sleeve", "kind")).toContain(kind);
    for (const kind of COLLAR_KINDS) expect(kindsOf("collar", "kind")).toContain(kind);
  });
});
