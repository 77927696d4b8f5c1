import { EASE_GARMENTS, EASE_LEVELS, easeAtBase } from "@core/block/index";
import { formatForTyping } from "@core/tape/index";
import { describe, expect, it } from "vitest";
import { easeBox, readEaseForm } from "./ease-texts";

describe("the table of ease as it is typed", () => {
  it("reads back whatever it shows, in either unit, and leaves out what is left open", () => {
    for (const unit of ["in", "cm"] as const) {
      const texts = Object.fromEntries(
        EASE_GARMENTS.flatMap((garment) =>
          EASE_LEVELS.map((level) => [easeBox(garment, level), formatForTyping(easeAtBase(garment)[level], unit)]),
        ),
      );
      const read = readEaseForm({ unit, ...texts, "shirt.hip": " " });
      if (!read.ok) throw new Error(JSON.stringify(read.problems));
      expect(read.ease.shirt?.hip).toBeUndefined();
      for (const garment of EASE_GARMENTS)
        for (const level of EASE_LEVELS)
          if (easeBox(garment, level) !== "shirt.hip")
            expect(read.ease[garment]?.[level]).toBeCloseTo(easeAtBase(garment)[level], 1);
    }
    expect(readEaseForm({ unit: "in" })).toEqual({ ok: true, ease: {} });
  });

  it("says which box it cannot read, and what it may be", () => {
    const read = readEaseForm({ unit: "in", "shirt.bust": "no length", "coat.balance": "40", "dress.waist": "2" });
    if (read.ok) throw new Error("it was read");
    expect(Object.keys(read.problems).sort()).toEqual(["coat.balance", "shirt.bust"]);
    expect(read.problems["shirt.bust"]).toContain("no length");
    expect(read.problems["coat.balance"]).toMatch(/Coat: back armhole longer by/);
  });
});
