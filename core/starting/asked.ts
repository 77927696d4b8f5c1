import type { MeasureId } from "../body";
import type { GarmentSpec } from "../spec";

/** What most garments are drafted from and a dressmaker takes first (common practice, no source). */
const TAKEN_FIRST: ReadonlySet<MeasureId> = new Set<MeasureId>([
  "bust",
  "waist",
  "hip",
  "neckBase",
  "neck",
  "shoulderWidth",
  "backLength",
  "frontToBust",
  "bustSpan",
  "armholeGirth",
  "upperArm",
  "wrist",
  "armLength",
  "aroundShoulders",
]);

/** The measures that a garment is drafted by, those that are taken first and those that are estimated well enough until they are; both in the given order. */
export function measuresAsked(read: readonly MeasureId[]) {
  return {
    first: read.filter((id) => TAKEN_FIRST.has(id)),
    more: read.filter((id) => !TAKEN_FIRST.has(id)),
  };
}

/** The paths of the readings that a sleeve or a collar alone is drafted to, in the order of the tape; none for a garment with a block of its own. */
export function readingsAsked({ block, sleeve, collar }: GarmentSpec): readonly string[] {
  if (block.source !== "readings") return [];
  return [
    ...(sleeve ? ["block.armhole.front", "block.armhole.back"] : []),
    ...(collar ? ["block.neckline.backLength", "block.neckline.frontLength"] : []),
  ];
}
