import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fitView, RULER_PX, SMALL_PX, toScreen } from "./view";

const side = fc.double({ min: -800, max: 800, noNaN: true });
const extent = fc.double({ min: 1, max: 2000, noNaN: true });

/** The buttons that zoom are 36 pixels wide, and stand 12 from the edge. */
const TOOLS_FROM_THE_RIGHT_PX = 48;

describe("fitting the draft to the sheet", () => {
  it("shows the whole box inside the rulers, at one scale for both ways", () => {
    fc.assert(
      fc.property(
        side,
        side,
        extent,
        extent,
        fc.integer({ min: 300, max: 2000 }),
        fc.integer({ min: 300, max: 2000 }),
        (left, top, w, h, width, height) => {
          const view = fitView({ left, top, right: left + w, bottom: top + h }, { width, height });
          const upper = toScreen(view, { x: left, y: top });
          const lower = toScreen(view, { x: left + w, y: top + h });
          expect(upper.x).toBeGreaterThanOrEqual(RULER_PX);
          expect(upper.y).toBeGreaterThanOrEqual(RULER_PX);
          // On a phone what is drawn may lie under them.
          const most = width < SMALL_PX ? width : width - TOOLS_FROM_THE_RIGHT_PX;
          expect(lower.x).toBeLessThanOrEqual(Math.max(most, upper.x + 1));
          expect(lower.y).toBeLessThanOrEqual(height);
          expect((lower.x - upper.x) / w).toBeCloseTo((lower.y - upper.y) / h, 9);
        },
      ),
    );
  });

  it("gives a finite view for a sheet that has no size yet and a box that is a point", () => {
    const view = fitView({ left: 5, top: 5, right: 5, bottom: 5 }, { width: 0, height: 0 });
    expect([view.scale, view.x, view.y].every(Number.isFinite)).toBe(true);
    expect(view.scale).toBeGreaterThan(0);
  });
});
