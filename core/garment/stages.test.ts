import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyChange, readGarment, type SpecChange } from "../spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { anyGarmentFile } from "../testing/any-garment";
import { IS_THOROUGH } from "../testing/thorough";
import { sketchGarment } from ".";

/** One figure of every part, as a hand drags it or a box is typed into. */
const CHANGES: readonly SpecChange[] = [
  { sleeve: { length: 431 } },
  { sleeve: { capHeightChange: 3 } },
  { collar: { height: 37 } },
  { body: { backLength: 411 } },
  { body: { upperArm: 301 } },
  { bodice: { hem: "plain" } },
  { block: { alterations: [{ kind: "lower-armhole", by: 6 }] } },
  { allowances: { general: 12 } },
];

describe("a garment drafted from the frame before", () => {
  it.each(STARTING_POINTS)("$id: is the same as one drafted from nothing, whatever was changed before", (point) => {
    const begun = startedFrom(point, MIDDLE_BODY);
    if (!begun) throw new Error(point.id);
    let [spec, before] = [begun, sketchGarment(begun)];
    for (const change of [...CHANGES, ...CHANGES.slice(0, 3)]) {
      spec = applyChange(spec, change);
      before = sketchGarment(spec, before);
      expect(JSON.stringify(before), JSON.stringify(change)).toBe(JSON.stringify(sketchGarment(spec)));
    }
  });

  it("is so for any garments, one after another", () => {
    const specs = fc
      .sample(anyGarmentFile, { numRuns: IS_THOROUGH ? 300 : 40, seed: 26 })
      .map(readGarment)
      .flatMap((read) => (read.ok ? [read.spec] : []));
    let before = null;
    for (const spec of specs) {
      before = sketchGarment(spec, before);
      expect(JSON.stringify(before)).toBe(JSON.stringify(sketchGarment(spec)));
    }
  });
});
