import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boxOf } from "../geometry";
import { casingDepth, finishDepth, finishHem, HEM_FINISHES, type HemChoices, passingGirth } from "./finish";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

function choices(changes: Partial<HemChoices> = {}): HemChoices {
  return {
    finish: "cuff",
    depth: 60,
    ease: 25,
    overlap: 20,
    opening: 75,
    elasticWidth: 12,
    girth: null,
    elasticLess: 0,
    ...changes,
  };
}

const anyHem = fc.record({
  finish: fc.constantFrom(...HEM_FINISHES),
  depth: size(10, 150),
  ease: size(0, 100),
  overlap: size(0, 60),
  opening: size(0, 120),
  elasticWidth: size(4, 60),
  girth: fc.constant(null),
  elasticLess: fc.constant(0),
});

describe("the finish of a hem", () => {
  it("takes a cuff or a band off the sleeve's length, and nothing else", () => {
    expect(finishDepth(choices())).toBe(60);
    expect(finishDepth(choices({ finish: "band" }))).toBe(60);
    expect(finishDepth(choices({ finish: "elastic" }))).toBe(0);
    expect(finishDepth(choices({ finish: "plain" }))).toBe(0);
  });

  it("gives the elastic a casing of its width, 6 mm and a turning (common practice, no source)", () => {
    expect(casingDepth(choices({ finish: "elastic", elasticWidth: 38.1 }))).toBeCloseTo(38.1 + 12, 9);
    expect(casingDepth(choices())).toBe(0);
  });

  it("lets any hand through a cuff that opens, and asks for the rest", () => {
    expect(passingGirth(choices(), 170)).toBeNull();
    expect(passingGirth(choices({ opening: 0 }), 170)).toBe(195);
    expect(passingGirth(choices({ finish: "band" }), 170)).toBe(195);
    expect(passingGirth(choices({ finish: "elastic" }), 170)).toBeNull();
  });

  it("is a strip as long as its figure says and twice as wide as it is deep, folded along its middle", () => {
    fc.assert(
      fc.property(anyHem, size(150, 450), size(120, 350), (hem, hemLength, limb) => {
        const { pieces, acts, onto } = finishHem(hem, hemLength, limb);
        const isStrip = hem.finish === "cuff" || hem.finish === "band";
        expect(pieces.length).toBe(isStrip ? 1 : 0);
        expect(onto === null).toBe(hem.finish === "plain");
        const told = acts.flatMap((act) => act.figures ?? []);
        const [piece] = pieces;
        if (!piece) return;
        const box = boxOf([piece.outline]);
        expect(box.bottom - box.top).toBeCloseTo(told.find((figure) => figure.id === "cuff.length")?.value ?? 0, 9);
        expect(box.right - box.left).toBeCloseTo(2 * hem.depth, 9);
        expect(piece.folds[0]?.[0]?.[0].x).toBeCloseTo(hem.depth, 9);
        expect(piece.cut).toMatchObject({ count: 2, interfacing: 2 });
      }),
    );
  });

  it("gathers onto the closed girth: the overlap lies under, and takes up no hem", () => {
    const { onto, acts } = finishHem(choices({ overlap: 40 }), 320, 170);
    expect(onto).toBe(195);
    const ratio = acts.flatMap((act) => act.figures ?? []).find((figure) => figure.id === "sleeve.gatherRatio.hem");
    expect(ratio?.value).toBeCloseTo(320 / 195, 9);
  });

  it("cuts elastic to the limb, with the caution that goes with it (common practice, no source)", () => {
    const { acts, onto } = finishHem(choices({ finish: "elastic" }), 400, 165);
    expect(onto).toBe(165);
    const text = acts.flatMap((act) => act.text.filter((part) => typeof part === "string")).join("");
    expect(text).toContain("leaves a mark is too tight");
    expect(text).toContain("no drawn cords");
  });
});
