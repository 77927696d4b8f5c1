import fc from "fast-check";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { along, crossesItself, distance, endOf, pathLength, startOf, svgPathData } from "../../geometry";
import { applyChange, type GarmentSpec } from "../../spec";
import { edgeOf, onBodice, pieceOf } from "../../testing/bodice";
import { inches } from "../../testing/sample";
import { figure } from "../../testing/styles";
import { STAND_SCHOOLS } from "../collar-fields";
import { bandOf, edgeAt, edgeLength, edgeLengthTo, leanOf } from "./band-shape";
import { draftStand, upperGirthBySchool } from "./draft-stand";
import type { StandTask } from "./stand-task";

const task = (changes: Partial<StandTask> = {}): StandTask => ({
  school: "developed",
  neckline: { back: inches(3.75), front: inches(5.75), beyond: 0 },
  height: inches(1.5),
  neck: inches(14.5),
  ease: 17.5,
  bow: inches(4),
  level: inches(1),
  rise: 19,
  frontEnd: "square",
  roundness: 19,
  button: null,
  ...changes,
});
const shapeOf = (of: StandTask) => {
  const law = bandOf(of);
  if (!law) throw new Error(`the ${of.school} school has a band`);
  return law.shape;
};
const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyTask = fc
  .record({
    school: fc.constantFrom(...STAND_SCHOOLS),
    back: size(70, 120),
    front: size(90, 220),
    beyond: size(0, 40),
    height: size(15, 60),
    neckShare: size(0.8, 1.02),
    bow: size(5, 90),
    rise: size(5, 30),
    frontEnd: fc.constantFrom("square" as const, "round" as const),
  })
  .map(({ back, front, beyond, neckShare, ...others }) =>
    task({ ...others, neckline: { back, front, beyond }, neck: 2 * (back + front) * neckShare }),
  );

describe("the band of a stand", () => {
  it("C6, geometry (ring sector) and common practice: 9 1/2 in of half edge, 1 in level, 4 in of bow, 1 1/2 in high: 15.9 in above against 19 below", () => {
    const shape = shapeOf(task({ school: "bowed" }));
    expect(2 * edgeLength(shape, 0)).toBeCloseTo(inches(19), 9);
    expect(Math.abs(2 * edgeLength(shape, inches(1.5)) - inches(15.9))).toBeLessThan(inches(0.05));
    expect(startOf(edgeAt(shape, 0)).y - endOf(edgeAt(shape, 0)).y).toBeCloseTo(inches(4), 6);
  });

  it("G1, geometry: of a ring sector with angle θ, radius R and height H the edges are R·θ and (R − H)·θ exactly", () => {
    fc.assert(
      fc.property(anyTask, (of) => {
        const law = bandOf(of);
        if (!law) return;
        const { shape } = law;
        for (const up of [0, of.height]) {
          const drawn = new svgPathProperties(svgPathData(edgeAt(shape, up))).getTotalLength();
          expect(Math.abs(drawn - (shape.neckEdge - up * shape.turn))).toBeLessThan(0.01);
        }
      }),
      { numRuns: 80 },
    );
  });

  it("G1, geometry: the same for a band that is level first, bent either way", () => {
    fc.assert(
      fc.property(size(150, 300), size(0, 60), size(-1.2, 1.2), size(10, 70), (neckEdge, level, turn, up) => {
        // A ring whose upper edge comes near to its middle is no band any more.
        fc.pre(Math.abs(turn) > 1e-3 && up * turn < 0.8 * (neckEdge - level));
        const shape = { neckEdge, level, turn };
        const drawn = (height: number) => new svgPathProperties(svgPathData(edgeAt(shape, height))).getTotalLength();
        expect(Math.abs(drawn(0) - neckEdge)).toBeLessThan(0.01);
        // Of the upper edge what the tape finds: shorter by height × turn, none of it over what is level.
        expect(Math.abs(drawn(up) - edgeLengthTo(shape, up, neckEdge))).toBeLessThan(0.01);
        expect(edgeLengthTo(shape, up, level)).toBeCloseTo(level, 9);
        expect(edgeLengthTo(shape, up, neckEdge)).toBeCloseTo(neckEdge - up * turn, 9);
      }),
      { numRuns: 60 },
    );
  });

  it("stands in for reality: rolled into its cone, the lower ring lies on the neckline's circle and the upper one has the stated girth", () => {
    const of = task();
    const shape = shapeOf(of);
    const lean = leanOf(shape.turn);
    const below = (2 * shape.neckEdge) / (2 * Math.PI);
    // Walk the flat band's upper edge; on the cone a flat polar angle becomes π / turn as much round the axis.
    const radius = shape.neckEdge / shape.turn;
    const rings = [0, of.height].map((up) => {
      const flat = radius - up;
      const points = Array.from({ length: 721 }, (_, i) => {
        const round = (-Math.PI + (2 * Math.PI * i) / 720) as number;
        const out = flat * Math.sin(lean);
        return { x: out * Math.cos(round), y: out * Math.sin(round), z: -flat * Math.cos(lean) };
      });
      return points.slice(1).reduce((sum, p, i) => {
        const q = points[i] ?? p;
        return sum + Math.hypot(p.x - q.x, p.y - q.y, p.z - q.z);
      }, 0);
    });
    expect(radius * Math.sin(lean)).toBeCloseTo(below, 6);
    expect(rings[0]).toBeCloseTo(2 * shape.neckEdge, 1);
    expect(rings[1]).toBeCloseTo(of.neck + of.ease, 1);
  });

  it("leans outwards where the neckline is smaller than the neck, and stands upright where they are the same", () => {
    const same = task({ neck: inches(19) - 17.5 });
    expect(shapeOf(same).turn).toBeCloseTo(0, 9);
    expect(shapeOf(task({ neck: inches(21) })).turn).toBeLessThan(0);
    expect(draftStand(task({ neck: inches(21) }))?.upperGirth).toBeCloseTo(inches(21) + 17.5, 6);
  });
});

