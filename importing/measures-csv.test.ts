import { measureOf, splitTakenId, TAKEN_IDS, type Taken } from "@core/body/index";
import { writeMeasuresCsv } from "@exporting/index";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readMeasuresCsv } from ".";

const TODAY = "2026-11-24";

describe("measures as CSV", () => {
  it("come back as they went out, in every unit, left and right too", () => {
    const reading = fc.integer({ min: 60, max: 29_000 }).map((tenths) => tenths / 10);
    const lengths = TAKEN_IDS.filter((id) => measureOf(splitTakenId(id).measure).kind === "length");
    const angles = TAKEN_IDS.filter((id) => !lengths.includes(id));
    const slope = fc.integer({ min: 10, max: 450 }).map((tenths) => tenths / 10);
    const taken: fc.Arbitrary<Taken> = fc
      .tuple(
        fc.dictionary(fc.constantFrom(...lengths), reading, { minKeys: 1 }),
        fc.dictionary(fc.constantFrom(...angles), slope),
      )
      .map(([ofLengths, ofAngles]) => ({ ...ofLengths, ...ofAngles }));
    fc.assert(
      fc.property(taken, taken, fc.constantFrom("in", "cm", "mm"), (first, second, unit) => {
        const history = [
          { takenOn: "2026-03-02", measures: second },
          { takenOn: "2025-11-30", measures: first },
        ];
        const read = readMeasuresCsv(writeMeasuresCsv(history, unit), "in", TODAY);
        expect(read.problems).toEqual([]);
        expect(read.sets.map((set) => set.takenOn)).toEqual(["2025-11-30", "2026-03-02"]);
        for (const [id, mm] of Object.entries(first))
          expect(Math.abs((read.sets[0]?.measures[id as keyof Taken] ?? 0) - (mm ?? 0))).toBeLessThan(0.01);
      }),
      { numRuns: 60 },
    );
  });

  it("are read by everyday names, with lengths as people write them and no date meaning today", () => {
    const read = readMeasuresCsv('Name;Value\nbiceps;"11 3/4"\nRound armhole;42,5 cm\n', "in", TODAY);
    expect(read.problems).toEqual([]);
    expect(read.sets).toEqual([{ takenOn: TODAY, measures: { upperArm: 298.45, armholeGirth: 425 } }]);
  });

  it("tell by line what cannot be read", () => {
    const read = readMeasuresCsv(
      "date,measure,side,length,unit\n2026-01-05,nose,,3,in\n2026-01-05,bust,left,36,in\n5 Jan,waist,,30,in\n2026-01-05,hip,,-4,in\n2026-01-05,wrist,upper,6,in\n2026-01-05,elbow,,11,ell\n",
      "in",
      TODAY,
    );
    expect(read.problems.map((problem) => problem.slice(0, 7))).toEqual([
      "Line 2:",
      "Line 3:",
      "Line 4:",
      "Line 5:",
      "Line 6:",
      "Line 7:",
    ]);
    expect(read.problems.join(" ")).toMatch(/“nose”.*left and right.*like 2026-11-24.*too small.*no side.*no unit/s);
  });

  it.each([
    ["no columns", "bust,36\n", /first line/],
    ["nothing", "", /first line/],
    ["no lines", "measure,length\n", /no reading/],
    ["a novel", "a".repeat(1_000_001), /larger than 1 MB/],
  ])("are refused when there is %s", (_what, text, words) => {
    expect(readMeasuresCsv(text, "in", TODAY).problems.join(" ")).toMatch(words);
  });
});
