import type { SpecChange } from "../check";
import type { GarmentSpec } from "./spec";

/** The spec with a remedy's or a handle's change made. Nothing else is touched. */
export function applyChange(spec: GarmentSpec, change: SpecChange): GarmentSpec {
  const { block, cloth, sleeve } = change;
  return {
    ...spec,
    block: block?.armhole ? { ...spec.block, armhole: { ...spec.block.armhole, ...block.armhole } } : spec.block,
    cloth: cloth ? { ...spec.cloth, ...cloth } : spec.cloth,
    sleeve:
      sleeve && spec.sleeve
        ? { ...spec.sleeve, ...sleeve, notches: { ...spec.sleeve.notches, ...sleeve.notches } }
        : spec.sleeve,
  };
}
