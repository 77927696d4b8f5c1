import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { at } from "../data";
import { distance, line, type Point } from "../geometry";
import { size } from "../testing/set-in";
import { mouthOfLegs } from "./dart-mouth";

/** A point turned over the line from `a` to `b`, as the paper is when it is folded there. */
function folded(p: Point, a: Point, b: Point): Point {
  const [ux, uy] = [(b.x - a.x) / distance(a, b), (b.y - a.y) / distance(a, b)];
  const along = (p.x - a.x) * ux + (p.y - a.y) * uy;
  return { x: 2 * (a.x + ux * along) - p.x, y: 2 * (a.y + uy * along) - p.y };
}

describe("the mouth of a dart", () => {
  it("lies on the seam beside it when the dart is folded along its middle and pressed, whichever way the dart opens", () => {
    fc.assert(
      fc.property(size(60, 200), size(6, 40), size(-0.2, 0.2), fc.boolean(), (deep, wide, slope, isClosing) => {
        const apex = { x: 0, y: isClosing ? -deep : deep };
        const [pressedTo, other] = [
          { x: -wide / 2, y: 0 },
          { x: wide / 2, y: 0 },
        ];
        const along = { x: pressedTo.x - 50, y: pressedTo.y + 50 * slope };
        // Legs of a dart that is open at the seam come from its point; those of one that closes beyond it run towards it.
        const legTo = (end: Point) =>
          isClosing ? line({ x: end.x + (end.x - apex.x) * 0.3, y: (end.y - apex.y) * 0.3 }, end) : line(apex, end);
        const mouth = mouthOfLegs(legTo(pressedTo), legTo(other), along);
        const foot = at(mouth ?? [], 0)[3];
        expect(distance(foot, { x: 0, y: foot.y })).toBeLessThan(1e-6);
        // The half of the dart beside the leg it is pressed to is turned over that leg.
        const pressed = folded(foot, apex, pressedTo);
        const off =
          ((pressed.x - pressedTo.x) * (along.y - pressedTo.y) - (pressed.y - pressedTo.y) * (along.x - pressedTo.x)) /
          50;
        expect(Math.abs(off)).toBeLessThan(1e-6);
      }),
    );
  });

  it("has no foot where the legs run side by side", () => {
    const leg = (x: number) => line({ x, y: 0 }, { x, y: 100 });
    expect(mouthOfLegs(leg(0), leg(10), { x: -20, y: 100 })).toBeNull();
  });
});
