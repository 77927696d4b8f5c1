import { describe, expect, it } from "vitest";
import { sketchGarment } from "../garment";
import { applyChange, fieldAt, type SpecChange } from "../spec";
import { PLACED_FIELDS } from "../spec/paths";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { choiceAt, mattersIn } from ".";

const started = (id: string, change: SpecChange = {}) => {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`no starting point "${id}"`);
  return sketchGarment(applyChange(spec, change));
};

describe("what is chosen", () => {
  it.each(STARTING_POINTS)("is known for every choice that a field of a $name depends on", ({ id }) => {
    const garment = started(id);
    const deciding = new Set(PLACED_FIELDS.flatMap(({ field }) => Object.keys(field.when ?? {})));
    const parts = ["bodice", ...(garment.spec.sleeve ? ["sleeve"] : []), ...(garment.spec.collar ? ["collar"] : [])];
    for (const path of [...deciding].filter((one) => parts.includes(one.split(".")[0] ?? ""))) {
      const field = fieldAt(path);
      const found = choiceAt(garment, path);
      expect(found, path).toBeDefined();
      expect(field?.kind === "choice" && field.options.includes(found ?? ""), `${path}: ${found}`).toBe(true);
    }
  });

  it("is what another figure decided before what was given: a lapel makes the front edge itself", () => {
    expect(choiceAt(started("jacket", { bodice: { front: "fold" } }), "bodice.front")).toBe("buttons");
    expect(choiceAt(started("jacket", { bodice: { front: "zip" } }), "bodice.front")).toBe("zip");
  });

  it("is what was given, then the default, then what the field has for usual", () => {
    expect(choiceAt(started("work-shirt", { bodice: { hem: "plain" } }), "bodice.hem")).toBe("plain");
    expect(choiceAt(started("work-shirt", { bodice: { hem: undefined } }), "bodice.hem")).toBe("plain");
    expect(choiceAt(started("work-shirt", { lay: undefined }), "lay.nap")).toBe("either-way");
    expect(choiceAt(started("work-shirt"), "sleeve.nothing")).toBeUndefined();
  });
});

describe("a field matters", () => {
  it("only while every choice that it depends on is one that it is for", () => {
    expect(mattersIn(started("work-shirt", { sleeve: { hem: { finish: "cuff" } } }), "sleeve.hem.overlap")).toBe(true);
    expect(mattersIn(started("work-shirt", { sleeve: { hem: { finish: "band" } } }), "sleeve.hem.overlap")).toBe(false);
    expect(mattersIn(started("work-shirt"), "sleeve.capEase")).toBe(true);
  });

  it("in a collar as its own choices leave it open", () => {
    const stand = (school: "bowed" | "developed") => started("collar", { collar: { kind: "stand", school } });
    expect(mattersIn(stand("bowed"), "collar.bow")).toBe(true);
    expect(mattersIn(stand("developed"), "collar.bow")).toBe(false);
    expect(mattersIn(stand("developed"), "collar.notchLapel")).toBe(false);
  });
});

describe("the table of fields", () => {
  it("names every option of every choice, and has no usual range beyond what may be typed", () => {
    for (const { path, field } of PLACED_FIELDS) {
      if (field.kind === "choice")
        for (const option of field.options) expect(field.words[option]?.name, `${path} ${option}`).toBeTruthy();
      if (field.kind !== "length" || !field.range) continue;
      expect(field.range.least, path).toBeGreaterThanOrEqual(field.bounds.least);
      expect(field.range.most, path).toBeLessThanOrEqual(field.bounds.most);
      expect(field.range.least, path).toBeLessThan(field.range.most);
    }
  });
});
