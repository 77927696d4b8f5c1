import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { along, crossesItself, distance, endOf, flatten, pathLength, startOf } from "../../geometry";
import { applyChange, type GarmentSpec } from "../../spec";
import { draftedBodice, edgeOf, measuredApart, onBodice } from "../../testing/bodice";
import { inches } from "../../testing/sample";
import { figure } from "../../testing/styles";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const found = (spec: GarmentSpec, code: string) => draftGarment(spec).findings.find((one) => one.code === code);
/** The fault or warning is there, its first remedy is taken, and it is gone. */
function mend(spec: GarmentSpec, code: string, remedy = 0): GarmentSpec {
  const before = found(spec, code);
  expect(before, code).toBeDefined();
  const mended = applyChange(spec, before?.remedies[remedy]?.change ?? {});
  expect(found(mended, code), code).toBeUndefined();
  expect(draftGarment(mended).sleeve).not.toBeNull();
  return mended;
}

describe("a kimono sleeve", () => {
  it("has over-arm and underarm seams of one length front and back, measured apart by svg-path-properties", () => {
    for (const drop of [0, 150, 300]) {
      const { piece } = draftedBodice(onBodice("kimono", { length: 400, kimono: { drop } }));
      for (const edge of ["overArm", "side"]) {
        expect(measuredApart(piece("front"), edge)).toBeCloseTo(measuredApart(piece("back"), edge), 2);
      }
    }
  });

  it("runs straight on from the shoulder through the raised tip, with its hem square to it", () => {
    const { piece } = draftedBodice(onBodice("kimono"));
    const front = piece("back");
    const overArm = edgeOf(front, "overArm").path;
    expect(pathLength(overArm)).toBeCloseTo(distance(startOf(overArm), endOf(overArm)), 6);
    const out = along(overArm, 1e6).direction;
    const hem = along(edgeOf(front, "sleeveHem").path, 0).direction;
    expect(out.x * hem.x + out.y * hem.y).toBeCloseTo(0, 6);
  });

  it("takes the trade's amounts for neck, tip and underarm (common practice, no source)", () => {
    const spec = onBodice("kimono");
    const { sleeve, garment } = draftedBodice(spec);
    const { front } = garment.block ?? {};
    const at = (letter: string) => sleeve.draft.points.find((p) => p.letter === letter)?.at ?? { x: 0, y: 0 };
    expect(at("1").y - endOf(front?.neckline.path ?? []).y).toBeCloseTo(10, 6);
    expect(endOf(front?.shoulder.path ?? []).y - at("3").y).toBeCloseTo(10, 6);
    expect(distance(at("2"), at("3"))).toBeLessThan((front?.shoulder.length ?? 0) - 55);
    expect(at("6").y - endOf(front?.armhole.path ?? []).y).toBeCloseTo(40, 6);
  });

  it("falls by the angle whose tangent is the drop over the arm's length", () => {
    const straight = figure(draftGarment(onBodice("kimono", { length: 400 })), "kimono.angle");
    const spec = onBodice("kimono", { length: 400, kimono: { drop: 200 } });
    const steep = figure(draftGarment(spec), "kimono.angle");
    expect(steep - straight).toBeCloseTo((Math.atan2(200, spec.body.armLength ?? 0) * 180) / Math.PI, 6);
  });

  it("sizes a gusset from the angle: the chord that the underarm moves by when the arm is raised (geometry)", () => {
    const { garment, sleeve, piece } = draftedBodice(
      onBodice("kimono", { length: 450, kimono: { drop: 200, gusset: 140 } }),
    );
    const at = (letter: string) => sleeve.draft.points.find((p) => p.letter === letter)?.at ?? { x: 0, y: 0 };
    const angle = (figure(garment, "kimono.angle") * Math.PI) / 180;
    const widest = Math.max(distance(at("3"), at("6")), distance(at("13"), at("16")));
    expect(figure(garment, "kimono.gusset.width")).toBeCloseTo(2 * widest * Math.sin(angle / 2), 0);
    const diamond = piece("gusset");
    for (const edge of diamond.edges) expect(edge.length).toBeCloseTo(140, 6);
    expect(piece("front").darts.some((dart) => Math.abs(pathLength(dart) - 140) < 1e-6)).toBe(true);
  });

  it("has neck facings as wide all round, on the fold, along shoulder and centre", () => {
    const { piece } = draftedBodice(onBodice("kimono", { kimono: { facing: 40 } }));
    for (const id of ["frontFacing", "backFacing"]) {
      const facing = piece(id);
      expect(facing.cut.onFold).toBe(true);
      const neck = flatten(edgeOf(facing, "neckline").path, 60);
      for (const p of flatten(edgeOf(facing, "outer").path)) {
        const far = Math.min(...neck.map((n) => distance(n, p)));
        expect(Math.abs(far - 40)).toBeLessThan(inches(1 / 8));
      }
      expect(crossesItself(facing.outline)).toBe(false);
    }
  });

  it("turns its hem up, mirrored from the seams, and takes a band off its length", () => {
    const { piece } = draftedBodice(onBodice("kimono", { length: 300, hemTurnUp: 25 }));
    expect(edgeOf(piece("front"), "turnUp").length).toBeGreaterThan(50);
    expect(piece("front").folds.length).toBeGreaterThan(1);
    const banded = draftedBodice(onBodice("kimono", { length: 300, hem: { finish: "band", depth: 40 } }));
    expect(banded.sleeve.drawing.hemLevel).toBeCloseTo(260, 6);
  });

  it("is simple in every outline and balanced, whatever is asked within reason", () => {
    const any = fc.record({
      neckOut: size(0, 60),
      frontDown: size(0, 60),
      backDown: size(0, 40),
      tipUp: size(0, 20),
      drop: size(0, 300),
      underarmOut: size(0, 30),
      underarmDown: size(20, 120),
      curve: size(20, 120),
      gusset: size(0, 120),
    });
    fc.assert(
      fc.property(any, size(330, 580), (kimono, length) => {
        const { garment, sleeve } = draftedBodice(onBodice("kimono", { kimono, length }));
        for (const one of garment.pieces) {
          expect(crossesItself(one.outline), one.id).toBe(false);
          expect(distance(startOf(one.outline), endOf(one.outline))).toBeLessThan(1e-6);
        }
        for (const seam of sleeve.seams) expect(Math.abs(seam.ease)).toBeLessThan(0.05);
      }),
      { numRuns: 60 },
    );
  });
});

