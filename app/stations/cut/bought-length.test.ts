import { describe, expect, it } from "vitest";
import { boughtLength, boughtWords } from "./bought-length";

describe("cloth to buy", () => {
  it("is rounded up to an eighth of a yard or ten centimetres (common practice, no source)", () => {
    expect(boughtWords(boughtLength(1500, 0, "in"), "in")).toBe("1 ¾ yd");
    expect(boughtWords(boughtLength(914.4, 0, "in"), "in")).toBe("1 yd");
    expect(boughtWords(boughtLength(100, 0, "in"), "in")).toBe("⅛ yd");
    expect(boughtWords(boughtLength(1501, 0, "cm"), "cm")).toBe("1.6 m");
    expect(boughtWords(boughtLength(430, 0, "cm"), "cm")).toBe("50 cm");
  });

  it("is more by what the cloth shrinks", () => {
    expect(boughtLength(1900, 0.05, "cm")).toBe(2000);
    expect(boughtLength(1901, 0.05, "cm")).toBe(2100);
  });
});
