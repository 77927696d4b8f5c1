import { describe, expect, it } from "vitest";
import { sketchGarment } from "../garment";
import { spread } from "../testing/thorough";
import { MIDDLE_BODY, measuresAsked, STARTING_POINTS, shownOf, startedFrom } from ".";
import { makeShown } from "./make-shown";
import { measuresRead } from "./measures-read";

const named = (id: string) => {
  const point = STARTING_POINTS.find((one) => one.id === id);
  if (!point) throw new Error(`There is no starting point ${id}.`);
  return point;
};

describe("what is shown of a starting point", () => {
  it.each(spread(STARTING_POINTS, 3).map(({ id }) => id))(
    "%s: is what it is drafted as today; if not, npx tsx scripts/draw-starting-points.ts",
    (id) => {
      expect(shownOf(id)).toEqual(makeShown(named(id)));
    },
  );

  it("is a drawing of every garment that is worn, about as high as the garment is long", () => {
    for (const point of STARTING_POINTS) {
      const { worn } = shownOf(point.id);
      const spec = startedFrom(point, MIDDLE_BODY);
      if (!spec) throw new Error(point.id);
      const isWhole = sketchGarment(spec).resolved.pieces.cut === "whole";
      expect(worn !== null, point.id).toBe(isWhole);
      if (worn) expect(worn.cloth.length, point.id).toBeGreaterThan(500);
    }
  });
});

describe("the measures that are asked for", () => {
  it("are only those of the arm for a sleeve alone, and those of the neck for a collar alone", () => {
    expect(shownOf("plain-sleeve").reads).toEqual(
      expect.arrayContaining(["upperArm", "armLength", "wrist", "armholeGirth"]),
    );
    for (const id of ["bust", "hip", "backLength"]) expect(shownOf("plain-sleeve").reads).not.toContain(id);
    expect([...shownOf("collar").reads].sort()).toEqual(["neck", "neckBase"]);
  });

  it("are those round both arms off the shoulder, of the head for what is pulled on, and of the bust where it is shaped", () => {
    expect(shownOf("off-the-shoulder-top").reads).toContain("aroundShoulders");
    expect(shownOf("work-shirt").reads).not.toContain("aroundShoulders");
    expect(shownOf("jacket").reads).toEqual(expect.arrayContaining(["bustSpan", "underbust", "waist"]));
  });

  it("are at most fourteen at first, and none is lost", () => {
    for (const { id } of STARTING_POINTS) {
      const { reads } = shownOf(id);
      const { first, more } = measuresAsked(reads);
      expect(first.length, id).toBeLessThanOrEqual(14);
      expect(new Set([...first, ...more]), id).toEqual(new Set(reads));
    }
  });

  it("change the garment: one that is not among them changes no piece of it", () => {
    const spec = startedFrom(named("plain-sleeve"), MIDDLE_BODY);
    if (!spec) throw new Error("a sleeve is drafted");
    expect(measuresRead(spec)).toEqual(shownOf("plain-sleeve").reads);
    const outlines = (hip: number) =>
      sketchGarment({ ...spec, body: { ...MIDDLE_BODY, hip } }).pieces.map(({ outline }) => outline);
    expect(outlines(1010)).toEqual(outlines(1100));
  });
});
