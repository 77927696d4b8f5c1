import { describe, expect, it } from "vitest";
import { phrase } from "../draft";
import { draftGarment, sketchGarment } from "../garment";
import { withSleeve } from "../testing/sample";
import { type Remedy, solvedLater, withRemediesOf } from "./finding";

const found = {
  code: "no-cap-fits",
  severity: "fault",
  station: "sleeve",
  message: phrase`It does not fit.`,
  reason: phrase`It is made up.`,
  numbers: {},
} as const;
const remedy = (id: string): Remedy => ({ id, label: phrase`Do it`, change: {} });

describe("remedies that take solving", () => {
  it("are solved once, and only when they are asked for", () => {
    let times = 0;
    const finding = solvedLater(found, () => {
      times++;
      return [remedy("one"), remedy("other")];
    });
    expect(finding.code).toBe("no-cap-fits");
    expect(times).toBe(0);
    expect(finding.remedies.map(({ id }) => id)).toEqual(["one", "other"]);
    expect(finding.remedies).toBe(finding.remedies);
    expect(times).toBe(1);
  });

  it("stay unsolved when others are made of them, and are sent as they are to a worker", () => {
    let times = 0;
    const solve = () => {
      times++;
      return [remedy("one"), remedy("other")];
    };
    const fewer = withRemediesOf(solvedLater({ ...found, piece: "sleeve" }, solve), (all) => all.slice(1));
    expect(times).toBe(0);
    expect(structuredClone(fewer)).toEqual({ ...found, piece: "sleeve", remedies: [remedy("other")] });
    expect(times).toBe(1);
  });

  it("are not solved for a frame of a drag, and are those that a whole draft tries", () => {
    const spec = withSleeve({ upperArmEase: 260 });
    const sketched = sketchGarment(spec).findings.find(({ code }) => code === "no-cap-fits");
    expect(Object.getOwnPropertyDescriptor(sketched, "remedies")?.get).toBeTypeOf("function");
    const drafted = draftGarment(spec).findings.find(({ code }) => code === "no-cap-fits");
    const solved = sketched?.remedies.map(({ id }) => id) ?? [];
    expect(drafted?.remedies.length).toBeGreaterThan(0);
    for (const { id } of drafted?.remedies ?? []) expect(solved).toContain(id);
  });
});