describe("a stand collar", () => {
  it("has the wanted girth above when developed, whatever runs on beyond the centre front", () => {
    for (const beyond of [0, 25]) {
      const stand = draftStand(task({ neckline: { back: 95, front: 145, beyond }, neck: 400, ease: 15 }));
      expect(stand?.upperGirth).toBeCloseTo(415, 6);
    }
  });

  it("tells what every school would make its upper edge, the one in use among them", () => {
    for (const school of STAND_SCHOOLS) {
      const stand = draftStand(task({ school }));
      const all = upperGirthBySchool(task({ school }));
      expect(all.map((one) => one.school)).toEqual(STAND_SCHOOLS);
      expect(all.find((one) => one.school === school)?.girth).toBe(stand?.upperGirth);
      // Whatever is in use, the others stay what they are.
      expect(all).toEqual(upperGirthBySchool(task()));
    }
    // None where none is drawn, also where an upper edge would close to nothing.
    for (const of of [task({ bow: 240 }), task({ neck: 60, ease: 0 }), task({ height: 140, bow: 160 })])
      for (const { school, girth } of upperGirthBySchool(of))
        expect(girth === null).toBe(draftStand({ ...of, school }) === null);
    expect(upperGirthBySchool(task({ bow: 240 })).find(({ school }) => school === "bowed")?.girth).toBeNull();
  });

  it("is one closed, simple outline, square to the fold on both edges, in every school", () => {
    fc.assert(
      fc.property(anyTask, (of) => {
        const stand = draftStand(of);
        if (!stand) return;
        const { piece, neckEdge } = stand;
        expect(crossesItself(piece.outline)).toBe(false);
        expect(distance(startOf(piece.outline), endOf(piece.outline))).toBeLessThan(1e-6);
        expect(pathLength(neckEdge)).toBeCloseTo(of.neckline.back + of.neckline.front + of.neckline.beyond, 4);
        for (const id of ["upper"]) expect(Math.abs(along(edgeOf(piece, id).path, 0).direction.y)).toBeLessThan(1e-6);
        expect(Math.abs(along(neckEdge, 0).direction.y)).toBeLessThan(1e-6);
      }),
      { numRuns: 80 },
    );
  });
});

