import { describe, expect, it } from "vitest";
import { sewnSleeve } from "../../drafting";
import { draftGarment } from "../../garment";
import type { GarmentSpec } from "../../spec";
import { specOf, withSleeve } from "../../testing/sample";
import { lowerHollows } from "./lower-cap";

const readings = (front: number, back: number, depth: number): GarmentSpec =>
  specOf({ format: "gamine-garment/1", unit: "mm", block: { source: "readings", armhole: { front, back, depth } } });
const drafted = (style: string): GarmentSpec =>
  specOf({ format: "gamine-garment/1", unit: "mm", body: { bust: 940 }, block: { source: "drafted", style } });

function blockOf(spec: GarmentSpec) {
  const { block } = draftGarment(spec);
  if (!block) throw new Error("these figures give a block");
  return block;
}

/** How far the lower cap and the lower armhole lie apart, front and back, with one way of drawing the curve. */
function apart(spec: GarmentSpec, curve: "armhole" | "quarters" | "middle"): readonly number[] {
  const { figures } = draftGarment({ ...spec, sleeve: { kind: "set-in", ...spec.sleeve, curve } });
  return figures.filter((figure) => figure.id.startsWith("sleeve.lowerCap.")).map((figure) => figure.value);
}

const BLOCKS: readonly (readonly [string, GarmentSpec])[] = [
  ["from readings", withSleeve({})],
  ["from readings, deep and narrow", readings(220, 228, 200)],
  ["from readings, wide", readings(250, 262, 195)],
  ["drafted woven", drafted("woven")],
  ["drafted knit", drafted("knit")],
];

describe.each(BLOCKS)("the lower cap on an armhole %s", (_name, spec) => {
  it("lies nearer to the armhole than by either family of guide points, front and back", () => {
    const following = apart(spec, "armhole");
    expect(following.length).toBe(2);
    for (const guided of ["quarters", "middle"] as const) {
      const sum = (offs: readonly number[]) => offs.reduce((a, b) => a + b, 0);
      expect(sum(following)).toBeLessThan(sum(apart(spec, guided)));
    }
  });
});

describe("how the lower cap follows", () => {
  it("is a matter of the armhole's shape and not of its size", () => {
    const small = lowerHollows(blockOf(readings(220, 230, 190)));
    const large = lowerHollows(blockOf(readings(330, 345, 285)));
    expect(large.front).toBeCloseTo(small.front, 3);
    expect(large.back).toBeCloseTo(small.back, 3);
  });

  it("runs level for longer where the armhole does", () => {
    const narrow = lowerHollows(blockOf(readings(220, 230, 195)));
    const wide = lowerHollows(blockOf(readings(250, 262, 195)));
    expect(wide.front).toBeGreaterThan(narrow.front + 0.05);
    expect(wide.back).toBeGreaterThan(narrow.back + 0.05);
  });

  it("is the usual curve of fit first, and the rules keep their guide points", () => {
    const curveOf = (spec: GarmentSpec) => sewnSleeve(draftGarment(spec))?.task.cap.curve;
    expect(curveOf(withSleeve({}))).toBe("armhole");
    expect(curveOf(withSleeve({ method: "bust-twelfth" }))).toBe("quarters");
    expect(curveOf(withSleeve({ method: "bust-twelfth", curve: "armhole" }))).toBe("armhole");
  });
});
