import { describe, expect, it } from "vitest";
import { along, boxOf, pathLength } from "../geometry";
import type { GarmentSpec } from "../spec";
import { figureOf, inches, SAMPLE_FILE, sampleSpec, specOf } from "../testing/sample";
import { draftGarment } from ".";

const DRAFTED = {
  ...SAMPLE_FILE,
  body: { ...SAMPLE_FILE.body, waist: 29, hip: 39 },
  block: { source: "drafted" },
};

const codes = (spec: GarmentSpec) => draftGarment(spec).findings.map(({ code }) => code);
const widthAtHem = (spec: GarmentSpec) => figureOf(spec, "sleeve.hemWidth") ?? Number.NaN;

describe("a sleeve shorter than the arm, whose length was not measured", () => {
  const short = (kind: string) => {
    const { armLength: _arm, shoulderToElbow: _elbow, ...body } = SAMPLE_FILE.body;
    return specOf({ ...SAMPLE_FILE, body, sleeve: { kind, length: 9 } });
  };

  it("is drawn for an arm that is estimated from the body, not for one as long as the sleeve", () => {
    const { defaults } = draftGarment(short("set-in"));
    const arm = defaults.find(({ path }) => path === "body.armLength");
    expect(arm?.isStandIn).toBe(true);
    expect(Number(arm?.value)).toBeGreaterThan(inches(18));
    // Nine inches down an arm of twelve at its fullest, the hem is still near the upper arm, never at the wrist.
    expect(widthAtHem(short("set-in"))).toBeGreaterThan(inches(11));
  });

  it.each(["raglan", "dropped"])("follows the arm at its hem in a %s one as well", (kind) => {
    const box = boxOf(draftGarment(short(kind)).sleeve?.pieces.map(({ outline }) => outline) ?? []);
    expect(box.right - box.left).toBeGreaterThan(inches(10));
    expect(codes(short(kind))).not.toContain("sleeve-binds");
  });
});

describe("elastic on a sleeve that blouses", () => {
  const elastic = (blouse: number) =>
    figureOf(
      specOf({
        ...SAMPLE_FILE,
        sleeve: { kind: "bishop", length: 23, bishop: { blouse }, hem: { finish: "elastic" } },
      }),
      "elastic.length",
    );

  it("is measured where it is worn: more blouse makes it no shorter", () => {
    expect(elastic(0)).toBeGreaterThan(inches(5));
    for (const blouse of [0.5, 1, 2, 3]) expect(elastic(blouse)).toBeCloseTo(elastic(0) ?? 0, 6);
  });
});

describe("a knit sleeve", () => {
  it("does not grow wider below than above, by its defaults", () => {
    const knit = specOf({ ...SAMPLE_FILE, cloth: { kind: "knit" }, sleeve: { kind: "set-in" } });
    const box = boxOf(draftGarment(knit).pieces.map(({ outline }) => outline));
    expect(box.right - box.left).toBeCloseTo(figureOf(knit, "sleeve.capWidth") ?? 0, 3);
    expect(codes(knit)).not.toContain("sides-bulge");
  });

  it("is told when typed figures make its sides bulge", () => {
    const typed = specOf({ ...SAMPLE_FILE, cloth: { kind: "knit" }, sleeve: { kind: "set-in", elbowEase: 6 } });
    expect(codes(typed)).toContain("sides-bulge");
  });
});

describe("the block", () => {
  const backNeck = (width: number, backDepth: number) =>
    draftGarment(specOf({ ...SAMPLE_FILE, block: { ...SAMPLE_FILE.block, neckline: { width, backDepth } } })).block
      ?.back.neckline.length ?? 0;

  it("has a back neck as long as a tape finds it on paper: 3 by 1 in about 3 1/2, 3 1/2 by 1 about 4 (common practice, no source)", () => {
    expect(Math.abs(backNeck(3, 1) - inches(3.5))).toBeLessThan(inches(1 / 8));
    expect(Math.abs(backNeck(3.5, 1) - inches(4))).toBeLessThan(inches(1 / 8));
  });

  it("has a ruled side seam: from an inch or two below the waist to the hem it lies in one line", () => {
    const side = draftGarment(specOf(DRAFTED)).block?.front.sideSeam ?? [];
    const whole = pathLength(side);
    const [a, b, c] = [0.8, 0.9, 1].map((share) => along(side, whole * share).point);
    if (!a || !b || !c) throw new Error("three places were asked for");
    expect(Math.abs((c.x - a.x) * (b.y - a.y) - (b.x - a.x) * (c.y - a.y)) / (whole * 0.2)).toBeLessThan(0.05);
  });

  it("that was read off a tape says that side and hem are made up, where a piece of it is cut and nowhere else", () => {
    const kimono = specOf({ ...SAMPLE_FILE, sleeve: { kind: "kimono" } });
    const { pieces, findings } = draftGarment(kimono);
    expect(findings.map(({ code }) => code)).toContain("side-and-hem-made-up");
    expect(pieces.flatMap(({ edges }) => edges.map(({ name }) => name))).toContain("Front side, made up");
    expect(codes(sampleSpec())).not.toContain("side-and-hem-made-up");
    expect(codes(specOf({ ...DRAFTED, sleeve: { kind: "kimono" } }))).not.toContain("side-and-hem-made-up");
  });

  it("whose shoulder dart is moved to the armhole leaves up to half an inch as ease, and draws more as a dart", () => {
    const moved = (shoulderDartIntake: number) =>
      specOf({
        ...DRAFTED,
        block: {
          source: "drafted",
          shaping: "shoulder-darts",
          shoulderDartIntake,
          alterations: [{ kind: "shoulder-dart-to-armhole" }],
        },
      });
    const little = draftGarment(moved(0.25)).block;
    expect(little?.front.armholeDart ?? little?.back.armholeDart).toBeNull();
    const much = draftGarment(moved(1.25)).block;
    expect(much?.front.armholeDart ?? much?.back.armholeDart).not.toBeNull();
  });
});

