import { describe, expect, it } from "vitest";
import { sewnSleeve } from "../drafting";
import { draftGarment, sketchGarment } from "../garment";
import { along, crossesItself, distance } from "../geometry";
import { applyChange, type GarmentSpec } from "../spec";
import { CHECK_BODIES, specOfCheck } from "../testing/check-bodies";
import { specOf } from "../testing/sample";
import { ALTERATION_KINDS, ALTERATIONS, type Alteration, type AlterationTaken, isOfDrawing } from ".";

const JACKET = { bust: 40, waist: 34, hip: 42, shoulderWidth: 16, armholeGirth: 16 };

function withAlterations(alterations: readonly Alteration[], shaping = "waist-darts"): GarmentSpec {
  const file = { format: "gamine-garment/1", unit: "in", body: JACKET, block: { source: "drafted", shaping } };
  return applyChange(specOf(file), { block: { alterations } });
}

function taken(alterations: readonly Alteration[], shaping?: string): readonly AlterationTaken[] {
  return draftGarment(withAlterations(alterations, shaping)).alterations;
}

const grown = ({ before, after }: AlterationTaken) => ({
  frontArmhole: after.frontArmhole - before.frontArmhole,
  backArmhole: after.backArmhole - before.backArmhole,
  frontNeckline: after.frontNeckline - before.frontNeckline,
  backNeckline: after.backNeckline - before.backNeckline,
});

