import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { phrase, speak, wholeUp } from "../../draft";
import { draftGarment } from "../../garment";
import { along, boxOf, crossesItself, endOf, mapPath, startOf } from "../../geometry";
import { edgeOf, measuredApart } from "../../testing/bodice";
import {
  codesOf,
  collarFinding,
  cosineBetween,
  draftedCollar,
  expectSmallerBy,
  gap,
  mended,
  withCollar,
} from "../../testing/collars";
import { inches, specOf } from "../../testing/sample";
import { figure } from "../../testing/styles";
import { stripFor } from "./shirt-steps";

describe("the neck edge of a shirt collar", () => {
  it("C7, common practice: a 17 1/2 in neckline and an inch of seams are 18 1/2, cut 19, half 9 1/2", () => {
    const strip = stripFor(inches(17.5));
    expect(strip / 25.4).toBeCloseTo(18.5, 9);
    expect(speak(phrase`${wholeUp(strip)}, half ${wholeUp(strip, 0.5)}`, "in")).toBe("19 in, half 9 1⁄2 in");
    expect(speak(phrase`${wholeUp(strip)}, half ${wholeUp(strip, 0.5)}`, "cm")).toBe("47 cm, half 23.5 cm");
    // A neckline that comes out whole is not cut an inch longer for what was lost in reckoning.
    expect(speak(phrase`${wholeUp(stripFor(inches(17)) + 1e-9)}`, "in")).toBe("18 in");
  });

  it("C17, common practice and arithmetic: a 22 1/4 in neckline with its stand has a half of 11 1/8", () => {
    const half = 11.125;
    // Readings that add up to it: half the back, half the front, and what runs on beyond the centre front.
    const spec = specOf({
      format: "gamine-garment/1",
      unit: "in",
      body: { bust: 44, neck: 19 },
      block: {
        source: "readings",
        armhole: { front: 9.5, back: 10, depth: 8.5 },
        neckline: { width: 3.75, frontLength: 6.125, backLength: 4.25 },
      },
      sleeve: null,
      collar: { kind: "shirt", shirtCut: "one-piece", beyond: 0.75 },
    });
    const garment = draftGarment(spec);
    expect(figure(garment, "collar.neckSeam") / 25.4).toBeCloseTo(half, 3);
    expect(figure(garment, "collar.strip") / 25.4).toBeCloseTo(23.25, 3);
    expect(garment.collar?.draft.steps[0] && speak(garment.collar.draft.steps[0].text, "in")).toContain("24 in long");
  });
});

const KINDS = [
  withCollar("shirt"),
  withCollar("shirt", { beyond: 20, school: "bowed", bow: 40 }),
  withCollar("shirt", { shirtCut: "one-piece", beyond: 20 }),
  withCollar("shirt", { shirtCut: "one-piece", edgeBy: "rule" }),
];

