import type { MeasureId } from "../body";

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