describe("a stand on a garment", () => {
  const withStand = (collar: Partial<NonNullable<GarmentSpec["collar"]>> = {}, block = {}): GarmentSpec => {
    const spec = onBodice("set-in", {}, block as never);
    return { ...spec, body: { ...spec.body, neck: inches(14) }, collar: { kind: "stand", ...collar } };
  };
  const withNeck = (neckIn: number, spec: GarmentSpec): GarmentSpec => ({
    ...spec,
    body: { ...spec.body, neck: inches(neckIn) },
  });
  const found = (spec: GarmentSpec, code: string) => draftGarment(spec).findings.find((one) => one.code === code);

  it("meets the neckline, joined at the shoulder, within 0.01 mm, also along a button stand", () => {
    for (const spec of [withStand(), withStand({}, { buttonStand: 25 }), withStand({ school: "bowed" })]) {
      const garment = draftGarment(spec);
      const { collar, block } = garment;
      const neckline = collar?.seams[0];
      if (!neckline || !block) throw new Error("the stand is drafted");
      const beyond = garment.resolved.collar?.figures.beyond ?? 0;
      const whole = block.front.neckline.length + block.back.neckline.length + beyond;
      const edge = new svgPathProperties(svgPathData(edgeOf(pieceOf(garment, "collar"), "neck").path)).getTotalLength();
      expect(Math.abs(edge - whole)).toBeLessThan(0.01);
      expect(Math.abs(neckline.ease)).toBeLessThan(0.01);
      expect(pathLength(neckline.bodyPath)).toBeCloseTo(whole, 6);
      expect(garment.seams.map((seam) => seam.id)).toContain("neckline");
    }
  });

  it("joins front and back at the shoulder without a corner", () => {
    const { collar } = draftGarment(withStand());
    const path = collar?.seams[0]?.bodyPath ?? [];
    const at = collar?.drawing.joined?.shoulderAt ?? 0;
    const [before, after] = [along(path, at - 1e-4).direction, along(path, at + 1e-4).direction];
    expect(before.x * after.x + before.y * after.y).toBeGreaterThan(0.9999);
  });

  it("says when it strangles or gapes, and leaning it anew ends that", () => {
    for (const [code, spec] of [
      ["stand-strangles", withNeck(16, withStand({ school: "bowed", bow: 90 }))],
      ["stand-gapes", withNeck(12.5, withStand({ school: "straight" }))],
    ] as const) {
      const finding = found(spec, code);
      expect(finding?.severity).toBe("warning");
      const mended = applyChange(spec, finding?.remedies[0]?.change ?? {});
      expect(found(mended, code)).toBeUndefined();
      const garment = draftGarment(mended);
      expect(figure(garment, "collar.upperEdge") - (mended.body.neck ?? 0)).toBeCloseTo(17.5, 6);
    }
  });

  it("says when the neckline is shorter than the neck and its ease; a deeper neck ends that", () => {
    const spec = withNeck(16.5, withStand());
    const finding = found(spec, "neckline-below-neck");
    expect(finding?.numbers.round).toBeLessThan(inches(16.5) + 17.5);
    const mended = applyChange(spec, finding?.remedies[0]?.change ?? {});
    expect(found(mended, "neckline-below-neck")).toBeUndefined();
    expect(figure(draftGarment(mended), "collar.lean")).toBeGreaterThan(-0.05);
  });

  it("says when a corner cannot be rounded as far as was asked, on a stand by itself and under a fall", () => {
    for (const collar of [
      { height: 25, roundness: 60 },
      { kind: "shirt" as const, beyond: 10, roundness: 15 },
    ]) {
      const finding = found(withStand(collar), "corner-rounded-less");
      expect(finding?.numbers.drawn).toBeLessThan(collar.roundness);
    }
    expect(found(withStand({ kind: "shirt" }), "corner-rounded-less")).toBeUndefined();
  });

  it("says when no band can be drawn, with one that can", () => {
    const spec = withStand({ school: "bowed", bow: 249 });
    expect(draftGarment(spec).collar).toBeNull();
    const mended = applyChange(spec, found(spec, "no-stand-fits")?.remedies[0]?.change ?? {});
    expect(draftGarment(mended).collar).not.toBeNull();
  });
});
