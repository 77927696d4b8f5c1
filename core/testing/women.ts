import { readFileSync } from "node:fs";
import { join } from "node:path";
import { draftGarment, type Garment, sketchGarment } from "../garment";
import type { GarmentSpec } from "../spec";
import { spread } from "./thorough";

export type Woman = {
  readonly chest: number;
  readonly waist: number;
  readonly hip: number;
  readonly biacromial: number;
  readonly bicep: number;
  readonly wrist: number;
};

/** The open data set beside this test; its notice is in data/README.md. */
function readWomen(): readonly Woman[] {
  const [head = "", ...rows] = readFileSync(join(import.meta.dirname, "data/body-women.csv"), "utf8")
    .trim()
    .split(/\r?\n/);
  const columns = head.split(",");
  const at = (row: readonly string[], name: string) => Number(row[columns.indexOf(name)]) * 10;
  return rows
    .map((row) => row.split(","))
    .map((row) => ({
      chest: at(row, "chest_girth_cm"),
      waist: at(row, "waist_girth_cm"),
      hip: at(row, "hip_girth_cm"),
      biacromial: at(row, "biacromial_breadth_cm"),
      bicep: at(row, "bicep_girth_flexed_cm"),
      wrist: at(row, "wrist_girth_cm"),
    }));
}

/** All of them. */
export const women = readWomen();

/** Those that a garment each is drafted for: all in a thorough run, else every fifth. */
export const someWomen = spread(women, 5);

/**
 * The set has no bust (its chest girth is taken above the breast), no neck, no armscye. Built by stated rules: bust = chest girth
 * + 60 mm; across shoulders = biacromial breadth + 20 mm for the flesh over the bone; the rest is the program's own estimates.
 */
export function bodyOf({ chest, waist, hip, biacromial, bicep, wrist }: Woman) {
  return { bust: chest + 60, waist, hip, shoulderWidth: biacromial + 20, upperArm: bicep, wrist };
}

/** The garment drafted; its remedies are tried, each by a draft of its own, only where it has a fault that one of them has to mend. */
export function draftedFor(spec: GarmentSpec): Garment {
  const sketched = sketchGarment(spec);
  return sketched.findings.some(({ severity }) => severity === "fault") ? draftGarment(spec) : sketched;
}