describe("alterations", () => {
  it.each(
    ALTERATION_KINDS.filter((kind) => isOfDrawing({ kind, by: 0 }) && !kind.endsWith("shoulder-dart-to-armhole")),
  )("%s changes the curves it is about and no others, and taking it out again gives back the same block", (kind) => {
    const plain = draftGarment(withAlterations([]));
    const spec = withAlterations([{ kind, by: ALTERATIONS[kind].usual }]);
    const [one] = draftGarment(spec).alterations;
    if (!one) throw new Error("one alteration was asked for");
    expect(one.leftOut).toBeNull();
    const g = grown(one);
    const isAboutNeck = kind.includes("neck");
    expect(Math.abs(g.frontArmhole) > 0.5, "front armhole").toBe(!isAboutNeck);
    expect(Math.abs(g.backArmhole) > 0.5, "back armhole").toBe(!isAboutNeck);
    expect(Math.abs(g.frontNeckline) > 0.5, "front neckline").toBe(isAboutNeck && kind !== "deepen-back-neck");
    expect(Math.abs(g.backNeckline) > 0.5, "back neckline").toBe(isAboutNeck && kind !== "deepen-front-neck");
    const undone = draftGarment(applyChange(spec, { block: { alterations: [] } }));
    expect(undone.block).toEqual(plain.block);
  });

  it.each([
    ["bust-fullness", 10, "not-solved"],
    ["widen-neckline", -10, "one-way"],
  ] as const)(
    "%s by %s mm, which this block cannot be altered by, is left out, told, and taken off by one press",
    (kind, by, why) => {
      const spec = withAlterations([{ kind, by }]);
      const garment = draftGarment(spec);
      expect(garment.alterations.map(({ leftOut }) => leftOut)).toEqual([why]);
      const found = garment.findings.find(({ code }) => code === "alteration-left-out");
      const [remedy] = found?.remedies ?? [];
      if (!remedy) throw new Error("nothing was told");
      expect(draftGarment(applyChange(spec, remedy.change)).alterations).toEqual([]);
      expect(garment.block).toEqual(draftGarment(withAlterations([])).block);
    },
  );

  it("are made on a block that the frame before had solved already, drawn ones and those of the body, and taken back", () => {
    const plain = sketchGarment({ ...withAlterations([]), block: { source: "drafted", garment: "blouse" } });
    const lengthOf = ({ block }: typeof plain) => block?.back.armhole.length ?? Number.NaN;
    for (const kind of ["lower-armhole", "back-length"] as const) {
      const spec = applyChange(plain.spec, { block: { alterations: [{ kind, by: 10 }] } });
      const altered = sketchGarment(spec, plain);
      expect(lengthOf(altered)).toBeCloseTo(lengthOf(sketchGarment(spec)), 9);
      expect(lengthOf(altered)).toBeGreaterThan(lengthOf(plain) + 2);
      const undone = sketchGarment(applyChange(spec, { block: { alterations: [] } }), altered);
      expect(lengthOf(undone)).toBeCloseTo(lengthOf(plain), 9);
    }
  });

  it("keep the armhole square to the side seam and to the shoulder", () => {
    const kinds = ["lower-armhole", "move-armhole-out", "raise-shoulder-point", "take-out-ease"] as const;
    for (const kind of kinds) {
      const { block } = draftGarment(withAlterations([{ kind, by: 12 }]));
      for (const half of block ? [block.front, block.back] : []) {
        const end = along(half.armhole.path, half.armhole.length).direction;
        const side = along(half.sideSeam, 0).direction;
        expect(Math.abs(end.x * side.x + end.y * side.y), kind).toBeLessThan(1e-6);
        const start = along(half.armhole.path, 0).direction;
        const shoulder = along(half.shoulder.path, 1).direction;
        expect(Math.abs(start.x * shoulder.x + start.y * shoulder.y), kind).toBeLessThan(1e-6);
      }
    }
  });

  it("are made in their order, each from where the last left off", () => {
    const steps = taken([
      { kind: "lower-armhole", by: 12 },
      { kind: "widen-neckline", by: 10 },
      { kind: "lower-armhole", by: 6 },
    ]);
    expect(steps[1]?.before).toEqual(steps[0]?.after);
    expect(steps[2]?.before).toEqual(steps[1]?.after);
  });

  it("lower the armhole by the depth that is asked", () => {
    const before = draftGarment(withAlterations([])).block?.depth ?? 0;
    expect(draftGarment(withAlterations([{ kind: "lower-armhole", by: 12.7 }])).block?.depth).toBeCloseTo(
      before + 12.7,
      9,
    );
  });

  it("close a shoulder dart into the armhole, which takes up its width as ease", () => {
    const [moved] = taken([{ kind: "shoulder-dart-to-armhole", by: 0 }], "shoulder-darts");
    if (!moved) throw new Error("one alteration was asked for");
    expect(moved.leftOut).toBeNull();
    expect(grown(moved).frontArmhole).toBeGreaterThan(4);
    expect(grown(moved).backArmhole).toBe(0);
    const garment = draftGarment(withAlterations([{ kind: "shoulder-dart-to-armhole", by: 0 }], "shoulder-darts"));
    const { block, plainBlock } = garment;
    if (!block || !plainBlock) throw new Error("the jacket drafts");
    expect(crossesItself(block.front.armhole.path)).toBe(false);
    // The shoulder is as long as the back's once the dart in it is closed.
    expect(Math.abs(block.front.shoulder.length - block.back.shoulder.length)).toBeLessThan(1.5);
    expect(block.front.shoulderDart).toBeNull();
  });

  it("close all of a back shoulder dart into the back armhole, or a part of it (common practice, no source)", () => {
    const withDart = (by: number | null) =>
      draftGarment(
        applyChange(withAlterations(by === null ? [] : [{ kind: "back-shoulder-dart-to-armhole", by }]), {
          block: { backShoulderDart: 12.7 },
        }),
      );
    const [plain, open, part, closed] = [
      draftGarment(withAlterations([])),
      withDart(null),
      withDart(6.35),
      withDart(0),
    ].map(({ block }) => block?.back);
    if (!plain || !open || !part || !closed) throw new Error("each of them has a back");
    // The shoulder is longer by the dart, and as long as without one when it is closed.
    expect(open.shoulder.length - plain.shoulder.length).toBeCloseTo(12.7, 6);
    expect(closed.shoulder.length).toBeCloseTo(plain.shoulder.length, 0);
    expect(closed.shoulderDart).toBeNull();
    const left = part.shoulderDart;
    expect(left && distance(left.inner, left.outer)).toBeCloseTo(6.35, 1);
    expect(closed.armhole.length).toBeGreaterThan(part.armhole.length);
    expect(part.armhole.length).toBeGreaterThan(open.armhole.length);
    expect(crossesItself(closed.armhole.path)).toBe(false);
  });

  it("that cannot be made are left out, say why, and come off the list by their remedy", () => {
    const spec = withAlterations([
      { kind: "lower-armhole", by: 10 },
      { kind: "shoulder-dart-to-armhole", by: 0 },
      { kind: "widen-neckline", by: 140 },
    ]);
    const garment = draftGarment(spec);
    expect(garment.alterations.map((one) => one.leftOut)).toEqual([null, "no-dart", "nothing-left"]);
    const findings = garment.findings.filter((finding) => finding.code === "alteration-left-out");
    expect(findings.length).toBe(2);
    const [remedy] = findings[0]?.remedies ?? [];
    const after = draftGarment(applyChange(spec, remedy?.change ?? {}));
    expect(after.alterations.map((one) => one.kind)).toEqual(["lower-armhole", "widen-neckline"]);
    expect(sewnSleeve(garment)?.task.cap.armhole.front).toBeCloseTo(garment.block?.front.armhole.length ?? 0, 9);
  });
});

describe("an alteration of a block with a princess seam in its armhole", () => {
  it.each(["raise-shoulder-point", "lower-armhole", "move-armhole-out"] as const)(
    "%s: both edges of the seam begin at the mouth of its dart, and the armhole's parts are as long as it",
    (kind) => {
      for (const check of CHECK_BODIES.slice(0, 8)) {
        const spec = specOfCheck(check, { shaping: "princess-armhole", bustDart: undefined });
        const block = { ...spec.block, alterations: [{ kind, by: 8 }] };
        const garment = draftGarment({
          ...spec,
          bodice: { ...spec.bodice, cut: "whole", panels: "cut" },
          block,
        } as typeof spec);
        const edges = garment.pieces
          .filter(({ id }) => id.startsWith("front"))
          .flatMap(({ edges: own }) => own.filter(({ id }) => id.startsWith("armhole") && id !== "armholeDart"));
        const cut = edges.reduce((sum, { length }) => sum + length, 0);
        expect(cut, check.id).toBeCloseTo(garment.block?.front.armhole.length ?? 0, 2);
      }
    },
  );
});
