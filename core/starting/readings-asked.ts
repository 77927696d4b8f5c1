import type { GarmentSpec } from "../spec";

/** The paths of the readings that a sleeve or a collar alone is drafted to, in the order of the tape; none for a garment with a block of its own. */
export function readingsAsked({ block, sleeve, collar }: GarmentSpec): readonly string[] {
  if (block.source !== "readings") return [];
  return [
    ...(sleeve ? ["block.armhole.front", "block.armhole.back"] : []),
    ...(collar ? ["block.neckline.backLength", "block.neckline.frontLength"] : []),
  ];
}
