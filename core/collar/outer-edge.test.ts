import fc from "fast-check";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { along, type Path, type Point, pathLength, reversePath, startOf, svgPathData } from "../geometry";
import type { GarmentSpec } from "../spec";
import { edgeOf, measuredApart } from "../testing/bodice";
import { codesOf, collarFinding, draftedCollar, gap, mended, withCollar } from "../testing/collars";
import { figure } from "../testing/styles";
import { lineBelowNeckline } from "./joined-neckline";
import { outerLength, tiltedBack, tiltRange } from "./lapel/back-collar";
import type { FrontGround } from "./lapel/front-ground";
import { letOut } from "./outer-edge";

/** A back neckline of 90 mm with a roll line that runs straight up from the neck point. */
const ground = {
  neck: { x: 75, y: 0 },
  up: { x: 0, y: -1 },
  outwards: { x: -1, y: 0 },
  backNeck: 90,
} as FrontGround;

/**
 * By how much a collar turns that lies at one height all along a back neckline: the line it lies on is longer than the neckline by
 * (fall − stand) × the neckline's turn, and the collar's outer edge by its width × its own (geometry). Radians.
 */
function uniformTurn(stand: number, fall: number, necklineTurn: number): number {
  return ((fall - stand) * necklineTurn) / (stand + fall);
}

/** The tilt that lets a back collar out until its drawn edge is as long as the line it lies on; a back neckline that turns by 1.1. */
function tiltFor(stand: number, fall: number) {
  const width = stand + fall;
  return letOut({
    by: "tilt",
    needed: 90 + (fall - stand) * 1.1,
    below: { centreBack: fall - stand, shoulder: fall - stand },
    edgeAt: (tilt) => outerLength(tiltedBack(ground, width, tilt)),
    outAt: (tilt) => 2 * 90 * Math.sin(tilt / 2),
    asked: null,
    ...tiltRange(ground, width),
  });
}

