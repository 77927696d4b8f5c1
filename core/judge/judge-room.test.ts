import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { applyChange, type GarmentSpec, type SpecChange } from "../spec";
import { MIDDLE_BODY } from "../starting";
import { specOf } from "../testing/sample";

/** A bodice with the middle body's figures; what is not named is by its school's defaults. */
function bodice(block: object, others: object = {}): GarmentSpec {
  return specOf({
    format: "gamine-garment/2",
    unit: "mm",
    body: { ...MIDDLE_BODY, backWidth: 350, frontWidth: 332 },
    block: { source: "drafted", ...block },
    sleeve: null,
    collar: null,
    ...others,
  });
}

const codesOf = (spec: GarmentSpec) => draftGarment(spec).findings.map(({ code }) => code);

/** Every remedy that is offered ends its finding, and the solved block by itself has none of it. */
function expectMended(spec: GarmentSpec, code: string) {
  const found = draftGarment(spec).findings.find((one) => one.code === code);
  expect(found, code).toBeDefined();
  expect(found?.remedies.length, code).toBeGreaterThan(0);
  for (const { change } of found?.remedies ?? []) expect(codesOf(applyChange(spec, change)), code).not.toContain(code);
  expect(codesOf(bodice({})), code).not.toContain(code);
}

describe("what is judged on the flat draft", () => {
  it.each([
    ["tight-at-bust", { school: "quick", chestEase: 2 }],
    ["tight-at-bust", { ease: { bust: 10 } }],
    ["tight-at-waist", { school: "quick", waistEase: -15 }],
    ["tight-at-hip", { school: "quick", hipEase: -15, bodyLength: "hip", length: 640 }],
    ["wide-at-bust", { school: "quick", chestEase: 70 }],
    ["armhole-tight", { school: "quick", chestLevel: 165 }],
    ["armhole-wide", { school: "quick", chestLevel: 330 }],
    ["armhole-wide", { chestLevel: 300 }],
    ["neckline-over-neck", { school: "quick", backNeckWidth: 105 }],
    ["shoulders-of-two-lengths", { school: "quick", frontNeckWidth: 66, backNeckWidth: 96 }],
    ["narrow-across-back", { school: "quick", backInset: 45 }],
  ])("%s for %o, and each way out ends it", (code, block) => {
    expectMended(bodice(block), code);
  });

  it("says when the front neck lies elsewhere than it was read, and draws it there", () => {
    const spec = bodice({});
    const { block } = draftGarment(spec);
    const waist = block?.levels.find(({ id }) => id === "waist")?.y ?? 0;
    const drafted = waist - (block?.front.centre[0]?.[0].y ?? 0);
    const read = (frontCentre: number) => applyChange(spec, { body: { frontCentre } });
    expect(codesOf(read(drafted))).not.toContain("front-centre-differs");
    const off = read(drafted - 30);
    const found = draftGarment(off).findings.find(({ code }) => code === "front-centre-differs");
    expect(codesOf(applyChange(off, found?.remedies[0]?.change ?? {}))).not.toContain("front-centre-differs");
  });

  it.each<[string, object, object, SpecChange]>([
    [
      "panels-without-princess",
      { shaping: "waist-darts" },
      { bodice: { panels: "cut" } },
      { bodice: { panels: "whole" } },
    ],
    ["hem-width-on-kimono", {}, { sleeve: { kind: "kimono", hemWidth: 300 } }, { sleeve: { hemWidth: undefined } }],
    ["fullness-without-gathers", { frontGathers: 80 }, {}, { block: { gathers: "slight" } }],
  ])("%s: a choice that nothing is drafted from is said to be one", (code, block, others, otherwise) => {
    const spec = bodice(block, others);
    const found = draftGarment(spec).findings.find((one) => one.code === code);
    expect(found?.severity).toBe("note");
    expect(codesOf(applyChange(spec, found?.remedies[0]?.change ?? {}))).not.toContain(code);
    expect(codesOf(applyChange(spec, otherwise))).not.toContain(code);
  });
});

describe("a reading by itself", () => {
  it("of the armhole's depth drafts a sleeve, however deep or shallow: estimates give way to it", () => {
    for (const depth of [130, 165, 200, 260, 330]) {
      const spec = specOf({
        format: "gamine-garment/2",
        unit: "mm",
        body: { bust: 920 },
        block: { source: "readings", armhole: { depth } },
      });
      const { sleeve, findings } = draftGarment(spec);
      expect(
        findings.map(({ code }) => code),
        `${depth}`,
      ).not.toContain("armhole-contradiction");
      expect(sleeve, `${depth}`).not.toBeNull();
    }
  });
});
