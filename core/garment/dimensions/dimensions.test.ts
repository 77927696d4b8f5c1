import { describe, expect, it } from "vitest";
import { COLLAR_KINDS } from "../../collar";
import { distance, pathLength } from "../../geometry";
import { SLEEVE_KINDS } from "../../sleeve";
import { applyChange, LENGTH_FIELDS, type SpecChange } from "../../spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../../starting";
import { sketchGarment } from "..";
import { blockDimensions, collarDimensions, sleeveDimensions } from ".";

const [first] = STARTING_POINTS;
const spec = first && startedFrom(first, MIDDLE_BODY);
if (!spec) throw new Error("no starting point");

const AS_IT_IS = { front: (p: { x: number; y: number }) => p, back: (p: { x: number; y: number }) => p };

const sleeveOf = (kind: (typeof SLEEVE_KINDS)[number], change: SpecChange = {}) => {
  const { sleeve } = sketchGarment(applyChange({ ...spec, sleeve: { kind }, collar: null }, change));
  if (!sleeve) throw new Error(`no ${kind} sleeve`);
  return sleeveDimensions(sleeve);
};
const collarOf = (kind: (typeof COLLAR_KINDS)[number]) => {
  const { collar } = sketchGarment({ ...spec, sleeve: null, collar: { kind } });
  return collar ? collarDimensions(collar) : [];
};

const ALL = [
  ...SLEEVE_KINDS.map((kind) => ({ name: `${kind} sleeve`, found: sleeveOf(kind) })),
  ...COLLAR_KINDS.map((kind) => ({ name: `${kind} collar`, found: collarOf(kind) })),
  ...(["fitted", "quick"] as const).map((school) => ({
    name: `${school} block`,
    found: blockDimensions(sketchGarment({ ...spec, block: { source: "drafted", school } }), AS_IT_IS),
  })),
];

describe("the figures of a draft", () => {
  it.each(ALL)(
    "of a $name have an id of their own, a name, and a field that there is where one is typed",
    ({ found }) => {
      expect(found.length).toBeGreaterThan(2);
      expect(new Set(found.map(({ id }) => id)).size).toBe(found.length);
      for (const { id, label, types, value } of found) {
        expect(label, id).not.toMatch(/^$|\./);
        expect(Number.isFinite(value), id).toBe(true);
        if (types !== null) expect(LENGTH_FIELDS[types], types).toBeDefined();
      }
    },
  );

  it.each(ALL)(
    "of a $name that are drawn as a distance or an edge are as long as they say, but for a solved ease",
    ({ found }) => {
      for (const { id, place, value, types } of found) {
        if (place.as === "distance") expect(distance(place.from, place.to), id).toBeCloseTo(Math.abs(value), 3);
        // The figure of a notch is counted along the armhole, a sewn armhole with its dart closed.
        if (place.as === "edge" && types === null && !id.startsWith("block."))
          expect(pathLength(place.path), id).toBeCloseTo(value, 3);
      }
    },
  );

  it("show what they type: a style's handle as the distance by which its place was moved", () => {
    const lift = (by: number) =>
      sleeveOf("puff", { sleeve: { puff: { lift: by } } }).find(({ id }) => id === "sleeve.puff.lift");
    for (const by of [10, 40]) {
      const { place, value } = lift(by) ?? { place: null, value: 0 };
      expect(value).toBe(by);
      if (place?.as !== "distance") throw new Error("the lift of a puff is a distance");
      expect(place.from.y - place.to.y).toBeCloseTo(by, 9);
    }
    // A figure of nothing has no line, and is looked for last.
    expect(lift(0)).toMatchObject({ rank: 3, place: { as: "place" } });
  });

  it("of a measured block are its readings, of a drafted one its own fields", () => {
    const typed = (source: "readings" | "drafted") =>
      blockDimensions(
        sketchGarment({ ...spec, block: source === "readings" ? { source, armhole: {} } : { source } }),
        AS_IT_IS,
      ).flatMap(({ types }) => types ?? []);
    expect(typed("readings")).toContain("block.armhole.front");
    expect(typed("readings")).toContain("block.neckline.width");
    expect(typed("drafted")).toContain("block.frontNeckWidth");
    expect(typed("drafted")).not.toContain("block.armhole.front");
  });
});
