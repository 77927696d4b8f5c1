import { BLOCK_SCHOOLS, type BlockMeasured, type BlockSchool, measureBlock } from "../block";
import { sketchGarment } from "../garment";
import type { Path } from "../geometry";
import type { GarmentSpec } from "../spec";

/** What one school makes of this body: what its finished lines measure, and its outlines from the level of the side neck point. Millimetres. */
export type BlockOfSchool = {
  readonly school: BlockSchool;
  readonly measured: BlockMeasured;
  readonly depth: number;
  /** Neck, shoulder, armhole and side of each half. */
  readonly outlines: readonly Path[];
};

/** The schools of a drafted block side by side, for this body; one that gives no block is left out. */
export function compareBlocks(spec: GarmentSpec): readonly BlockOfSchool[] {
  if (spec.block.source !== "drafted") return [];
  const { block } = spec;
  return BLOCK_SCHOOLS.flatMap((school): BlockOfSchool[] => {
    const drafted = sketchGarment({ ...spec, sleeve: null, collar: null, block: { ...block, school } }).block;
    if (!drafted) return [];
    const { front, back } = drafted;
    const outlines = [front, back].map(({ neckline, shoulder, armhole, sideDart, sideSeam }) => [
      ...neckline.path,
      ...shoulder.path,
      ...armhole.path,
      ...(sideDart?.upper ?? []),
      ...sideSeam,
    ]);
    return [{ school, measured: measureBlock(drafted), depth: drafted.depth, outlines }];
  });
}
