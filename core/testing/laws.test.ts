import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { COLLAR_KINDS } from "../collar";
import { lineCubic } from "../geometry";
import { SLEEVE_KINDS } from "../sleeve";
import { readGarment } from "../spec";
import { anyGarmentFile, type GarmentFile } from "./any-garment";
import { brokenLaws, outlineFault } from "./laws";
import { IS_THOROUGH } from "./thorough";

const SEEDS = [3, 5, 8, 13] as const;
const GARMENTS_OF_A_SEED = IS_THOROUGH ? 250 : 28;

/** What is wrong with the garment of a file, with the file, so that a failure can be tried again as it is. */
function wrongWith(file: GarmentFile): readonly string[] {
  const read = readGarment(file);
  if (!read.ok) return [`cannot be read: ${read.issues[0]?.message} ${JSON.stringify(file)}`];
  return brokenLaws(read.spec).broken.map(({ law, what }) => `${law}: ${what} ${JSON.stringify(file)}`);
}

describe("the law of outlines", () => {
  /** A square with a loop on one side, of 8 mm² where its corners are 4 mm apart. */
  const looped = (by: number) => {
    const [a, b, c, d] = [50, 50 + by, 50, 50 + by];
    const corners = [
      [0, 0],
      [b, 0],
      [a, -by],
      [c, by],
      [d + 40, 0],
      [100, 100],
      [0, 100],
      [0, 0],
    ] as const;
    return corners
      .slice(1)
      .map(([x, y], i) => lineCubic({ x: corners[i]?.[0] ?? 0, y: corners[i]?.[1] ?? 0 }, { x, y }));
  };

  it("sees a loop of 8 mm² and of less, and none where there is none", () => {
    for (const by of [0.5, 1, 4, 20]) expect(outlineFault(looped(by)), `${by}`).toBe("crosses itself");
    const square = [
      [0, 0],
      [9, 0],
      [9, 9],
      [0, 9],
      [0, 0],
    ] as const;
    const outline = square
      .slice(1)
      .map(([x, y], i) => lineCubic({ x: square[i]?.[0] ?? 0, y: square[i]?.[1] ?? 0 }, { x, y }));
    expect(outlineFault(outline)).toBeNull();
  });
});

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
