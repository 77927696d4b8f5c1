import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { along, crossesItself, cubicPoint, endOf, startOf } from "../../geometry";
import { edgeOf, measuredApart } from "../../testing/bodice";
import { collarFinding, cosineBetween, draftedCollar, gap, mended, withCollar } from "../../testing/collars";
import { specOf } from "../../testing/sample";
import { figure } from "../../testing/styles";

describe("a grown-on stand", () => {
  it("C16, common practice: chest 108, neck 42 cm: quarter 27, neck sixth 7, collar length = back neck + 1 cm", () => {
    const garment = draftGarment(
      specOf({
        format: "gamine-garment/1",
        unit: "cm",
        body: { bust: 108, neckBase: 42, neck: 38 },
        block: { source: "drafted", shaping: "none", neckRule: "neck-sixth", chestEase: 0 },
        sleeve: null,
        collar: { kind: "grown-on" },
      }),
    );
    const { block } = garment;
    expect(endOf(block?.front.armhole.path ?? []).x).toBeCloseTo(270, 3);
    expect(startOf(block?.front.neckline.path ?? []).x).toBeCloseTo(70, 3);
    expect(figure(garment, "collar.length") - (block?.back.neckline.length ?? 0)).toBeCloseTo(10, 9);
  });

  it("meets the back neckline within 0.01 mm, square at the centre back, and its outlines are simple", () => {
    const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(size(20, 50), size(0, 45), size(0, 40), (height, out, beyond) => {
        const { garment, collar, piece } = draftedCollar(withCollar("grown-on", { height, out, beyond }));
        expect(Math.abs(collar.seams[0]?.ease ?? 1)).toBeLessThan(0.01);
        const backNeck = garment.block?.back.neckline.length ?? 0;
        expect(Math.abs(measuredApart(piece("front"), "backNeck") - backNeck)).toBeLessThan(0.01);
        expect(measuredApart(piece("front"), "centreBack")).toBeCloseTo(height, 3);
        expect(Math.abs(cosineBetween(garment, "front", "outer", "centreBack"))).toBeLessThan(1e-6);
        expect(Math.abs(cosineBetween(garment, "front", "centreBack", "backNeck"))).toBeLessThan(1e-6);
        for (const { outline } of garment.pieces) expect(crossesItself(outline)).toBe(false);
      }),
      { numRuns: 30 },
    );
  });

  it("keeps its width above the neck edge from the centre front round the side of the neck to the centre back (common practice, no source)", () => {
    for (const height of [30, 40, 50]) {
      const { garment, piece } = draftedCollar(withCollar("grown-on", { height }));
      const neckline = garment.block?.front.neckline.path ?? [];
      const neck = [...neckline, ...edgeOf(piece("front"), "backNeck").path];
      const places = neck.flatMap((cubic) => Array.from({ length: 200 }, (_, i) => cubicPoint(cubic, i / 199)));
      const { path, length } = edgeOf(piece("front"), "outer");
      for (let i = 0; i <= 40; i++) {
        const { point } = along(path, (length * i) / 40);
        const width = Math.min(...places.map((p) => gap(p, point)));
        expect(Math.abs(width - height), `${i} of 40`).toBeLessThan(height * 0.08);
      }
    }
  });

  it("says when its end is moved out too far to be as short as the back neck, and mends it", () => {
    const spec = withCollar("grown-on", { out: 79 });
    expect(draftGarment(spec).collar).toBeNull();
    expect(collarFinding(spec, "collar-end-too-far-out").severity).toBe("fault");
    expect(mended(spec, "collar-end-too-far-out").collar).not.toBeNull();
  });

  it("leaves the neck point along the guide line from the foot of the armhole, and ends so far out of it as asked", () => {
    const { garment, piece } = draftedCollar(withCollar("grown-on", { out: 25 }));
    const front = garment.block?.front;
    const [foot, neck] = [endOf(front?.armhole.path ?? []), startOf(front?.shoulder.path ?? [])];
    const { path, length } = edgeOf(piece("front"), "backNeck");
    const long = Math.hypot(neck.x - foot.x, neck.y - foot.y);
    const offGuide = (p: { x: number; y: number }) =>
      ((p.x - neck.x) * (neck.y - foot.y) - (p.y - neck.y) * (neck.x - foot.x)) / long;
    expect(Math.abs(offGuide(along(path, 0).point))).toBeCloseTo(25, 6);
    const { direction } = along(path, length);
    expect((direction.x * (neck.y - foot.y) - direction.y * (neck.x - foot.x)) / long).toBeCloseTo(0, 6);
  });
});
