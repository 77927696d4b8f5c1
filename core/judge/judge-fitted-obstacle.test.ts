import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { applyChange, type GarmentSpec } from "../spec";
import { MIDDLE_BODY } from "../starting";
import { specOf } from "../testing/sample";

function bodice(body: object, block: object): GarmentSpec {
  return specOf({
    format: "gamine-garment/2",
    unit: "mm",
    body: { ...MIDDLE_BODY, ...body },
    block: { source: "drafted", ...block },
    sleeve: null,
    collar: null,
  });
}

const findingsOf = (spec: GarmentSpec) => draftGarment(spec).findings;

describe("what is in the way of a solved block", () => {
  it.each<[string, object, object]>([
    ["neck-beyond-shoulder", { shoulderLength: 20 }, {}],
    ["armhole-beyond-waist", { backLength: 260 }, { ease: { armhole: 60 } }],
    ["hip-above-waist", {}, { hipLevel: 200 }],
    ["hem-above-chest", {}, { length: 190 }],
    // The bust point lies 300 mm from the side neck point.
    ["hem-above-bust", { frontToBust: 300 }, { length: 270, bustDart: "waist" }],
  ])("%s: no block is drawn, nothing is thrown, and each way out gives one", (code, body, block) => {
    const spec = bodice(body, block);
    const found = findingsOf(spec).find((one) => one.code === code);
    expect(found?.severity).toBe("fault");
    expect(draftGarment(spec).block).toBeNull();
    expect(found?.remedies.length).toBeGreaterThan(0);
    for (const { change } of found?.remedies ?? []) {
      const mended = applyChange(spec, change);
      expect(findingsOf(mended).map((one) => one.code)).not.toContain(code);
      expect(draftGarment(mended).block).not.toBeNull();
    }
    const plain = findingsOf(bodice({}, {})).map((one) => one.code);
    expect(plain).not.toContain(code);
  });

  it("draws a hem above the bust point where the dart goes into the side", () => {
    const codes = findingsOf(bodice({ frontToBust: 300 }, { length: 270, bustDart: "side" })).map(({ code }) => code);
    expect(codes).not.toContain("hem-above-bust");
  });
});