describe("the armhole read in one figure", () => {
  const withArmhole = (armhole: object) => specOf({ ...SAMPLE_FILE, block: { source: "readings", armhole } });

  it("is split into front and back by the usual share, as estimates", () => {
    const { block, defaults } = draftGarment(withArmhole({ girth: 18, depth: 7.75 }));
    expect((block?.front.armhole.length ?? 0) + (block?.back.armhole.length ?? 0)).toBeCloseTo(inches(18), 3);
    expect(defaults.find(({ path }) => path === "block.armhole.front")?.isStandIn).toBe(true);
  });

  it("leaves the other half where one was read", () => {
    const { block } = draftGarment(withArmhole({ girth: 18, front: 8.75, depth: 7.75 }));
    expect(block?.back.armhole.length).toBeCloseTo(inches(9.25), 3);
  });

  it("is told when it does not agree with the halves, and can be left out", () => {
    expect(codes(withArmhole({ front: 8.75, back: 9.25, girth: 18, depth: 7.75 }))).not.toContain(
      "armhole-readings-differ",
    );
    const { findings } = draftGarment(withArmhole({ front: 8.75, back: 9.25, girth: 19.5, depth: 7.75 }));
    const told = findings.find(({ code }) => code === "armhole-readings-differ");
    expect(told?.remedies.map(({ id }) => id)).toEqual(["leave-out-girth"]);
    expect(codes(withArmhole({ front: 12, girth: 18, depth: 7.75 }))).toContain("armhole-readings-differ");
  });
});

describe("what is not drafted", () => {
  it("is not asked about: a collar alone needs no arm", () => {
    const { bust, elbow } = SAMPLE_FILE.body;
    const wrong = { bust, elbow, wrist: 12, upperArm: 30 };
    const collarAlone = specOf({ ...SAMPLE_FILE, body: wrong, sleeve: null, collar: { kind: "stand" } });
    expect(codes(collarAlone).filter((code) => code.startsWith("slip-"))).toEqual([]);
    expect(codes(specOf({ ...SAMPLE_FILE, body: wrong }))).toContain("slip-wrist-over-elbow");
  });

  it("does not turn a dropped cap without any height away", () => {
    const straight = specOf({
      ...SAMPLE_FILE,
      sleeve: { kind: "dropped", method: "dropped", capHeight: 0, length: 20 },
    });
    expect(draftGarment(straight).sleeve).not.toBeNull();
  });
});

describe("a bowed stand", () => {
  it("has a bow that goes with its length: 4 in belong to 9 1/2 in (common practice, no source)", () => {
    for (const bust of [32, 37, 44]) {
      const { defaults, collar, seams } = draftGarment(
        specOf({
          ...DRAFTED,
          body: { ...DRAFTED.body, bust },
          bodice: { front: "zip" },
          collar: { kind: "stand", school: "bowed" },
        }),
      );
      expect(collar).not.toBeNull();
      const half = seams.find(({ id }) => id === "neckline")?.bodyLength ?? Number.NaN;
      expect(Number(defaults.find(({ path }) => path === "collar.bow")?.value) / half).toBeCloseTo(4 / 9.5, 3);
    }
  });
});

describe("a button stand", () => {
  it("is no dart of a piece", () => {
    const { pieces } = draftGarment(
      specOf({ ...DRAFTED, block: { source: "drafted", shaping: "none", buttonStand: 1 }, sleeve: { kind: "kimono" } }),
    );
    expect(pieces.find(({ id }) => id === "front")?.darts).toEqual([]);
  });
});

describe("remedies", () => {
  it("are never absurd: no more ease is offered than a crown could hold without gathers", () => {
    for (const upperArm of [14, 16, 18, 20, 22]) {
      const { spec, findings } = draftGarment(specOf({ ...SAMPLE_FILE, body: { ...SAMPLE_FILE.body, upperArm } }));
      for (const { remedies } of findings)
        for (const { change } of remedies)
          expect(change.sleeve?.capEase ?? 0, spec.name).toBeLessThan(inches(18) * 0.16);
    }
  });
});
