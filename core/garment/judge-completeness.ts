import type { Finding } from "../check";
import { phrase } from "../draft";
import { labelOf } from "./fields";
import type { DefaultTaken } from "./resolve";
import { DRAFTED_COLLARS, type GarmentSpec } from "./spec";

/** What the draft stands on that nobody measured, and what the file asks for that is not drafted yet. */
export function judgeCompleteness(spec: GarmentSpec, defaults: readonly DefaultTaken[]): readonly Finding[] {
  return [...standIns(defaults), ...notDrafted(spec)];
}

function standIns(defaults: readonly DefaultTaken[]): readonly Finding[] {
  const missing = defaults.filter((d) => d.isStandIn && d.isNeeded);
  if (missing.length === 0) return [];
  const names = missing.map((d) => labelOf(d.path).toLowerCase()).join(", ");
  return [
    {
      code: "stand-ins-used",
      severity: "warning",
      station: missing.some((d) => d.path.startsWith("block.")) ? "block" : "measures",
      message: phrase`Not measured yet, so estimated: ${names}.`,
      reason: phrase`An estimate shows the shape; it is not this person. Measure before you cut.`,
      numbers: Object.fromEntries(missing.flatMap((d) => (typeof d.value === "number" ? [[d.path, d.value]] : []))),
      remedies: [],
    },
  ];
}

function notDrafted(spec: GarmentSpec): readonly Finding[] {
  if (!spec.collar || DRAFTED_COLLARS.some((kind) => kind === spec.collar?.kind)) return [];
  return [
    {
      code: "collar-not-drafted",
      severity: "note",
      station: "collar",
      message: phrase`The ${spec.collar.kind} collar in this garment is kept, and not drafted: this version drafts stand collars.`,
      reason: phrase`Nothing of the collar is lost; it waits in the garment file.`,
      numbers: {},
      remedies: [],
    },
  ];
}
