import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { pathLength, startOf } from "../../geometry";
import { neckBandLength } from "../../pattern";
import type { GarmentSpec } from "../../spec";
import { edgeOf, measuredApart, onBodice, pieceOf } from "../../testing/bodice";
import { inches } from "../../testing/sample";
import { drafted, figure } from "../../testing/styles";

const cardigan = (changes: Partial<NonNullable<GarmentSpec["sleeve"]>> = {}) =>
  onBodice("dropped", changes, { style: "dropped", neckShape: "v", shaping: undefined } as never);

describe("the bands of a cardigan", () => {
  it("C9, arithmetic: (half back neck 4 + front edge 23) × 2 = 54, + 2 × 3 of hem band = 60 in", () => {
    expect(neckBandLength({ backNeck: inches(4), frontEdge: inches(23) }, 0)).toBeCloseTo(inches(54), 9);
    expect(neckBandLength({ backNeck: inches(4), frontEdge: inches(23) }, inches(3))).toBeCloseTo(inches(60), 9);
  });

  it("are as long as the edges they finish, cut double on the fold, the neck band in halves slanted at the centre back", () => {
    const { garment } = drafted(cardigan({ dropped: { neckBand: 60, hemBand: 70, slant: 8 } }));
    const { front, back } = garment.block ?? {};
    if (!front || !back) throw new Error("the block drafts");
    const half = back.neckline.length + front.neckline.length + pathLength(front.centre) + 70;
    const neck = pieceOf(garment, "neckBand");
    expect(measuredApart(neck, "outer")).toBeCloseTo(half, 2);
    expect(measuredApart(neck, "end")).toBeCloseTo(120, 2);
    expect(neck.cut).toMatchObject({ count: 2, mirrored: true });
    expect(pathLength(neck.folds[0] ?? [])).toBeCloseTo(half - 8, 2);
    const hem = pieceOf(garment, "hemBand");
    expect(2 * measuredApart(hem, "outer")).toBeCloseTo(figure(garment, "band.hem"), 2);
  });
});

describe("a dropped sleeve", () => {
  it("has its cuff round the arm where it ends: as far down as the shoulder is dropped, and the sleeve's length more", () => {
    const { body } = cardigan();
    const { armLength = 590, shoulderToElbow = 340, elbow = 270, wrist = 165 } = body;
    const full = { ...body, armLength, shoulderToElbow, elbow, wrist };
    for (const dropped of [0, 25, 50]) {
      const sleeve = { length: 380, hem: { finish: "cuff", ease: 0, overlap: 0, depth: 60 } } as const;
      const spec = { ...cardigan(sleeve), body: full };
      const { garment } = drafted({ ...spec, block: { ...spec.block, shoulderExtension: dropped } } as GarmentSpec);
      const down = 380 + dropped;
      const limb = elbow + ((wrist - elbow) * (down - shoulderToElbow)) / (armLength - shoulderToElbow);
      expect(figure(garment, "cuff.length"), `${dropped}`).toBeCloseTo(limb, 3);
    }
  });

  it("is as long as from neck to wrist less the shoulder of its own block, whatever the body's shoulder measures (common practice, no source)", () => {
    for (const shoulderExtension of [0, 60]) {
      const spec = { ...cardigan(), block: { ...cardigan().block, shoulderExtension } } as GarmentSpec;
      const { garment } = drafted(spec);
      const shoulder = garment.block?.back.shoulder.length ?? Number.NaN;
      expect(figure(garment, "sleeve.finishedLength")).toBeCloseTo((spec.body.neckToWrist ?? 0) - shoulder, 4);
      expect(garment.defaults.find(({ path }) => path === "sleeve.length")?.value).toBeCloseTo(720 - shoulder, 4);
    }
  });

  it("C10, arithmetic: an 18 in sleeve with a 3 in band is cut 15 in", () => {
    const { sleeve } = drafted(cardigan({ length: inches(18), hem: { finish: "band", depth: inches(3) } }));
    expect(sleeve.task.lengths.length).toBeCloseTo(inches(15), 6);
  });

  it("has hardly any cap, laid along the armhole, which it matches to a tape's eighth", () => {
    const { garment, sleeve } = drafted(cardigan());
    expect(figure(garment, "sleeve.capHeight")).toBeCloseTo(25.4, 6);
    for (const seam of sleeve.seams) expect(Math.abs(seam.ease)).toBeLessThan(inches(1 / 8));
    expect(garment.findings.filter((one) => one.severity === "fault")).toEqual([]);
  });

  it("keeps its own cap whatever method was chosen before, and takes another height", () => {
    const { garment } = drafted(cardigan({ method: "fit-first", capEase: 40, capHeight: 0.5 }));
    expect(figure(garment, "sleeve.capHeight")).toBeCloseTo(0.5, 6);
    expect(draftGarment(cardigan({ method: "fit-first" })).resolved.sleeve?.method).toBe("dropped");
  });

  it("turns up its hem like a plain sleeve", () => {
    const { garment } = drafted(cardigan({ hem: { finish: "plain" }, hemTurnUp: 25 }));
    expect(startOf(edgeOf(pieceOf(garment, "sleeve"), "turnUp").path).y).toBeGreaterThan(0);
  });
});
