import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { endOf, startOf } from "../../geometry";
import { neckBandLength } from "../../pattern";
import { edgeOf, measuredApart } from "../../testing/bodice";
import { draftedCollar, withCollar } from "../../testing/collars";
import { inches } from "../../testing/sample";
import { figure } from "../../testing/styles";

describe("bands", () => {
  it("C9, arithmetic: half back neck 4, front edge 23, hem band 3 in: 60 in before joins", () => {
    expect(neckBandLength({ backNeck: inches(4), frontEdge: inches(23) }, inches(3)) / 25.4).toBeCloseTo(60, 9);
  });

  it("the neck band is as long as the edges it is sewn to, past the hem band, within 0.01 mm", () => {
    for (const hemDepth of [0, 60]) {
      const { garment, collar, piece } = draftedCollar(withCollar("band", { hemDepth }));
      const { block } = garment;
      const front = block?.front;
      const frontEdge = (front?.neckline.length ?? 0) + endOf(front?.centre ?? []).y - startOf(front?.centre ?? []).y;
      const half = (block?.back.neckline.length ?? 0) + frontEdge + hemDepth;
      expect(Math.abs(measuredApart(piece("neckBand"), "outer") - half)).toBeLessThan(0.01);
      expect(Math.abs(collar.seams[0]?.ease ?? 1)).toBeLessThan(0.01);
      expect(figure(garment, "band.neck")).toBeCloseTo(2 * half, 3);
      expect(garment.pieces.some(({ id }) => id === "hemBand")).toBe(hemDepth > 0);
    }
  });

  it("its seam at the centre back is slanted in to the fold", () => {
    const { piece } = draftedCollar(withCollar("band", { slant: 12, depth: 40 }));
    const seam = edgeOf(piece("neckBand"), "centreBack").path;
    expect(seam[0]?.[3]).toEqual({ x: 40, y: 12 });
  });

  it("takes the place of the bands that a dropped sleeve would bring", () => {
    const garment = draftGarment({ ...withCollar("band", { depth: 44 }), sleeve: { kind: "dropped" } });
    const bands = garment.pieces.filter(({ id }) => id === "neckBand");
    expect(bands).toHaveLength(1);
    expect(bands[0]?.folds[0]?.[0]?.[0].x).toBeCloseTo(44, 9);
  });
});
