import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { applyChange, type GarmentSpec } from "../spec";
import { onBodice } from "../testing/bodice";

const found = (spec: GarmentSpec, code: string) => draftGarment(spec).findings.find((one) => one.code === code);

describe("a stand that rises to a hook on paper", () => {
  it("over 40 mm is told for any neck and height, and not under it; the way out leaves it at 40 (common practice, no source)", () => {
    const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    let told = 0;
    fc.assert(
      fc.property(size(300, 400), size(20, 60), size(0, 40), (neck, height, beyond) => {
        const plain = {
          ...onBodice("set-in"),
          collar: { kind: "stand", school: "developed", height, beyond, ease: 12 } as const,
        };
        const spec = { ...plain, body: { ...plain.body, neck } };
        const { collar } = draftGarment(spec);
        const rise = -(collar?.drawn[0]?.edges.find(({ id }) => id === "neck")?.path[0]?.[0].y ?? 0);
        const one = found(spec, "stand-rises-high");
        expect(one !== undefined, `${rise}`).toBe(rise > 40.1);
        if (!one) return;
        told += 1;
        for (const { change } of one.remedies) {
          const mended = applyChange(spec, change);
          expect(found(mended, "stand-rises-high")).toBeUndefined();
          const path = draftGarment(mended).collar?.drawn[0]?.edges.find(({ id }) => id === "neck")?.path;
          expect(-(path?.[0]?.[0].y ?? 0)).toBeCloseTo(40, 3);
        }
      }),
      { numRuns: 25 },
    );
    expect(told).toBeGreaterThan(2);
  });

  it("drawn so by a rule of thumb is a note", () => {
    const spec = { ...onBodice("set-in"), collar: { kind: "stand", school: "bowed" } as const };
    expect(found(spec, "stand-rises-high")?.severity).toBe("note");
  });
});

describe("a shirt collar in one piece", () => {
  it("is told where it turns over shorter than the neck and its ease, and a deeper neck ends that", () => {
    const plain = { ...onBodice("set-in"), collar: { kind: "shirt", shirtCut: "one-piece" } as const };
    let told = 0;
    for (const neck of [300, 330, 360, 390, 420, 450]) {
      const spec = { ...plain, body: { ...plain.body, neck } };
      const { collar } = draftGarment(spec);
      const ease = (collar?.drawing.turnsOver?.girth ?? Number.NaN) - neck;
      const one = found(spec, "fold-strangles");
      expect(one !== undefined, `${neck}: ${ease}`).toBe(ease < 9.5);
      for (const { change } of one?.remedies ?? []) {
        told += 1;
        expect(found(applyChange(spec, change), "fold-strangles")).toBeUndefined();
      }
    }
    expect(told).toBeGreaterThan(0);
  });
});
