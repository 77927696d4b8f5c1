import type { Finding } from "../check";
import { phrase } from "../draft";
import { labelOf } from "./fields";
import type { DefaultTaken } from "./resolve";

/** What the draft stands on that nobody measured. */
export function judgeCompleteness(defaults: readonly DefaultTaken[]): readonly Finding[] {
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
