import { CLOTH_KINDS, clothOf, takesOf } from "@core/cloth/index";
import { describe, expect, it } from "vitest";
import { clothTexts, HANGS_FIELDS, readHangs, readTable, sameTakes, tableTexts } from "./cloth-texts";

const OWN = { capEase: { least: 5, most: 12.7 }, upperArmEase: { least: 25.4, most: 38.1 }, mostEaseShare: 0.065 };

describe("the table of cloths as it is typed", () => {
  it.each(["in", "cm"] as const)("that says what is usual is none of the workroom's own, in %s", (unit) => {
    expect(readTable(tableTexts({}, unit))).toEqual({ table: {}, problems: {} });
  });

  it.each(["in", "cm"] as const)("reads back what it was written from, to a tape's graduation, in %s", (unit) => {
    const { table, problems } = readTable(tableTexts({ "crisp-woven": OWN }, unit));
    expect(problems).toEqual({});
    expect(Object.keys(table)).toEqual(["crisp-woven"]);
    expect(sameTakes(table["crisp-woven"] ?? takesOf(clothOf("knit")), OWN)).toBe(true);
  });

  it("takes figures as people write them", () => {
    const texts = { ...tableTexts({}, "in"), "knit.capEase.least": "-1/2", "knit.share": "2,5 %" };
    const { table, problems } = readTable(texts);
    expect(problems).toEqual({});
    expect(table.knit?.capEase.least).toBeCloseTo(-12.7, 6);
    expect(table.knit?.mostEaseShare).toBeCloseTo(0.025, 9);
  });

  it("names the box that cannot be read, and the way out", () => {
    const texts = {
      ...tableTexts({}, "in"),
      "shirting.capEase.least": "a bit",
      "crisp-woven.capEase.most": "1/4",
      "soft-wool.share": "80",
    };
    const { table, problems } = readTable(texts);
    expect(Object.keys(problems)).toEqual(["shirting.capEase.least", "crisp-woven.capEase.most", "soft-wool.share"]);
    expect(problems["shirting.capEase.least"]).toContain("“a bit” is not a length");
    expect(problems["crisp-woven.capEase.most"]).toContain("less than the least");
    expect(problems["soft-wool.share"]).toContain("0 to 50 per cent");
    expect(table).toEqual({});
  });

  it("gives every kind its row", () => {
    for (const kind of CLOTH_KINDS) expect(Object.keys(clothTexts(kind, takesOf(clothOf(kind)), "in")).length).toBe(5);
  });
});

describe("how a cloth of one's own hangs", () => {
  it("is read from the boxes that are filled in, and is nothing where none is", () => {
    const problems = {};
    expect(HANGS_FIELDS.map(({ box }) => box)).toContain("hangs.weight");
    expect(readHangs({ "hangs.weight": " 310 g/m² ", "hangs.bias": "62,5", "hangs.warp": "" }, problems)).toEqual({
      weight: 310,
      bias: 62.5,
    });
    expect(readHangs({}, problems)).toBeNull();
    expect(problems).toEqual({});
  });

  it("names the figure that no cloth has, and what it may be", () => {
    const problems: Record<string, string> = {};
    readHangs({ "hangs.weight": "heavy", "hangs.bendingLength": "600" }, problems);
    expect(problems["hangs.weight"]).toContain("“heavy” has to be a number from 20 to 900 g/m²");
    expect(problems["hangs.bendingLength"]).toContain("from 5 to 60 mm");
  });
});
