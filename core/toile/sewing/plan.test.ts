import { sketchGarment } from "@core/garment/index";
import { startOf } from "@core/geometry/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { describe, expect, it } from "vitest";
import { sewingPlan, sideEdgeOf } from "./plan";

function planOf(id: string, bodice: object = {}) {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${id} starts no garment`);
  const garment = sketchGarment({ ...spec, bodice: { ...spec.bodice, ...bodice } });
  const plan = sewingPlan(garment);
  if ("why" in plan) throw new Error(plan.why);
  return { garment, plan };
}

describe("what of a garment is worn", () => {
  it("has a side that begins at the underarm, also where the halves are cut across at the waist", () => {
    const { garment, plan } = planOf("blouse", { waistSeam: "waist" });
    expect(garment.pieces.some(({ id }) => id.endsWith("Skirt"))).toBe(true);
    const front = plan.pieces.filter(({ side }) => side === "front");
    const [first] = front.flatMap(({ piece }) => sideEdgeOf(piece) ?? []);
    const waist = garment.block?.levels.find(({ id }) => id === "waist")?.y ?? Number.NaN;
    expect(startOf(first?.path ?? []).y).toBeLessThan(waist - 50);
  });

  it.each(STARTING_POINTS.map(({ id }) => id).filter((id) => !["plain-sleeve", "collar"].includes(id)))(
    "%s: every piece has a place on the body or lies behind another, and they are sewn together",
    (id) => {
      const { garment, plan } = planOf(id);
      expect(plan.notes).toEqual([]);
      const worn = new Set(plan.pieces.map(({ piece }) => piece.id));
      for (const { id: piece, kind } of garment.pieces) expect(worn.has(piece), piece).toBe(kind.worn.as !== "behind");
      expect(plan.seams.length).toBeGreaterThanOrEqual(2);
    },
  );
});
