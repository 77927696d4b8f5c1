import { draftGarment } from "@core/garment/index";
import { areaOf } from "@core/geometry/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { describe, expect, it } from "vitest";
import { cutGarment, cutList, layPieces, liningPieces, makingOrder } from ".";

function made(id: string, lining: "none" | "whole") {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${id} starts no garment`);
  return draftGarment({ ...spec, lay: { ...spec.lay, lining } });
}

describe.each(STARTING_POINTS.map(({ id }) => id))("the lining of a %s", (id) => {
  const garment = made(id, "whole");
  const outer = new Map(cutGarment(garment).pieces.map((one) => [one.piece.id, one]));
  const lining = liningPieces(garment);

  it("is there only where it was asked for", () => {
    expect(liningPieces(made(id, "none"))).toEqual([]);
    expect(cutList(made(id, "none")).lining).toEqual([]);
    expect(makingOrder(made(id, "none")).some((step) => step.id === "lining")).toBe(false);
  });

  it("is of no interfaced piece, and each piece lies inside its outer one, smaller where that has a hem", () => {
    for (const { piece, cutting, allowances } of lining) {
      expect(piece.cut.interfacing).toBe(0);
      const whole = outer.get(piece.id)?.cutting;
      if (!cutting || !whole) throw new Error(`${piece.id} has no cutting line`);
      const hasHem = outer.get(piece.id)?.allowances.some(({ role, by }) => role.endsWith("hem") && by > 0) ?? false;
      const less = areaOf(whole) - areaOf(cutting);
      if (hasHem) expect(less).toBeGreaterThan(100);
      else expect(Math.abs(less)).toBeLessThan(1);
      expect(allowances.filter(({ role }) => role.endsWith("hem")).every(({ by }) => by === 0)).toBe(true);
    }
  });

  it("is laid as many times as the outer piece", () => {
    const table = { width: 1400, isFolded: false, isOneWay: false, shrinkage: 0 };
    const laid = layPieces(lining, "lining", table);
    expect(laid.length).toBe(lining.reduce((sum, { piece }) => sum + piece.cut.count, 0));
    expect(
      cutList(garment)
        .lining.map(({ piece }) => piece.id)
        .sort(),
    ).toEqual(lining.map(({ piece }) => piece.id).sort());
  });
});
