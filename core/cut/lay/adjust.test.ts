import { draftGarment } from "@core/garment/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { describe, expect, it } from "vitest";
import { clothOnTable, cutGarment, inTheWay, type LayPlan, layPieces, layPlans, outlineOnCloth, snapped } from "..";
import { overlapOf } from "../trim";

function laidOut(id: string) {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${id} starts no garment`);
  const garment = draftGarment(spec);
  const table = clothOnTable(garment);
  const pieces = layPieces(cutGarment(garment).pieces, "outer", table);
  const plan: LayPlan | null = layPlans(pieces, table, 1).next().value;
  if (!plan) throw new Error(`${id} has no plan`);
  return { pieces, plan, table };
}

describe.each(["work-shirt", "jacket"])("a piece of a %s moved by hand", (id) => {
  const { pieces, plan, table } = laidOut(id);
  const across = table.isFolded ? table.width / 2 : table.width;

  it("comes to lie against what is near, free of all else, on the cloth", () => {
    for (const one of plan.laid) {
      const isOnFold = pieces.find((piece) => piece.id === one.id)?.isOnFold;
      // Far to the right of the others: nothing is there but the edges of the cloth.
      const alone = { ...one, x: one.x + plan.length + 200, y: isOnFold ? one.y : one.y + 15 };
      if (inTheWay(pieces, plan.laid, alone, table) !== null) continue;
      const moved = snapped(pieces, plan.laid, alone, table, 60);
      expect(inTheWay(pieces, plan.laid, moved, table)).toBeNull();
      expect(moved.x).toBe(alone.x);
      const ys = outlineOnCloth(pieces, moved).map(({ y }) => y);
      const before = outlineOnCloth(pieces, alone).map(({ y }) => y);
      const [toTop, toBottom] = [Math.min(...before), across - Math.max(...before)];
      if (isOnFold) expect(moved.y).toBe(one.y);
      else if (Math.min(toTop, toBottom) < 59)
        expect(Math.min(Math.min(...ys), across - Math.max(...ys))).toBeLessThan(0.1);
      else expect(moved.y).toBe(alone.y);
    }
  });

  it("touches the piece to its left within a hundredth of a millimetre and does not lie over it", () => {
    const [first] = plan.laid;
    const second = plan.laid.find(
      (one) => one.id !== first?.id && inTheWay(pieces, plan.laid, { ...one, x: one.x + 20 }, table) === null,
    );
    if (!second) return;
    const moved = snapped(pieces, plan.laid, { ...second, x: second.x + 20 }, table, 60);
    const others = plan.laid.filter((one) => one.id !== second.id).map((one) => outlineOnCloth(pieces, one));
    const outline = outlineOnCloth(pieces, moved);
    for (const other of others) expect(overlapOf(other, outline)).toBe(0);
    expect(moved.x).toBeLessThanOrEqual(second.x + 20);
  });
});
