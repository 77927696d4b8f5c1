import { speak } from "@core/draft/index";
import { anyGarmentFile } from "@core/testing/any-garment";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { differencesOf, differenceWords, emptyGarment, mergeGarments, readGarment, withDifferences } from ".";

const base = {
  ...emptyGarment("Blouse", "cm"),
  body: { bust: 920, upperArm: 290 },
  sleeve: { kind: "set-in", capEase: 25, length: 580 },
} as const;

/** Any garment that can be read. */
const anyGarment = () =>
  anyGarmentFile
    .map(readGarment)
    .filter((read) => read.ok)
    .map(({ spec }) => spec);

describe("what two garments differ in", () => {
  it("names every field, what it was and what it is", () => {
    const after = { ...base, name: "Silk blouse", sleeve: { ...base.sleeve, capEase: 12.5 }, collar: null };
    expect(differencesOf(base, after).map((one) => speak(differenceWords(one), "cm"))).toEqual([
      "Name: Silk blouse, before Blouse",
      "Cap ease: 1.3 cm, before 2.5 cm (−1.3 cm)",
    ]);
  });

  it("tells each field of a part that is new or gone", () => {
    const { sleeve: _none, ...rest } = base;
    const without = { ...rest, sleeve: null };
    expect(differencesOf(base, without).length).toBeGreaterThan(0);
    expect(differencesOf(without, base).every(({ path }) => path.startsWith("sleeve"))).toBe(true);
  });

  it("are none of a garment and itself, and make the one out of the other, for any two garments", () => {
    fc.assert(
      fc.property(anyGarment(), anyGarment(), (a, b) => {
        expect(differencesOf(a, a)).toEqual([]);
        const made = withDifferences(a, differencesOf(a, b));
        if (made) expect(differencesOf(made, b).filter(({ path }) => path !== "unit")).toEqual([]);
        for (const difference of differencesOf(a, b))
          expect(speak(differenceWords(difference), "in")).not.toContain("undefined");
      }),
      { numRuns: 60 },
    );
  });
});

describe("two people's work on one garment", () => {
  const mine = { ...base, sleeve: { ...base.sleeve, capEase: 15 } };

  it("is put together where they changed different figures", () => {
    const theirs = { ...base, sleeve: { ...base.sleeve, length: 560 }, name: "Silk blouse" };
    const { merged, conflicts, taken } = mergeGarments(base, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(taken.map(({ path }) => path)).toEqual(["sleeve.capEase"]);
    expect(merged?.sleeve).toMatchObject({ capEase: 15, length: 560 });
    expect(merged?.name).toBe("Silk blouse");
  });

  it("is told in figures where they changed the same one, and theirs stands", () => {
    const theirs = { ...base, sleeve: { ...base.sleeve, capEase: 20, length: 560 } };
    const { merged, conflicts } = mergeGarments(base, mine, theirs);
    expect(conflicts).toEqual([{ path: "sleeve.capEase", base: 25, mine: 15, theirs: 20 }]);
    expect(merged?.sleeve).toMatchObject({ capEase: 20, length: 560 });
  });

  it("is put together whatever units the two are written in", () => {
    const theirs = { ...base, unit: "mm", sleeve: { ...base.sleeve, length: 560 } } as const;
    const { merged, conflicts } = mergeGarments(base, { ...mine, unit: "in" }, theirs);
    expect(conflicts).toEqual([]);
    expect(merged).toMatchObject({ unit: "mm", sleeve: { capEase: 15, length: 560 } });
  });

  it("is no conflict where both did the same", () => {
    expect(mergeGarments(base, mine, mine)).toMatchObject({ conflicts: [], taken: [] });
  });

  it("is a conflict where one took out the part that the other worked on", () => {
    const { conflicts } = mergeGarments(base, mine, { ...base, sleeve: null });
    expect(conflicts.length).toBeGreaterThan(0);
  });

  it("loses nothing: whatever I changed is taken or told, for any garments", () => {
    fc.assert(
      fc.property(anyGarment(), anyGarment(), anyGarment(), (a, b, c) => {
        const { taken, conflicts } = mergeGarments(a, b, c);
        const told = new Set([...taken, ...conflicts].map(({ path }) => path));
        const same = new Set(differencesOf(c, b).map(({ path }) => path));
        for (const { path } of differencesOf(a, b)) expect(told.has(path) || !same.has(path), path).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});
