import { draftGarment, sketchGarment } from "@core/garment/index";
import { applyChange } from "@core/spec/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { describe, expect, it } from "vitest";
import { overlayOf } from ".";

function started(id: string) {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${id} starts no garment`);
  return spec;
}

describe("two versions laid over each other", () => {
  it.each(STARTING_POINTS.map(({ id }) => id))(
    "%s on itself changes nothing, and no piece lies in the room of another",
    (id) => {
      const garment = draftGarment(started(id));
      const { pieces, figures, width, height } = overlayOf(garment, garment);
      expect(figures).toEqual([]);
      expect(pieces.map((one) => one.id).sort()).toEqual(garment.pieces.map((one) => one.id).sort());
      for (const { under, over, box } of pieces) {
        expect(under).toBe(over);
        expect(box.left).toBeGreaterThanOrEqual(-1e-6);
        expect(box.right).toBeLessThanOrEqual(width + 1e-6);
        expect(box.bottom).toBeLessThanOrEqual(height + 1e-6);
      }
      for (const [i, one] of pieces.entries())
        for (const other of pieces.slice(i + 1)) {
          const apart =
            one.box.right <= other.box.left ||
            other.box.right <= one.box.left ||
            one.box.bottom <= other.box.top ||
            other.box.bottom <= one.box.top;
          expect(apart, `${one.id} and ${other.id}`).toBe(true);
        }
    },
  );

  it("tells each figure that changed, before and after", () => {
    const spec = started("work-shirt");
    const longer = applyChange(spec, { sleeve: { length: 600 } });
    const { figures } = overlayOf(sketchGarment(spec), sketchGarment(longer));
    const by = 600 - (sketchGarment(spec).resolved.sleeve?.length ?? 0);
    const changed = figures.map(({ under, over }) => (over ?? 0) - (under ?? 0));
    expect(changed.some((one) => Math.abs(one - by) < 0.01)).toBe(true);
    expect(figures.some(({ id }) => id === "sleeve.capHeight")).toBe(false);
  });

  it("shows a piece that only one of them has", () => {
    const spec = started("work-shirt");
    const { pieces } = overlayOf(sketchGarment(spec), sketchGarment({ ...spec, collar: null }));
    const collar = pieces.find(({ id }) => id === "collar");
    expect(collar?.under).not.toBeNull();
    expect(collar?.over).toBeNull();
  });
});
