import { summaryOf } from "@core/garment/index";
import { type GarmentSpec, writeGarment } from "@core/spec/index";

/** A garment as the database keeps it: its file in millimetres, and what lists tell of it without drafting it. */
export const keptGarment = (spec: GarmentSpec) => ({
  name: spec.name,
  file: writeGarment(spec, "mm"),
  summary: summaryOf(spec),
});
