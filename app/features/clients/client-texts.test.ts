import { describe, expect, it } from "vitest";
import { textsOf } from "../../server/posted-texts";
import { readClient } from "./client-texts";

const good = { unit: "in", name: " Ada Test ", note: "tall", takenOn: "2026-11-02", bust: "36 1/2", wrist: "16 cm" };

describe("the form of a client", () => {
  it("reads a name, a day and measures in the form's unit", () => {
    const read = readClient(good, true);
    expect(read.problems).toEqual({});
    expect(read).toMatchObject({ name: "Ada Test", note: "tall", takenOn: "2026-11-02", unit: "in" });
    expect(read.measures).toEqual({ bust: expect.closeTo(927.1, 9), wrist: expect.closeTo(160, 9) });
  });

  it("reads the same text as centimetres when the form says so", () => {
    expect(readClient({ ...good, unit: "cm", bust: "92,7" }, true).measures.bust).toBeCloseTo(927, 9);
  });

  it("leaves out what was left empty", () => {
    expect(readClient({ ...good, bust: "  " }, true).measures).toEqual({ wrist: expect.closeTo(160, 9) });
  });

  it.each([
    [{ name: "   " }, "name", /name to find them by/],
    [{ name: "x".repeat(121) }, "name", /at most 120/],
    [{ note: "x".repeat(2001) }, "note", /at most 2000/],
    [{ takenOn: "yesterday" }, "takenOn", /which day/],
    [{ takenOn: "2026-02-30" }, "takenOn", /which day/],
    [{ takenOn: "0026-02-03" }, "takenOn", /which day/],
    [{ bust: "wide" }, "bust", /^Bust girth: “wide” is not a length/],
    [{ bust: "-3" }, "bust", /^Bust girth: “-3” is too small/],
    [{ bust: "400" }, "bust", /^Bust girth: “400” is too large/],
  ] as const)("says what is wrong with %j", (change, field, words) => {
    const { problems } = readClient({ ...good, ...change }, true);
    expect(Object.keys(problems)).toEqual([field]);
    expect(problems[field]).toMatch(words);
  });

  it("wants no name for another measuring of someone known", () => {
    const { name: _name, ...texts } = good;
    expect(readClient(texts, false).problems).toEqual({});
    expect(readClient(texts, true).problems.name).toBeDefined();
  });

  it("takes a unit it does not know for inches", () => {
    expect(readClient({ ...good, unit: "ell" }, true).unit).toBe("in");
  });

  it("takes texts from a posted form and passes over files", () => {
    const form = new FormData();
    form.set("name", "Ada");
    form.set("file", new File(["x"], "x.txt"));
    expect(textsOf(form)).toEqual({ name: "Ada" });
  });
});
