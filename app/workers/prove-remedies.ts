import { provenFindings, sketchGarment } from "@core/garment/index";
import type { Finding } from "@core/judge/index";
import type { GarmentSpec } from "@core/spec/index";

/** The findings of a garment with those of their remedies that were tried and mend them: each costs a draft. */
export const findingsOf = (spec: GarmentSpec): readonly Finding[] => provenFindings(sketchGarment(spec));
