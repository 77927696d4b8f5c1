import { remembered } from "@core/data/index";
import { sketchGarment } from "@core/garment/index";
import type { GarmentSpec } from "@core/spec/index";

/** The draft of the version that was saved: the sheet shows it under a change, the list of figures what changed since. Drafted once. */
export const savedGarment = remembered((saved: GarmentSpec) => sketchGarment(saved));
