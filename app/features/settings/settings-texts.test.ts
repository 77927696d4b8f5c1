import { describe, expect, it } from "vitest";
import { readSettingsForm } from "./settings-texts";

describe("the form of the workroom's settings", () => {
  it("reads figures in the tape that it is written in; what is left open is none", () => {
    const read = readSettingsForm({
      unit: "in",
      usualUnit: "cm",
      paper: "letter",
      initials: " OM ",
      inchMarks: "8",
      plotterRoll: "roll24",
      "allowances.hem": "1 1/2",
    });
    if (!read.ok) throw new Error("it was refused");
    expect(read.settings).toMatchObject({
      unit: "cm",
      paper: "letter",
      initials: "OM",
      inchMarks: 8,
      plotterRoll: "roll24",
    });
    expect(read.settings.usual["allowances.hem"]).toBeCloseTo(38.1, 9);
    expect(Object.keys(read.settings.usual)).toEqual(["allowances.hem"]);
  });

  it("names the figure that is no length, or out of its range", () => {
    const read = readSettingsForm({ unit: "cm", "allowances.general": "wide", "cloth.width": "2" });
    if (read.ok) throw new Error("it was taken");
    expect(read.problems["allowances.general"]).toContain("“wide” is not a length");
    expect(read.problems["cloth.width"]).toBeDefined();
  });

  it("takes no paper and no tape that there is not", () => {
    expect(readSettingsForm({ paper: "b5", usualUnit: "ell" })).toEqual({ ok: true, settings: { usual: {} } });
  });
});
