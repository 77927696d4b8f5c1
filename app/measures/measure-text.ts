import { type MeasureId, measureOf, splitTakenId, type TakenId } from "@core/body/index";
import { type FormatOptions, formatLength, type Tape } from "@core/tape/index";

export const isAngle = (id: TakenId): boolean => measureOf(splitTakenId(id).measure).kind === "angle";

/** A reading as people write it: a length in the unit of the tape, or degrees. */
export function measureText(id: MeasureId, value: number, tape: Tape, options: FormatOptions = {}): string {
  if (measureOf(id).kind === "length") return formatLength(value, tape, options);
  const rounded = Math.round(value * 10) / 10;
  const sign = options.signed && rounded > 0 ? "+" : "";
  return `${sign}${rounded}${options.withUnit === false ? "" : "°"}`;
}
