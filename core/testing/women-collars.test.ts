import { describe, expect, it } from "vitest";
import { COLLAR_KINDS, STAND_SCHOOLS } from "../collar";
import { crossesItself } from "../geometry";
import { type GarmentSpec, readGarment } from "../spec";
import { bodyOf, draftedFor, someWomen } from "./women";

type Collar = NonNullable<GarmentSpec["collar"]>;

const COLLARS: readonly Collar[] = [
  ...COLLAR_KINDS.map((kind): Collar => ({ kind })),
  ...STAND_SCHOOLS.slice(1).map((school): Collar => ({ kind: "stand", school })),
  { kind: "shirt", shirtCut: "one-piece", edgeBy: "rule" },
  { kind: "notched", notch: "open", rollSchool: "neck-point", breakAt: "waist" },
  { kind: "roll", backCollar: "overlay", rollSchool: "ahead" },
];

const named = COLLARS.map((collar) => ({ collar, name: Object.values(collar).join(", ") }));

describe("collars for women (open data set: Heinz, Peterson, Johnson and Kerk 2003)", () => {
  it.each(named)(
    "D1: every one's collar ($name) meets her neckline within 0.01 mm, with no exception, no NaN and no self-crossing",
    ({ collar }) => {
      for (const woman of someWomen) {
        const read = readGarment({
          format: "gamine-garment/1",
          unit: "mm",
          body: bodyOf(woman),
          block: { source: "drafted" },
          sleeve: null,
          collar,
        });
        if (!read.ok) throw new Error(read.issues.map((issue) => issue.message).join(" "));
        const garment = draftedFor(read.spec);
        expect(garment.collar, garment.findings.map((finding) => finding.code).join(" ")).not.toBeNull();
        for (const seam of garment.collar?.seams ?? []) expect(Math.abs(seam.ease)).toBeLessThan(0.01);
        const { outer } = garment.collar?.drawing ?? {};
        if (outer?.isSolved) expect(Math.abs(outer.edge - outer.needed)).toBeLessThan(0.1);
        for (const piece of garment.pieces) expect(crossesItself(piece.outline), piece.id).toBe(false);
        for (const { value } of garment.figures) expect(Number.isFinite(value)).toBe(true);
      }
    },
  );
});
