import { COLLAR_KINDS } from "@core/collar/index";
import { draftGarment } from "@core/garment/index";
import { boxOf, distance, type Path, type Point, pathLength, startOf } from "@core/geometry/index";
import { withCollar } from "@core/testing/collars";
import { describe, expect, it } from "vitest";
import { joinedBeside } from "./joined-beside";

describe("the joined neckline beside a collar", () => {
  it.each(COLLAR_KINDS)("lies clear of a %s collar, as long as it is, with its shoulder on it", (kind) => {
    const { collar } = draftGarment(withCollar(kind));
    if (!collar) throw new Error("it is drafted");
    const placed = joinedBeside(collar);
    if (!placed) {
      expect(kind).toBe("band");
      return;
    }
    const own = boxOf([placed.neckline, ...(placed.fallLine ? [placed.fallLine] : [])]);
    const taken = boxOf([...collar.drawn.map(({ outline }) => outline), ...collar.draft.lines.map(({ path }) => path)]);
    expect(own.left >= taken.right || own.top >= taken.bottom).toBe(true);
    expect(pathLength(placed.neckline)).toBeCloseTo(pathLength(collar.drawing.joined?.neckline ?? []), 6);
    const along = collar.drawing.joined?.shoulderAt ?? 0;
    expect(nearest(placed.neckline, placed.shoulder)).toBeLessThan(0.5);
    expect(distance(startOf(placed.neckline), placed.shoulder)).toBeLessThan(along);
    // What turns over has a line that it lies on, and begins as far below the neckline as it says.
    const { outer } = collar.drawing;
    expect(placed.fallLine !== null).toBe(outer !== null);
    if (placed.fallLine && outer)
      expect(distance(startOf(placed.fallLine), startOf(placed.neckline))).toBeCloseTo(outer.below.centreBack, 6);
  });
});

function nearest(path: Path, p: Point): number {
  return Math.min(...path.flat().map((q) => distance(p, q)));
}
