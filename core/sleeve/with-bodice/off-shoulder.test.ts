import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { crossesItself, distance, endOf, startOf } from "../../geometry";
import { applyChange, type GarmentSpec } from "../../spec";
import { draftedBodice, edgeOf, measuredApart, onBodice } from "../../testing/bodice";
import { inches, specOf } from "../../testing/sample";
import { figure } from "../../testing/styles";
import { casingFor, elasticRound } from "../finish";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** A tape reads to an eighth of an inch. */
const TAPE_MM = inches(1 / 8);
const found = (spec: GarmentSpec, code: string) => draftGarment(spec).findings.find((one) => one.code === code);

describe("elastic and its casing", () => {
  it("C11, common practice, no source: a waist of 31 in takes 29 in of elastic, shoulders of 39 in take 36 in", () => {
    expect(elasticRound("waist", inches(31))).toBeCloseTo(inches(29), 9);
    expect(elasticRound("shoulders", inches(39))).toBeCloseTo(inches(36), 9);
  });

  it("takes about 1 1/2 in for a wide elastic and 1 in for a narrow one (common practice, no source)", () => {
    expect(Math.abs(casingFor(25.4) - inches(1.5))).toBeLessThan(TAPE_MM);
    expect(Math.abs(casingFor(12.7) - inches(1))).toBeLessThan(TAPE_MM);
  });
});

describe("an off-shoulder sleeve", () => {
  const spec = onBodice("offShoulder", { length: inches(20), offShoulder: { fall: inches(4) } });

  it("C12, arithmetic: 20 in, 4 in of puff, 1 in of hem casing and 1 1/2 in above are cut 26 1/2 in long", () => {
    const { garment, piece } = draftedBodice(spec);
    expect(Math.abs(figure(garment, "sleeve.cutLength") - inches(26.5))).toBeLessThan(TAPE_MM);
    const sleeve = piece("sleeve");
    const middle = (id: string) => {
      const { path } = edgeOf(sleeve, id);
      return (startOf(path).y + endOf(path).y) / 2;
    };
    expect(middle("turnUp") - middle("top")).toBeCloseTo(figure(garment, "sleeve.cutLength"), 0);
  });

  it("is cut across 6 in below the side neck point on the bodice, and as far from the underarm on the sleeve", () => {
    const { sleeve, piece } = draftedBodice(spec);
    for (const [side, name] of [
      ["front", "Front"],
      ["back", "Back"],
    ] as const) {
      expect(measuredApart(piece("sleeve"), `raglan${name}`)).toBeCloseTo(measuredApart(piece(side), "raglan"), 2);
    }
    const mark = sleeve.draft.points.find((p) => p.letter === "21")?.at.y ?? 0;
    const neck = sleeve.draft.lines.find((line) => line.id === "block.front.neckline");
    expect(mark - startOf(neck?.path ?? []).y).toBeCloseTo(inches(6), 6);
  });

  it("has its hem as wide as was typed, whatever it is spread by", () => {
    fc.assert(
      fc.property(size(300, 700), size(0, 150), (hemWidth, spread) => {
        const typed = onBodice("offShoulder", { hemWidth, hem: { finish: "plain" }, offShoulder: { spread } });
        expect(measuredApart(draftedBodice(typed).piece("sleeve"), "hem")).toBeCloseTo(hemWidth, 2);
      }),
      { numRuns: 15 },
    );
  });

  it("tells the elastic round the shoulders, and the one at a measured waist", () => {
    const { garment } = draftedBodice(spec);
    expect(figure(garment, "elastic.shoulders")).toBeCloseTo((spec.body.aroundShoulders ?? 0) - inches(3), 6);
    expect(figure(garment, "elastic.waist")).toBeCloseTo((spec.body.waist ?? 0) - inches(2), 6);
  });

  it("C20, common practice, no source: on a body gathered full its edge holds the doubled quarters", () => {
    const plain = draftedBodice(spec).piece("front");
    const full = draftedBodice(onBodice("offShoulder", spec.sleeve ?? {}, { gathers: "full" } as never)).piece("front");
    const quarter = measuredApart(plain, "hem");
    expect(measuredApart(full, "top") - measuredApart(plain, "top")).toBeGreaterThan(quarter * 0.8);
  });

  it("says when the edge is too short to lie off the shoulders; spreading the sleeves ends that", () => {
    const tight = onBodice("offShoulder", { offShoulder: { spread: 0, drop: inches(4) } });
    const short = { ...tight, body: { ...tight.body, aroundShoulders: 1250 } };
    expect(found(short, "top-too-short")?.severity).toBe("fault");
    const mended = applyChange(short, found(short, "top-too-short")?.remedies[0]?.change ?? {});
    expect(draftGarment(mended).sleeve).not.toBeNull();
    expect(found(mended, "top-too-short")).toBeUndefined();
  });

  it("says when more is gathered than the cloth takes; spreading less ends that", () => {
    const gathered = onBodice("offShoulder", { offShoulder: { spread: 560 } }, { gathers: "full" } as never);
    const bulky = { ...gathered, cloth: { kind: "soft-wool" as const } };
    expect(found(bulky, "gathers-bulky")?.numbers.ratio).toBeGreaterThan(2);
    const mended = applyChange(bulky, found(bulky, "gathers-bulky")?.remedies[0]?.change ?? {});
    const topOf = (one: GarmentSpec) => figure(draftGarment(one), "sleeve.gatherRatio.top");
    expect(topOf(mended)).toBeLessThan(found(bulky, "gathers-bulky")?.numbers.to ?? 0);
  });

  it("says when there is no room for the edge above the underarm, and draws it where there is", () => {
    const odd = onBodice("offShoulder", { offShoulder: { drop: 295 } });
    const fault = found(odd, "no-room-in-sleeve");
    expect(draftGarment(odd).sleeve).not.toBeNull();
    expect(found(applyChange(odd, fault?.remedies[0]?.change ?? {}), "no-room-in-sleeve")).toBeUndefined();
    expect(fault?.severity).toBe("fault");
  });

  it("cuts away a neck that reaches below its upper edge: a V drafts, its edge straight across where it is asked", () => {
    const spec = specOf({
      format: "gamine-garment/1",
      unit: "in",
      block: { source: "drafted", neckShape: "v" },
      sleeve: { kind: "offShoulder" },
    });
    const { sleeve, piece } = draftedBodice(spec);
    expect(found(spec, "no-room-in-sleeve")).toBeUndefined();
    const top = edgeOf(piece("front"), "top").path;
    expect(Math.abs(startOf(top).y - endOf(top).y)).toBeLessThan(1e-6);
    expect(sleeve.drawing.top?.edge).toBeGreaterThan(400);
  });

  it("is simple in every outline, whatever is asked within reason", () => {
    const any = fc.record({
      drop: size(110, 190),
      spread: size(0, 300),
      fall: size(0, 120),
      elasticWidth: size(6, 40),
    });
    fc.assert(
      fc.property(any, size(200, 500), (offShoulder, length) => {
        for (const one of draftGarment(onBodice("offShoulder", { offShoulder, length })).pieces) {
          expect(crossesItself(one.outline), one.id).toBe(false);
          expect(distance(startOf(one.outline), endOf(one.outline))).toBeLessThan(1e-6);
        }
      }),
      { numRuns: 40 },
    );
  });
});
