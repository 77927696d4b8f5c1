import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { along, crossesItself, distance, endOf, startOf } from "../../geometry";
import { edgeOf, measuredApart } from "../../testing/bodice";
import {
  codesOf,
  collarFinding,
  cosineBetween,
  draftedCollar,
  expectSmallerBy,
  gap,
  mended,
  withCollar,
} from "../../testing/collars";
import { inches } from "../../testing/sample";
import { figure } from "../../testing/styles";

const angleAt = (at: { x: number; y: number }, p: { x: number; y: number }, q: { x: number; y: number }) => {
  const [a, b] = [Math.atan2(p.y - at.y, p.x - at.x), Math.atan2(q.y - at.y, q.x - at.x)];
  const turn = Math.abs(a - b) * (180 / Math.PI);
  return Math.min(turn, 360 - turn);
};

describe("a notched collar", () => {
  const usual = draftedCollar(withCollar("notched"));
  const letters = Object.fromEntries(usual.collar.draft.points.map(({ letter, at }) => [letter, at]));
  const at = (letter: string) => letters[letter] ?? { x: Number.NaN, y: Number.NaN };

  it("meets the neckline and the gorge within 0.01 mm, in every way it can be drawn", () => {
    const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.record({
          height: size(25, 45),
          fall: size(45, 80),
          lapelOut: size(20, 70),
          gorgeDrop: size(-30, 60),
          notchLapel: size(15, 70),
          notchCollar: size(10, 60),
          notchAngle: size(25, 100),
          breakAt: fc.constantFrom("chest" as const, "underbust" as const, "above-waist" as const, "waist" as const),
          rollSchool: fc.constantFrom("ahead" as const, "neck-point" as const),
        }),
        (changes) => {
          const { garment, collar, piece } = draftedCollar(withCollar("notched", changes));
          for (const seam of collar.seams) expect(Math.abs(seam.ease)).toBeLessThan(0.01);
          const backNeck = garment.block?.back.neckline.length ?? 0;
          expect(Math.abs(measuredApart(piece("collar"), "backNeck") - backNeck)).toBeLessThan(0.01);
          // What is sewn to each other at the gorge, and what is turned to each other at the edges.
          expect(measuredApart(piece("collar"), "gorge")).toBeCloseTo(measuredApart(piece("front"), "gorge"), 6);
          expect(measuredApart(piece("frontFacing"), "lapelNotch", "gorge", "neck")).toBeCloseTo(
            measuredApart(piece("front"), "lapelNotch", "gorge", "neck"),
            6,
          );
          for (const id of ["front", "frontFacing", "backFacing", "underCollar"])
            expect(crossesItself(piece(id).outline), id).toBe(false);
        },
      ),
      { numRuns: 40 },
    );
  });

  it("is square at the centre back to both edges, on the top and the under collar", () => {
    for (const id of ["collar", "underCollar"]) {
      expect(Math.abs(cosineBetween(usual.garment, id, "outer", "centreBack"))).toBeLessThan(1e-6);
      expect(Math.abs(cosineBetween(usual.garment, id, "centreBack", "backNeck"))).toBeLessThan(1e-6);
    }
  });

  it("has its roll line from the break point, 2 in above the waist, to a stand's height ahead of the neck (from memory)", () => {
    const waist = usual.garment.block?.levels.find(({ id }) => id === "waist")?.y ?? 0;
    expect(at("B").y).toBeCloseTo(waist - inches(2), 6);
    expect(distance(at("A"), at("C"))).toBeCloseTo(inches(1.5), 6);
    const shoulder = along(usual.garment.block?.front.shoulder.path ?? [], 0).direction;
    expect((at("A").x - at("C").x) * shoulder.y - (at("A").y - at("C").y) * shoulder.x).toBeCloseTo(0, 6);
  });

  it("has the lapel tip where the rule puts it, 1 1/2 in beyond the button stand and 1/2 in below the neck (common practice)", () => {
    const centre = startOf(usual.garment.block?.front.centre ?? []);
    expect(at("G").x).toBeCloseTo(centre.x - inches(1.25) - inches(1.5), 6);
    expect(at("G").y).toBeCloseTo(centre.y + inches(0.5), 6);
  });

  it("has a notch of the lengths and the angle that were asked; open it is 2 1/2 in against 3 in at 45 degrees (common practice)", () => {
    for (const [notch, lapel, collar, angle] of [
      ["small", 1.5, 1.25, 70],
      ["open", 3, 2.5, 45],
    ] as const) {
      const { collar: drafted, piece } = draftedCollar(withCollar("notched", { notch }));
      const place = (letter: string) => drafted.draft.points.find((one) => one.letter === letter)?.at ?? { x: 0, y: 0 };
      expect(measuredApart(piece("front"), "lapelNotch")).toBeCloseTo(inches(lapel), 3);
      expect(measuredApart(piece("collar"), "notch")).toBeCloseTo(inches(collar), 3);
      expect(angleAt(place("H"), place("G"), place("J"))).toBeCloseTo(angle, 6);
    }
  });

  it("has an under collar 2.5 mm smaller along its whole outer edge, whatever way it bends, and the same at the neck and the gorge (from memory)", () => {
    for (const changes of [{}, { notch: "open" as const }, { notchAngle: 130, notchCollar: 70 }, { gorgeDrop: 60 }]) {
      const { piece } = draftedCollar(withCollar("notched", changes));
      const [top, under] = [piece("collar"), piece("underCollar")];
      for (const id of ["backNeck", "frontNeck", "gorge"])
        expect(measuredApart(under, id)).toBeCloseTo(measuredApart(top, id), 6);
      expectSmallerBy(2.5, edgeOf(top, "outer"), edgeOf(under, "outer"));
    }
  });

  it("has a facing half the shoulder wide that reaches 2 in inside the centre front, and a back facing as wide (common practice)", () => {
    const { garment, piece } = usual;
    const half = (garment.block?.front.shoulder.length ?? 0) / 2;
    expect(measuredApart(piece("frontFacing"), "shoulder")).toBeCloseTo(half, 3);
    expect(measuredApart(piece("backFacing"), "shoulder")).toBeCloseTo(half, 3);
    expect(endOf(edgeOf(piece("frontFacing"), "inner").path).x).toBeCloseTo(inches(2), 6);
    expect(piece("frontFacing").cut.interfacing).toBe(1);
    expect(piece("collar").cut.interfacing).toBe(1);
  });

  it("has its buttons on the centre front from the break point down, evenly", () => {
    const buttons =
      draftedCollar(withCollar("notched", { breakAt: "chest" }))
        .piece("front")
        .buttons?.map(({ at }) => at) ?? [];
    const gaps = buttons.slice(1).map(({ y }, i) => y - (buttons[i]?.y ?? 0));
    expect(buttons.length).toBeGreaterThan(2);
    for (const one of gaps) expect(one).toBeCloseTo(gaps[0] ?? 0, 6);
    expect(Math.abs((gaps[0] ?? 0) - inches(4))).toBeLessThan(inches(1));
    for (const { x } of buttons) expect(x).toBe(0);
  });

  it("says before its first step how much paper it needs above and beside the front", () => {
    const { garment, collar } = usual;
    const places = collar.drawn.flatMap(({ outline }) => outline.flat());
    expect(figure(garment, "paper.above")).toBeCloseTo(-Math.min(...places.map(({ y }) => y)), 6);
    expect(figure(garment, "paper.beside")).toBeCloseTo(-Math.min(...places.map(({ x }) => x)), 6);
    expect(collar.draft.steps[0]?.figures).toEqual(["paper.above", "paper.beside"]);
  });

  it("is laid out closed, each edge running into the next", () => {
    for (const piece of usual.garment.pieces)
      for (const [i, edge] of piece.edges.entries()) {
        const next = piece.edges[(i + 1) % piece.edges.length];
        expect(gap(endOf(edge.path), startOf(next?.path ?? [])), `${piece.id} ${edge.id}`).toBeLessThan(1e-6);
      }
  });
});

