import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatForTyping, formatLength, graduationMm, parseLength, type TapeUnit, tapeOf, unitOf } from ".";

const mm = (text: string, unit: TapeUnit = "in") => {
  const parsed = parseLength(text, unit);
  return parsed.ok ? parsed.mm : parsed.reason;
};

describe("reading a length as people write it", () => {
  it.each([
    ["3 1/2", 88.9],
    ["3½", 88.9],
    ["3 ½", 88.9],
    ["3-1/2", 88.9],
    ["3.5", 88.9],
    [".5", 12.7],
    ["3.5in", 88.9],
    ['3 1/2"', 88.9],
    ["3 1⁄2 in", 88.9],
    ["1/2", 12.7],
    ["5⅜", 136.525],
    ["8,9 cm", 89],
    ["89mm", 89],
    ["89 MM", 89],
    ["-2", -50.8],
    ["−2", -50.8],
  ])("%s", (text, expected) => {
    expect(mm(text)).toBeCloseTo(expected, 9);
  });

  it("takes a bare number in the unit of the tape", () => {
    expect(mm("21.5", "cm")).toBeCloseTo(215, 9);
    expect(mm("215", "mm")).toBe(215);
  });

  it.each(["eight", "8 yards", "8 1/", "8.5 1/2", "1e400", "8 1 2", "--3", "٣"])("refuses %s", (text) => {
    expect(mm(text)).toBe("not-a-length");
  });

  it("says what an empty box and a division by nothing are", () => {
    expect(mm("  ")).toBe("empty");
    expect(mm("3 1/0")).toBe("zero-denominator");
  });

  it("reads forty digits as the length they are, for the field to refuse", () => {
    expect(mm("1".repeat(40))).toBeGreaterThan(1e40);
    expect(mm("1".repeat(400))).toBe("not-a-length");
  });
});

describe("writing a length", () => {
  it.each([
    [215.9, "in", "8 1⁄2 in"],
    [12.7, "in", "1⁄2 in"],
    [25.4, "in", "1 in"],
    [0, "in", "0 in"],
    [-6.35, "in", "−1⁄4 in"],
    [215.9, "cm", "21.6 cm"],
    [215.94, "mm", "215.9 mm"],
    [203.1, "in", "8 in"],
  ] as const)("%d mm in %s is %s", (size, unit, expected) => {
    expect(formatLength(size, unit)).toBe(expected);
  });

  it("rounds up into the next whole inch without a fraction left over", () => {
    expect(formatLength(25.39, "in")).toBe("1 in");
  });

  it("is rounded to the marks of the tape that it is read off", () => {
    const size = 25.4 * (3 + 5 / 32);
    expect(formatLength(size, "in/8")).toBe("3 1⁄8 in");
    expect(formatLength(size, "in")).toBe("3 1⁄8 in");
    expect(formatLength(size, "in/32")).toBe("3 5⁄32 in");
    expect(formatLength(25.4 * (3 + 3 / 16), "in/8")).toBe("3 1⁄4 in");
    expect(formatLength(25.4 * (3 + 3 / 16), "in")).toBe("3 3⁄16 in");
    expect([tapeOf("in", 8), tapeOf("in", 16), tapeOf("in"), tapeOf("cm", 8)]).toEqual(["in/8", "in", "in", "cm"]);
    expect([graduationMm("in/8"), graduationMm("in"), graduationMm("cm")]).toEqual([3.175, 1.5875, 1]);
    expect(unitOf("in/32")).toBe("in");
  });

  it("throws on what is no length, so that none can reach a screen", () => {
    expect(() => formatLength(Number.NaN, "in")).toThrow("NaN");
  });

  it("writes for a text box what reads back as the same inch mark", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 32 * 100 }), (marks) => {
        const size = (marks / 32) * 25.4;
        expect(mm(formatForTyping(size, "in"))).toBeCloseTo(size, 9);
      }),
    );
  });

  it("writes for a text box within half a tape graduation in every unit", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3000, noNaN: true }), fc.constantFrom("in", "cm", "mm"), (size, unit) => {
        expect(Math.abs(Number(mm(formatForTyping(size, unit), unit)) - size)).toBeLessThanOrEqual(0.0501);
      }),
    );
  });
});