describe("what is found about a kimono", () => {
  it("says when the neck does not go over the head; widening it or opening it ends that", () => {
    const close = onBodice("kimono", { kimono: { neckOut: 0, frontDown: 0, backDown: 0 } });
    mend(close, "head-will-not-pass", 0);
    const opened = mend(close, "head-will-not-pass", 1);
    expect(JSON.stringify(draftGarment(opened).drafts[0]?.steps)).toContain("Cut an opening");
  });

  it("says nothing of the head when it was not measured", () => {
    const spec = onBodice("kimono", { kimono: { neckOut: 0, frontDown: 0, backDown: 0 } });
    const { head: _, ...body } = spec.body;
    expect(found({ ...spec, body }, "head-will-not-pass")).toBeUndefined();
  });

  it("says where the sleeve binds the arm; its remedy gives it room at every level", () => {
    mend(onBodice("kimono", { length: 500, upperArmEase: -20, kimono: { drop: 250 } }), "sleeve-binds");
  });

  it("says when front and back cannot be balanced within what may be moved; moving further ends that", () => {
    mend(
      onBodice("kimono", { length: 300, kimono: { balanceWithin: 0 } }, { frontSlope: 70, backSlope: 15 } as never),
      "front-and-back-differ",
    );
  });

  it("lengthens a slash that is too short for its gusset, and says so", () => {
    const spec = onBodice("kimono", { length: 450, kimono: { drop: 300, gusset: 40 } });
    const mended = mend(spec, "no-room-in-sleeve");
    expect(mended.sleeve?.kimono?.gusset).toBeGreaterThan(40);
  });

  it("draws no sleeve that ends inside the underarm, and names the length that does not", () => {
    const spec = onBodice("kimono", { length: 40 });
    expect(draftGarment(spec).sleeve).toBeNull();
    expect(mend(spec, "no-room-in-sleeve").sleeve?.length).toBeGreaterThan(40);
  });

  it("draws no neck that is wider than the shoulder, and names the most", () => {
    mend(onBodice("kimono", { kimono: { neckOut: 150 } }), "no-room-in-sleeve");
  });
});
