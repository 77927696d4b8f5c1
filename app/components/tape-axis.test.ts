import { formatLength } from "@core/tape/index";
import { describe, expect, it } from "vitest";
import { tapeAxis, tapeMark } from "./tape-axis";

const COLOURS = {
  ink: "#111",
  inkSoft: "#555",
  rule: "#ccc",
  chalk: "#246",
  warn: "#a60",
  good: "#262",
  fault: "#a22",
};

describe("an axis that is marked as a tape is", () => {
  it("begins and ends on marks, whatever lies between", () => {
    for (const tickMm of [25.4, 20])
      for (const mm of [0, 3, 25.4, 101.7, 254]) {
        const [below, above] = [tapeMark(mm, { tickMm }, false), tapeMark(mm, { tickMm }, true)];
        expect(below).toBeLessThanOrEqual(mm);
        expect(above).toBeGreaterThanOrEqual(mm);
        expect(above - below).toBeLessThanOrEqual(tickMm + 1e-9);
        for (const mark of [below, above])
          expect(Math.abs(mark / tickMm - Math.round(mark / tickMm))).toBeLessThan(1e-9);
      }
  });

  it("writes its marks in the person's unit", () => {
    const axis = (unit: "in" | "cm", tickMm: number) =>
      tapeAxis("outer edge", 40, { length: (mm) => formatLength(mm, unit), tickMm }, COLOURS);
    expect(axis("in", 25.4).axisLabel.formatter(101.6)).toBe("4 in");
    expect(axis("cm", 20).axisLabel.formatter(100)).toBe("10 cm");
    expect(axis("in", 25.4)).toMatchObject({ name: "outer edge", interval: 25.4, nameGap: 40 });
  });
});
