import type { GarmentSpec } from "../spec";
import { provenFindings } from "./prove-remedies";
import { type Garment, sketchGarment } from "./sketch-garment";

/** The whole garment as `sketchGarment` drafts it, with only those remedies of its findings that mend. */
export function draftGarment(spec: GarmentSpec): Garment {
  const garment = sketchGarment(spec);
  return { ...garment, findings: provenFindings(garment) };
}