describe("a shirt collar", () => {
  it.each(KINDS)("meets the neckline, and the fall its stand, within 0.01 mm: %#", (spec) => {
    const { garment, collar, piece } = draftedCollar(spec);
    for (const seam of collar.seams) expect(Math.abs(seam.ease)).toBeLessThan(0.01);
    const whole =
      (garment.block?.back.neckline.length ?? 0) +
      (garment.block?.front.neckline.length ?? 0) +
      garment.resolved.pieces.stand;
    if (spec.collar?.beyond !== undefined) expect(garment.resolved.pieces.stand).toBe(spec.collar.beyond);
    const onNeckline = spec.collar?.shirtCut === "one-piece" ? "collar" : "collarStand";
    expect(Math.abs(measuredApart(piece(onNeckline), "neck") - whole)).toBeLessThan(0.01);
  });

  it.each(KINDS)("is square to the fold at both edges, and its outlines are closed and simple: %#", (spec) => {
    const { garment } = draftedCollar(spec);
    for (const id of ["collar", "underCollar"]) {
      expect(Math.abs(cosineBetween(garment, id, "centreBack", "outer"))).toBeLessThan(1e-6);
      expect(Math.abs(cosineBetween(garment, id, "neck", "centreBack"))).toBeLessThan(1e-6);
    }
    for (const piece of garment.pieces) {
      expect(crossesItself(piece.outline)).toBe(false);
      expect(gap(startOf(piece.outline), endOf(piece.outline))).toBeLessThan(1e-6);
    }
  });

  it("has points of the length and the spread that were asked, and the under collar smaller at its free edges only", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 100, noNaN: true }),
        fc.double({ min: -20, max: 40, noNaN: true }),
        (point, spread) => {
          const { piece } = draftedCollar(withCollar("shirt", { point, spread }));
          const [top, under] = [piece("collar"), piece("underCollar")];
          expect(measuredApart(top, "front")).toBeCloseTo(point, 3);
          // The top collar lies above its stand on the sheet.
          const up = endOf(edgeOf(top, "neck").path).y - endOf(edgeOf(under, "neck").path).y;
          const { path, length, ...outer } = edgeOf(under, "outer");
          expectSmallerBy(2.5, edgeOf(top, "outer"), {
            ...outer,
            length,
            path: mapPath(path, (p) => ({ x: p.x, y: p.y + up })),
          });
          expect(measuredApart(under, "neck")).toBeCloseTo(measuredApart(top, "neck"), 3);
          expect(measuredApart(top, "centreBack") - measuredApart(under, "centreBack")).toBeCloseTo(2.5, 6);
        },
      ),
      { numRuns: 30 },
    );
  });

  it("is marked on the stand where the fall meets it: at the shoulder, and at the centre front, where the fall ends", () => {
    const { collar, piece } = draftedCollar(withCollar("shirt", { beyond: 20, frontEnd: "square" }));
    const fall = collar.seams.find(({ id }) => id === "collar.fall");
    const upper = edgeOf(piece("collarStand"), "upper");
    const notch = (id: string) => piece("collarStand").notches.find((one) => one.id === id)?.at ?? { x: 0, y: 0 };
    expect(gap(notch("fallEnd"), along(upper.path, fall?.bodyLength ?? 0).point)).toBeLessThan(0.01);
    expect(gap(notch("fallShoulder"), along(upper.path, fall?.sections[0]?.bodyLength ?? 0).point)).toBeLessThan(0.01);
  });

  it("bends its fall the other way than its stand", () => {
    const { piece } = draftedCollar(withCollar("shirt"));
    const [stand, fall] = [edgeOf(piece("collarStand"), "neck").path, edgeOf(piece("collar"), "neck").path];
    // Both run from the front to the centre back.
    expect(startOf(stand).y).toBeLessThan(endOf(stand).y);
    expect(startOf(fall).y).toBeGreaterThan(endOf(fall).y);
  });

  it("is dropped by the rule over the last 4 in of its front only (common practice)", () => {
    const { piece } = draftedCollar(withCollar("shirt", { shirtCut: "one-piece", edgeBy: "rule" }));
    const neck = edgeOf(piece("collar"), "neck").path;
    const box = boxOf([neck]);
    expect(box.bottom - endOf(neck).y).toBeCloseTo(inches(0.5), 4);
    const level = neck.at(-1);
    expect(level?.[0].x).toBeCloseTo(edgeOf(piece("collar"), "neck").length - inches(4), 3);
  });

  it("says when its points spread further than their edge is long, and mends it", () => {
    // Also where only the under collar, whose edge is a little shorter, has none.
    for (const point of [40, 46]) expect(draftGarment(withCollar("shirt", { point, spread: 45 })).collar).toBeNull();
    const spec = withCollar("shirt", { point: 40, spread: 45 });
    expect(collarFinding(spec, "spread-beyond-point").severity).toBe("fault");
    expect(mended(spec, "spread-beyond-point").collar).not.toBeNull();
  });

  it("has a separate band for the button stand where that is asked: as long as the front, twice its finished width (common practice, no source)", () => {
    const { garment, piece } = draftedCollar(withCollar("shirt", { beyond: 16, buttonStand: "separate" }));
    const band = piece("buttonStand");
    expect(measuredApart(band, "neck", "neckInner")).toBeCloseTo(2 * 16, 6);
    const centre = garment.block?.front.centre[0];
    expect(measuredApart(band, "front")).toBeCloseTo((centre?.[3].y ?? 0) - (centre?.[0].y ?? 0), 3);
    expect(codesOf(garment)).not.toContain("collar-off-neckline");
  });
});
