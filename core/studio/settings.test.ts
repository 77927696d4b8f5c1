import { draftGarment } from "@core/garment/index";
import { resolveSpec } from "@core/resolve/index";
import { applyChange, readGarment, writeGarment } from "@core/spec/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readSettings, USUAL_FIELDS, withSettings, workroomEase } from ".";

describe("the settings of a workroom", () => {
  it("are read whatever was stored: what is none, or out of its range, is left out", () => {
    fc.assert(
      fc.property(fc.jsonValue(), (stored) => {
        const { usual } = readSettings(stored);
        for (const mm of Object.values(usual)) expect(Number.isFinite(mm)).toBe(true);
      }),
    );
    expect(
      readSettings({ unit: "ell", paper: "a3", usual: { "allowances.general": 12, "allowances.hem": -4 } }),
    ).toEqual({ paper: "a3", usual: { "allowances.general": 12 } });
    expect(readSettings({ usual: { "sleeve.capEase": "wide" } }).usual).toEqual({});
  });

  it.each(STARTING_POINTS.map(({ id }) => id))(
    "%s: stand in a new garment wherever it has no figure of its own, and make a garment",
    (id) => {
      const point = STARTING_POINTS.find((one) => one.id === id);
      const spec = point && startedFrom(point, MIDDLE_BODY);
      if (!spec) throw new Error(`${id} starts no garment`);
      const usual = Object.fromEntries(USUAL_FIELDS.map((path) => [path, 21]));
      const begun = withSettings(spec, readSettings({ usual: { ...usual, "cloth.width": 1120 } }), "cm");
      expect(readGarment(writeGarment(begun, "mm")).ok).toBe(true);
      expect(begun.allowances.general).toBe(spec.allowances.general ?? 21);
      expect(begun.cloth.width).toBe(spec.cloth.width ?? 1120);
      expect(begun.sleeve?.capEase).toBe(spec.sleeve === null ? undefined : (spec.sleeve.capEase ?? 21));
      // What a garment has of its own stays.
      expect(withSettings(begun, readSettings({ usual: { "cloth.width": 900 } }), "cm").cloth.width).toBe(
        begun.cloth.width,
      );
    },
  );

  it("leave the usual allowances of the tape where nothing was set", () => {
    const point = STARTING_POINTS.find(({ id }) => id === "plain-sleeve");
    const spec = point && startedFrom(point, MIDDLE_BODY);
    if (!spec) throw new Error("there is a plain sleeve");
    expect(withSettings({ ...spec, allowances: {} }, { usual: {} }, "in").allowances.general).toBeCloseTo(12.7, 6);
    expect(withSettings({ ...spec, allowances: {} }, { usual: {} }, "cm").allowances.general).toBeCloseTo(10, 6);
  });

  it("hold a table of ease that a garment of its kind takes along, scaled with the body and judged by", () => {
    const settings = readSettings({ ease: { shirt: { bust: 200, hip: 9999 }, jacket: { bust: "wide" }, cape: {} } });
    expect(settings.ease).toEqual({ shirt: { bust: 200 } });
    const started = (id: string, bust: number) => {
      const point = STARTING_POINTS.find((one) => one.id === id);
      const spec = point && startedFrom(point, { ...MIDDLE_BODY, bust });
      if (!spec) throw new Error(id);
      return withSettings(spec, settings, "cm");
    };
    const easeOf = (spec: ReturnType<typeof started>) => {
      const { block } = resolveSpec(spec);
      return block.source === "drafted" && block.school === "fitted" ? block.task.ease : null;
    };
    expect(easeOf(started("work-shirt", 920))?.bust).toBeCloseTo(200, 6);
    expect(easeOf(started("work-shirt", 920))?.hip).toBeCloseTo(130, 6);
    expect(easeOf(started("work-shirt", 1380))?.bust).toBeCloseTo(240, 6);
    expect(easeOf(started("jacket", 920))?.bust).toBeCloseTo(100, 6);
    // A cloth of the workroom's own table adds to the garment's row, the workroom's or the usual one.
    const cloths = readSettings({ ease: { shirt: { bust: 200 }, "soft-wool": { bust: 30, hip: 9 } } });
    expect(cloths.ease).toEqual({ shirt: { bust: 200 }, "soft-wool": { bust: 30 } });
    expect(workroomEase(cloths.ease ?? {}, "shirt", "soft-wool")).toEqual({ bust: 230, armhole: 83 });
    expect(workroomEase(cloths.ease ?? {}, "dress", "soft-wool")).toEqual({ bust: 80, armhole: 30 });
    expect(workroomEase(cloths.ease ?? {}, "shirt", "knit")).toEqual({ bust: 200 });
    expect(workroomEase(cloths.ease ?? {}, "dress", "knit")).toBeUndefined();
    // What was typed for the garment itself still wins.
    const typed = applyChange(started("work-shirt", 920), { block: { ease: { bust: 90 } } });
    expect(easeOf(typed)?.bust).toBe(90);
    expect(readGarment(writeGarment(started("work-shirt", 1000), "in")).ok).toBe(true);
    const tight = applyChange(started("work-shirt", 920), { block: { ease: { bust: 110 } } });
    expect(draftGarment(tight).findings.map(({ code }) => code)).toContain("tight-at-bust");
  });
});