describe("G6, geometry: a collar turned down over a back neckline of 9 cm that turns by 1.1", () => {
  it.each([
    { stand: 30, fall: 45, turn: 0.22, out: 20 },
    { stand: 35, fall: 50, turn: 0.19, out: 17.5 },
  ])("stand $stand, fall $fall: turns by $turn, its end moves out by $out mm", ({ stand, fall, turn, out }) => {
    expect(uniformTurn(stand, fall, 1.1)).toBeCloseTo(turn, 2);
    expect(90 * uniformTurn(stand, fall, 1.1)).toBeCloseTo(out, -0.3);
    // The drawn outer edge is a curve between both ends and not the arc: it comes to the same within a fiftieth.
    const drawn = tiltFor(stand, fall);
    expect(Math.abs(drawn.turn / uniformTurn(stand, fall, 1.1) - 1)).toBeLessThan(0.02);
    expect(drawn.outer.edge).toBeCloseTo(90 + (fall - stand) * 1.1, 5);
  });

  it("a flatter collar by rule of thumb, 1/2 in, gives a shorter edge and so sits higher on the neck", () => {
    const { outer } = tiltFor(30, 45);
    expect(outer.rule.at).toBeCloseTo(12.7, 6);
    expect(outer.rule.edge).toBeLessThan(outer.needed - 5);
  });

  it("the edge grows with the tilt, so that there is one tilt for each edge", () => {
    fc.assert(
      fc.property(fc.double({ min: 15, max: 60, noNaN: true }), fc.double({ min: 0, max: 60, noNaN: true }), (s, d) => {
        const { curve } = tiltFor(s, s + d).outer;
        for (const [i, one] of curve.entries()) {
          const before = curve[i - 1];
          if (before) expect(one.edge - before.edge).toBeGreaterThan(0);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe("the line that the outer edge lies on", () => {
  const { block } = draftGarment(withCollar("notched"));
  if (!block) throw new Error("the sample drafts");
  const neckline = reversePath(block.back.neckline.path);

  it("is longer than the neckline by how far below it lies times the neckline's turn (geometry)", () => {
    const ends = [along(neckline, 0).direction, along(neckline, pathLength(neckline)).direction] as const;
    const turn = Math.acos(ends[0].x * ends[1].x + ends[0].y * ends[1].y);
    for (const below of [5, 15, 30, 60]) {
      const line = new svgPathProperties(
        svgPathData(lineBelowNeckline(block, { centreBack: below, shoulder: below }).back),
      ).getTotalLength();
      expect(line).toBeCloseTo(pathLength(neckline) + below * turn, 1);
    }
  });

  it("lies everywhere as far from the neckline, over the shoulder too", () => {
    const { whole } = lineBelowNeckline(block, { centreBack: 25, shoulder: 25 });
    const places: Point[] = [];
    const joined = draftedCollar(withCollar("notched")).collar.drawing.joined?.neckline ?? [];
    for (let i = 0; i <= 400; i++) places.push(along(joined, (pathLength(joined) * i) / 400).point);
    for (let i = 1; i < 40; i++) {
      const { point } = along(whole, (pathLength(whole) * i) / 40);
      const nearest = Math.min(...places.map((p) => Math.hypot(p.x - point.x, p.y - point.y)));
      expect(Math.abs(nearest - 25)).toBeLessThan(0.15);
    }
  });
});

const TURNED: readonly GarmentSpec[] = [
  withCollar("shirt", { edgeBy: "solved" }),
  withCollar("shirt", { shirtCut: "one-piece", edgeBy: "solved" }),
  withCollar("notched"),
  withCollar("notched", { notch: "open", rollSchool: "neck-point" }),
  withCollar("roll"),
];

describe("a collar that is let out until its outer edge fits", () => {
  it.each(TURNED)("has an outer edge as long as the line it lies on within 0.1 mm: %#", (spec) => {
    const { garment, collar } = draftedCollar(spec);
    const { outer, joined } = collar.drawing;
    if (!outer || !joined?.fallLine) throw new Error("it is turned over");
    // Measured again from the drawn lines by an independent library.
    const line = new svgPathProperties(svgPathData(joined.fallLine)).getTotalLength();
    const front = lineBelowNeckline(garment.block as never, outer.below);
    expect(line - pathLength(front.whole) + pathLength(front.back)).toBeCloseTo(outer.needed, 2);
    expect(Math.abs(figure(garment, "collar.outerEdge") - figure(garment, "collar.outerEdgeNeeded"))).toBeLessThan(0.1);
    expect(garment.solvers.find(({ id }) => id === "collar.tilt")?.solution.converged).toBe(true);
    expect(codesOf(garment).filter((code) => /rides|ripples/.test(code))).toEqual([]);
  });

  // A shirt collar in one piece needs hardly more than its usual drop: there is no too little for it.
  it.each(TURNED.filter(({ collar }) => collar?.shirtCut !== "one-piece"))(
    "let out too little it rides up, too much it ripples, and one press ends either: %#",
    (spec) => {
      const solved = draftedCollar(spec).collar.drawing.outer?.at ?? 0;
      const field = draftedCollar(spec).collar.drawing.outer?.by ?? "tilt";
      // A fall is bent no further than it can lie: none of it can be made to ripple.
      const ways = [
        [field === "drop" ? solved * 0.05 : Math.max(0, solved - 12), "collar-rides-up"],
        [solved + (field === "drop" ? 14 : 12), "collar-ripples"],
      ] as const;
      for (const [by, code] of field === "drop" ? ways.slice(0, 1) : ways) {
        const off: GarmentSpec = {
          ...spec,
          collar: { ...spec.collar, kind: spec.collar?.kind ?? "roll", edgeBy: "own", [field]: by },
        };
        expect(collarFinding(off, code).numbers.needed).toBeGreaterThan(0);
        expect(codesOf(mended(off, code))).not.toContain(code);
      }
    },
  );

  it("takes a shirtmaker's drop as it is, 1/2 to 1 in for a fall 10 mm wider than its stand (from memory), and tells the exact edge as information", () => {
    const { garment, collar } = draftedCollar(withCollar("shirt"));
    expect(collar.drawing.outer?.at).toBeGreaterThanOrEqual(12.7);
    expect(collar.drawing.outer?.at).toBeLessThanOrEqual(25.4);
    expect(codesOf(garment).filter((code) => /rides|ripples/.test(code))).toEqual([]);
    expect(figure(garment, "collar.outerEdgeNeeded")).toBeGreaterThan(figure(garment, "collar.outerEdge"));
    // More for a wider fall.
    const wide = draftedCollar(withCollar("shirt", { fall: 70 })).collar.drawing.outer?.at ?? 0;
    expect(wide).toBeGreaterThan((collar.drawing.outer?.at ?? 0) + 10);
  });

  it("bends a fall over its whole length: no stretch of its lower edge is ruled", () => {
    for (const edgeBy of ["rule", "solved"] as const) {
      const { path, length } = edgeOf(draftedCollar(withCollar("shirt", { edgeBy })).piece("collar"), "neck");
      const turns = Array.from({ length: 8 }, (_, i) => {
        const [a, b] = [along(path, (length * i) / 8).direction, along(path, (length * (i + 1)) / 8).direction];
        return Math.abs(a.x * b.y - a.y * b.x);
      });
      const mean = turns.reduce((sum, one) => sum + one, 0) / turns.length;
      for (const one of turns) expect(one).toBeGreaterThan(mean / 2);
    }
  });

  it("lies on a line that runs out to what is left below the stand at the shoulder: seven tenths of it are kept where the roll line runs through the neck point (common practice, no source)", () => {
    for (const kind of ["notched", "roll"] as const) {
      for (const [shoulderStand, below] of [
        [undefined, 80 - 2 * 0.7 * 30],
        [0, 80],
        [30, 20],
      ] as const) {
        const { collar, garment } = draftedCollar(
          withCollar(kind, {
            rollSchool: "neck-point",
            height: 30,
            fall: 50,
            ...(shoulderStand === undefined ? {} : { shoulderStand }),
          }),
        );
        const line = collar.drawing.joined?.fallLine ?? [];
        const { back } = garment.block ?? {};
        if (!back) throw new Error("the sample drafts");
        const nearest = (p: Point, path: Path) =>
          Math.min(...Array.from({ length: 401 }, (_, i) => gap(p, along(path, (pathLength(path) * i) / 400).point)));
        const tip = startOf(back.shoulder.path);
        const reached = line.map((cubic) => gap(cubic[3], tip));
        expect(nearest(startOf(line), back.neckline.path)).toBeCloseTo(20, 1);
        expect(Math.min(...reached.map((far) => Math.abs(far - below)))).toBeLessThan(0.5);
      }
    }
  });

  it("folded along its stand and laid on the joined block, a collar's edge is as long as the drawn one: both schools, in 3-D (geometry)", () => {
    for (const rollSchool of ["ahead", "neck-point"] as const) {
      const { collar, garment, piece } = draftedCollar(withCollar("notched", { rollSchool }));
      const back = garment.block?.back;
      const { outer, turnedOver } = collar.drawing;
      if (!back || !outer || !turnedOver) throw new Error("it is turned over");
      const width = turnedOver.stand + turnedOver.fall;
      const neckline = reversePath(back.neckline.path);
      const whole = pathLength(neckline);
      // Each ruling stands up from its place on the neckline as far as the fold, and comes down again over it.
      const laid = Array.from({ length: 2001 }, (_, i) => {
        const share = i / 2000;
        const { point, direction } = along(neckline, whole * share);
        const falls = share * share * (3 - 2 * share);
        const up = turnedOver.stand + ((width - outer.below.shoulder) / 2 - turnedOver.stand) * falls;
        const fold = { ...point, z: up };
        const down = width - up;
        // It comes down to the neckline's level first, and lies on the block from there.
        const out = down - fold.z;
        return { x: fold.x - direction.y * out, y: fold.y + direction.x * out };
      });
      const length = laid.slice(1).reduce((sum, p, i) => sum + gap(p, laid[i] ?? p), 0);
      expect(Math.abs(length - outer.edge)).toBeLessThan(0.3);
      expect(measuredApart(piece("collar"), "centreBack")).toBeCloseTo(width, 3);
    }
  });

  it("says when the fall does not cover the seam of its stand, and a longer one ends that", () => {
    for (const kind of ["shirt", "notched", "roll"] as const) {
      const short = withCollar(kind, { height: 40, fall: 38 });
      expect(collarFinding(short, "fall-too-short").severity).toBe("warning");
      const garment = mended(short, "fall-too-short");
      expect(codesOf(garment)).not.toContain("fall-too-short");
      expect(garment.collar?.drawing.turnedOver?.fall).toBeCloseTo(50, 9);
    }
  });
});
