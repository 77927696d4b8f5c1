import { splitTakenId, TAKEN_IDS, type Taken, type TakenId } from "../body";
import type { TapeUnit } from "../tape";
import { LENGTH_FIELDS, QUANTITY_FIELDS, readQuantity } from "./paths";
import { readLength } from "./read-length";

export type ReadMeasures = {
  /** Millimetres, or degrees of an angle; only what was readable. */
  readonly measures: Taken;
  /** Sentences, by measurement. */
  readonly problems: { readonly [id in TakenId]?: string };
};

/** Reads a form of measurements as it was typed, left and right too. An empty box is a measurement that was not taken. */
export function readMeasures(texts: { readonly [id: string]: string | undefined }, unit: TapeUnit): ReadMeasures {
  const measures: { [id in TakenId]?: number } = {};
  const problems: { [id in TakenId]?: string } = {};
  for (const id of TAKEN_IDS) {
    const text = texts[id]?.trim() ?? "";
    const { measure, side } = splitTakenId(id);
    if (text === "") continue;
    const angle = QUANTITY_FIELDS[`body.${measure}`];
    if (angle) {
      const read = readQuantity(text, side ? { ...angle, label: `${angle.label}, ${side}` } : angle);
      if (read.ok) measures[id] = read.value;
      else problems[id] = read.message;
    }
    const field = LENGTH_FIELDS[`body.${measure}`];
    if (!field) continue;
    const read = readLength(text, unit, side ? { ...field, label: `${field.label}, ${side}` } : field);
    if (read.ok) measures[id] = read.mm;
    else problems[id] = read.problem.message;
  }
  return { measures, problems };
}
