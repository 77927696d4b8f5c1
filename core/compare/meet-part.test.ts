import { describe, expect, it } from "vitest";
import { sketchGarment } from "../garment";
import { applyChange } from "../spec";
import { CHECK_BODIES, specOfCheck } from "../testing/check-bodies";
import { started } from "../testing/worn";
import { edgeLength, type GivingEdge, MEETS_MM, waysToMeet } from "./meet-part";

const blouses = CHECK_BODIES.filter(({ garment }) => garment === "blouse").slice(0, 6);

describe("a bodice that gives for a part that exists", () => {
  it.each<[GivingEdge, number]>([
    ["armhole", 18],
    ["armhole", -10],
    ["neckline", 15],
  ])("its %s, %s mm longer, is met within a hundredth of a millimetre by every way that is offered", (edge, more) => {
    for (const body of blouses) {
      const garment = sketchGarment(specOfCheck(body));
      if (!garment.block) throw new Error(body.id);
      const wanted = edgeLength(garment.block, edge) + more;
      const ways = waysToMeet(garment, edge, wanted);
      expect(ways.length, body.id).toBeGreaterThan(more > 0 ? 1 : 0);
      for (const { change, edge: told } of ways) {
        const after = sketchGarment(applyChange(garment.spec, change));
        const measured = after.block ? edgeLength(after.block, edge) : Number.NaN;
        expect(Math.abs(measured - wanted)).toBeLessThanOrEqual(MEETS_MM);
        expect(told).toBeCloseTo(measured, 6);
      }
    }
  });

  it("is of any block: one that was read off a garment has its armhole lowered, and nothing is offered beyond what can be drawn", () => {
    const garment = sketchGarment({
      ...started("work-shirt"),
      block: { source: "readings", armhole: { front: 230, back: 240 } },
    });
    if (!garment.block) throw new Error("no block");
    const now = edgeLength(garment.block, "armhole");
    expect(waysToMeet(garment, "armhole", now + 20).map(({ id }) => id)).toContain("lower-armhole");
    expect(waysToMeet(garment, "armhole", now + 900)).toEqual([]);
  });
});
