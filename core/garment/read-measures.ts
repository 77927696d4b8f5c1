import { type Body, MEASURE_IDS, type MeasureId } from "../body";
import type { TapeUnit } from "../tape";
import { LENGTH_FIELDS } from "./fields";
import { readLength } from "./length-field";

export type ReadMeasures = {
  /** Millimetres; only what was readable. */
  readonly measures: Body;
  /** Sentences, by measurement. */
  readonly problems: { readonly [id in MeasureId]?: string };
};

/** Reads a form of measurements as it was typed. An empty box is a measurement that was not taken. */
export function readMeasures(texts: { readonly [id: string]: string | undefined }, unit: TapeUnit): ReadMeasures {
  const measures: { [id in MeasureId]?: number } = {};
  const problems: { [id in MeasureId]?: string } = {};
  for (const id of MEASURE_IDS) {
    const text = texts[id]?.trim() ?? "";
    const field = LENGTH_FIELDS[`body.${id}`];
    if (text === "" || !field) continue;
    const read = readLength(text, unit, field);
    if (read.ok) measures[id] = read.mm;
    else problems[id] = read.problem.message;
  }
  return { measures, problems };
}
