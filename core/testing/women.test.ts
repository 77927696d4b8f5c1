import { readFileSync } from "node:fs";
import { join } from "node:path";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { applyChange, draftGarment, type GarmentSpec, readGarment, writeResult } from "../garment";
import { svgPathData } from "../geometry";
import { SET_IN_METHODS } from "../sleeve/set-in";

type Woman = { readonly chest: number; readonly bicep: number; readonly wrist: number };

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
      bicep: at(row, "bicep_girth_flexed_cm"),
      wrist: at(row, "wrist_girth_cm"),
    }));
}

/** No armhole was measured: the program's own stand-in builds it from the chest, and says so. */
function specFor({ chest, bicep, wrist }: Woman, method: (typeof SET_IN_METHODS)[number]): GarmentSpec {
  const read = readGarment({
    format: "gamine-garment/1",
    unit: "mm",
    body: { bust: chest, upperArm: bicep, wrist },
    sleeve: { kind: "set-in", method },
  });
  if (!read.ok) throw new Error(read.issues.map((issue) => issue.message).join(" "));
  return read.spec;
}

const women = readWomen();

describe("260 women (open data set: Heinz, Peterson, Johnson and Kerk 2003)", () => {
  it("are 260, each measured", () => {
    expect(women.length).toBe(260);
    for (const woman of women) expect(woman.bicep).toBeGreaterThan(woman.wrist);
  });

  it.each(SET_IN_METHODS)(
    "D1: every one gets a sleeve by %s, or a finding whose first remedy gives one; no exception and no NaN",
    (method) => {
      let sleeves = 0;
      for (const woman of women) {
        const spec = specFor(woman, method);
        const garment = draftGarment(spec);
        expect(JSON.stringify(writeResult(garment))).not.toContain("NaN");
        if (garment.sleeve) sleeves++;
        else {
          const fault = garment.findings.find((finding) => finding.severity === "fault");
          const [remedy] = fault?.remedies ?? [];
          expect(draftGarment(applyChange(spec, remedy?.change ?? {})).sleeve, fault?.code).not.toBeNull();
        }
      }
      expect(sleeves).toBeGreaterThan(200);
    },
  );

  it("D1: fit first meets every one's armhole + ease within 0.01 mm, measured by an independent library (reference library: svg-path-properties)", () => {
    for (const woman of women) {
      const { sleeve } = draftGarment(specFor(woman, "fit-first"));
      for (const seam of sleeve?.seams ?? []) {
        const measured = new svgPathProperties(svgPathData(seam.partPath)).getTotalLength();
        expect(Math.abs(measured - seam.bodyLength - seam.target)).toBeLessThan(0.01);
      }
    }
  });

  it("D1: every one's sleeve is wider than her arm, its cap lower than the armhole is deep, and its crown between the ends of the cap line", () => {
    for (const woman of women) {
      const { sleeve, resolved } = draftGarment(specFor(woman, "fit-first"));
      if (!sleeve) continue;
      const { frame, outline } = sleeve.sleeve;
      expect(frame.frontWidth + frame.backWidth).toBeGreaterThan(woman.bicep);
      expect(frame.height).toBeLessThan(resolved.armhole.depth);
      expect(outline.crown.x).toBeGreaterThan(outline.backEnd.x);
      expect(outline.crown.x).toBeLessThan(outline.frontEnd.x);
    }
  });
});
