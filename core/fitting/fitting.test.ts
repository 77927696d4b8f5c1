import { at, namesOf } from "@core/data/index";
import { sketchGarment } from "@core/garment/index";
import { readGarment, writeGarment } from "@core/spec/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { amendGarment, OBSERVATIONS, type ObservationId, proposalsFor, readAmended, readSeen } from ".";

function started(id: string) {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${id} starts no garment`);
  return spec;
}
const OBSERVED = namesOf(OBSERVATIONS);
const figure = (spec: Parameters<typeof sketchGarment>[0], id: string) =>
  sketchGarment(spec).figures.find((one) => one.id === id)?.value ?? Number.NaN;

describe("what is changed after a try-on", () => {
  it.each(STARTING_POINTS.map(({ id }) => id))(
    "%s: every first amount that is offered makes a garment that is drafted and can be saved",
    (id) => {
      const spec = started(id);
      const garment = sketchGarment(spec);
      for (const seen of OBSERVED) {
        for (const { id: amend, first } of proposalsFor(garment, seen)) {
          expect(first).toBeGreaterThanOrEqual(5);
          const { spec: amended } = amendGarment(spec, [{ id: amend, by: first }]);
          if (!amended) throw new Error(`${amend} was offered and cannot be made`);
          expect(readGarment(writeGarment(amended, "mm")).ok).toBe(true);
          const drafted = sketchGarment(amended);
          expect(drafted.pieces.length).toBeGreaterThan(0);
          expect(amended).not.toEqual(spec);
        }
      }
    },
  );

  it.each([
    ["raise-cap", "sleeve.capHeight", 1],
    ["lower-cap", "sleeve.capHeight", -1],
  ] as const)("%s moves the cap by as much as was asked for", (id, of, way) => {
    const spec = started("work-shirt");
    const { spec: amended } = amendGarment(spec, [{ id, by: 7 }]);
    expect(figure(amended ?? spec, of) - figure(spec, of)).toBeCloseTo(7 * way, 2);
  });

  it("a sleeve that swings forward is turned back: the shoulder mark leaves the back more of the ease", () => {
    const spec = started("jacket");
    const { spec: amended } = amendGarment(spec, [{ id: "turn-back", by: 5 }]);
    const share = (of: typeof spec) => sketchGarment(of).resolved.sleeve?.backEaseShare ?? 0;
    const ease = sketchGarment(spec).resolved.sleeve?.capEase ?? 0;
    expect((share(amended ?? spec) - share(spec)) * ease).toBeCloseTo(5, 6);
  });

  it("several changes are made one on the other, and one that cannot be made is named", () => {
    const spec = started("work-shirt");
    const { spec: amended } = amendGarment(spec, [
      { id: "raise-cap", by: 5 },
      { id: "raise-cap", by: 5 },
    ]);
    expect(figure(amended ?? spec, "sleeve.capHeight") - figure(spec, "sleeve.capHeight")).toBeCloseTo(10, 2);
    expect(amendGarment(spec, [{ id: "longer-gusset", by: 10 }])).toEqual({ spec: null, refused: "longer-gusset" });
    expect(amendGarment(spec, [{ id: "shorten-sleeve", by: 5000 }]).refused).toBe("shorten-sleeve");
  });

  it("nothing is changed by nothing", () => {
    const spec = started("blouse");
    expect(amendGarment(spec, [{ id: "raise-cap", by: 0 }]).spec).toBe(spec);
  });

  it("what was posted is read whole or not at all, whatever it is", () => {
    fc.assert(
      fc.property(fc.jsonValue(), (stored) => {
        for (const seen of readSeen(stored)) {
          expect(seen.what === null ? seen.words.trim() : seen.what).not.toBe("");
          expect(seen.marks.every(({ x, y }) => x >= 0 && x <= 1 && y >= 0 && y <= 1)).toBe(true);
        }
        for (const { by } of readAmended(stored)) expect(Number.isFinite(by)).toBe(true);
      }),
    );
    const mark = { on: "front", x: 0.5, y: 0.25 };
    const seen: { what: ObservationId; words: string; marks: object[] } = {
      what: "breaks-low",
      words: "",
      marks: [mark],
    };
    expect(readSeen([seen, { what: "no such", words: " " }, { what: "no such", words: "pulls" }])).toEqual([
      seen,
      { what: null, words: "pulls", marks: [] },
    ]);
    expect(
      at(
        readAmended([
          { id: "raise-cap", by: 6 },
          { id: "fly", by: 1 },
        ]),
        0,
      ),
    ).toEqual({ id: "raise-cap", by: 6 });
  });
});