describe("what is said of a lapel, and what mends it", () => {
  it.each([
    ["lapel-near-armhole", { lapelOut: 150 }, 0],
    ["collar-edge-longer", { notchLapel: 30, notchCollar: 45 }, 0],
    ["break-below-waist", { breakDepth: 480 }, 0],
    ["break-above-chest", { breakDepth: 150 }, 0],
    ["break-too-high", { breakDepth: 60 }, 0],
    ["break-too-high", { breakDepth: 60 }, 1],
    ["notch-too-long", { notchLapel: 190 }, 0],
    ["notch-too-long", { notchLapel: 150, lapelOut: 10 }, 0],
    ["gorge-beyond-neckline", { gorgeStart: 290 }, 0],
    ["lapel-below-break", { breakAt: "chest" as const, gorgeDrop: 240 }, 0],
    ["outline-crosses-itself", { notchCollar: 120, notchAngle: 140, gorgeDrop: -50, lapelOut: 0 }, 0],
    ["let-out-too-far", { edgeBy: "own" as const, tilt: 190 }, 0],
  ])("%s", (code, changes, remedy) => {
    const spec = withCollar("notched", changes);
    expect(collarFinding(spec, code).station).toBe("collar");
    const garment = mended(spec, code, remedy);
    expect(codesOf(garment)).not.toContain(code);
    expect(garment.collar).not.toBeNull();
  });

  it("keeps just an inch inside the armhole once its lapel is narrowed", () => {
    const garment = mended(withCollar("notched", { lapelOut: 150 }), "lapel-near-armhole");
    expect(garment.collar?.drawing.lapel?.clearance).toBeCloseTo(inches(1), 1);
  });

  it("is on the front that a raglan leaves, whose sleeve has the beginning of the neck", () => {
    const garment = draftGarment({ ...withCollar("notched"), sleeve: { kind: "raglan" as const } });
    expect(codesOf(garment)).not.toContain("front-cut-twice");
    const front = garment.pieces.filter(({ id }) => id.startsWith("front") && id !== "frontFacing");
    expect(front.map(({ edges }) => edges.map(({ id }) => id))).toEqual([
      ["lapelNotch", "gorge", "neck", "raglan", "lowerArmhole", "side", "hem", "centre"],
    ]);
    const neckline = garment.seams.find(({ id }) => id === "neckline");
    expect(neckline?.bodyEdges).toEqual([
      "back.neckline",
      "sleeve.necklineBack",
      "sleeve.necklineFront",
      "front.neck",
      "front.gorge",
    ]);
  });

  it("has a front of its own, and says so, where its gorge leaves the neck on the sleeve's part of it", () => {
    const spec = { ...withCollar("notched", { gorgeStart: 25 }), sleeve: { kind: "raglan" as const } };
    const garment = draftGarment(spec);
    expect(codesOf(garment)).toContain("front-cut-twice");
    expect(garment.pieces.map(({ id }) => id)).toEqual(expect.arrayContaining(["front", "frontWithCollar"]));
  });
});
