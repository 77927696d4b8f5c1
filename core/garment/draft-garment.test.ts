import fc from "fast-check";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { speak } from "../draft";
import { writeResult } from "../result";
import { SLEEVE_KINDS, STYLE_KINDS, STYLES } from "../sleeve/all-styles";
import { HEM_FINISHES } from "../sleeve/finish";
import { type GarmentSpec, LENGTH_FIELDS, writeGarment } from "../spec";
import { inches, SAMPLE_FILE, sampleSpec, specOf } from "../testing/sample";
import { draftGarment } from ".";

const codes = (spec: GarmentSpec) => draftGarment(spec).findings.map((one) => one.code);

describe("drafting a garment", () => {
  it("fit first: the exported cap path, measured by an independent library, is armhole + ease within 0.01 mm (reference library: svg-path-properties)", () => {
    const spec = sampleSpec();
    const result = writeResult(draftGarment(spec)) as { pieces: { edges: { id: string; path: string }[] }[] };
    const measured = (id: string) =>
      new svgPathProperties(result.pieces[0]?.edges.find((edge) => edge.id === id)?.path ?? "").getTotalLength();
    expect(Math.abs(measured("capFront") - inches(8.75 + 1.25 * 0.45))).toBeLessThan(0.01);
    expect(Math.abs(measured("capBack") - inches(9.25 + 1.25 * 0.55))).toBeLessThan(0.01);
  });

  it("says what it took where nothing was given", () => {
    const { defaults } = draftGarment(specOf({ format: "gamine-garment/1", unit: "in" }));
    const standIns = defaults.filter((d) => d.isStandIn).map((d) => d.path);
    expect(standIns).toEqual(
      expect.arrayContaining([
        "body.bust",
        "body.upperArm",
        "block.armhole.front",
        "block.armhole.back",
        "block.armhole.depth",
        "body.armLength",
      ]),
    );
    expect(defaults.find((d) => d.path === "sleeve.method")?.value).toBe("fit-first");
    expect(codes(specOf({ format: "gamine-garment/1", unit: "in" }))).toContain("stand-ins-used");
  });

  it("does not ask for measurements that nothing is drafted from", () => {
    const {
      body: { bust: _bust, armLength: _arm, ...body },
      ...file
    } = SAMPLE_FILE;
    const { defaults } = draftGarment(specOf({ ...file, body }));
    expect(defaults.filter((d) => d.isStandIn && d.isNeeded)).toEqual([]);
    // The neckline and the shoulder are estimated for the drawing; a collar makes them needed.
    const collared = draftGarment(specOf({ ...file, body, collar: { kind: "stand" } })).defaults;
    expect(collared.filter((d) => d.isStandIn && d.isNeeded).map((d) => d.path)).toContain("block.neckline.width");
  });

  it("tells a stand-in from an ordinary choice, with the rule in the client's numbers", () => {
    const garment = draftGarment(specOf({ ...SAMPLE_FILE, body: { upperArm: 12 } }));
    const elbow = garment.defaults.find((d) => d.path === "body.elbow");
    expect(elbow && speak(elbow.rule, "in")).toBe("95 % of upper arm 12 in");
  });

  it("is the same for the same spec", () => {
    expect(draftGarment(sampleSpec())).toEqual(draftGarment(sampleSpec()));
  });

  it("never throws, shows no NaN and keeps the seams for any garment that can be read", () => {
    const reading = fc.option(fc.double({ min: 0.1, max: 3000, noNaN: true }), { nil: undefined });
    const ease = fc.option(fc.double({ min: -100, max: 400, noNaN: true }), { nil: undefined });
    fc.assert(
      fc.property(
        fc.record({
          bust: reading,
          upperArm: reading,
          elbow: reading,
          wrist: reading,
          hand: reading,
          armLength: reading,
          shoulderToElbow: reading,
        }),
        fc.record({ front: reading, back: reading, depth: reading }),
        fc.record({
          capEase: ease,
          upperArmEase: ease,
          wristEase: ease,
          length: reading,
          capHeightChange: ease,
          capWidthChange: ease,
        }),
        fc.constantFrom("fit-first" as const, "bust-twelfth" as const),
        (body, armhole, sleeve, method) => {
          const garment = draftGarment({
            ...sampleSpec(),
            body,
            block: { source: "readings", armhole },
            sleeve: { kind: "set-in", method, ...sleeve },
          });
          const written = JSON.stringify(writeResult(garment));
          // A length that is no number would be written as null where a number belongs.
          expect(written).not.toMatch(/"(value|ease|bodyLength|partLength|bodyAt|partAt)":null/);
          expect(written).not.toContain("NaN");
          expect(garment.sleeve !== null || garment.findings.some((f) => f.severity === "fault")).toBe(true);
        },
      ),
      { numRuns: 400 },
    );
  });
});

describe("any sleeve that can be asked for", () => {
  const within = ({ least, most }: { least: number; most: number }) =>
    fc.option(fc.double({ min: least, max: most, noNaN: true }), { nil: undefined });
  const field = (path: string) => within(LENGTH_FIELDS[path]?.bounds ?? { least: 0, most: 0 });
  const anyKind = fc.constantFrom(...SLEEVE_KINDS);
  const anyStyles = fc.record(
    Object.fromEntries(
      STYLE_KINDS.map((kind) => [
        kind,
        fc.record(
          Object.fromEntries(Object.keys(STYLES[kind].fields).map((name) => [name, field(`sleeve.${kind}.${name}`)])),
        ),
      ]),
    ),
  );
  const anyHem = fc.record({
    finish: fc.constantFrom(undefined, ...HEM_FINISHES),
    depth: field("sleeve.hem.depth"),
    ease: field("sleeve.hem.ease"),
    overlap: field("sleeve.hem.overlap"),
    opening: field("sleeve.hem.opening"),
    elasticWidth: field("sleeve.hem.elasticWidth"),
  });
  const anyCut = fc.record({
    cut: fc.constantFrom(undefined, "two-piece" as const),
    elbowDart: field("sleeve.elbowDart"),
    frontSeamUnder: field("sleeve.frontSeamUnder"),
    elbowHollow: field("sleeve.elbowHollow"),
    hemTurnUp: field("sleeve.hemTurnUp"),
    surplus: fc.constantFrom(undefined, "gather" as const, "pleat" as const, "dart" as const),
    length: fc.option(fc.double({ min: 20, max: 900, noNaN: true }), { nil: undefined }),
    wristEase: fc.option(fc.double({ min: -60, max: 200, noNaN: true }), { nil: undefined }),
  });

  it("is drafted without a throw or a NaN, or its fault is said with a way out, and its file reads back as it was", () => {
    fc.assert(
      fc.property(anyKind, anyStyles, anyHem, anyCut, (kind, styles, hem, cut) => {
        const spec: GarmentSpec = { ...sampleSpec(), sleeve: { ...sampleSpec().sleeve, ...styles, ...cut, hem, kind } };
        const garment = draftGarment(spec);
        expect(JSON.stringify(writeResult(garment))).not.toMatch(/NaN|"(value|ease|bodyLength|partLength)":null/);
        const faults = garment.findings.filter((finding) => finding.severity === "fault");
        expect(garment.sleeve !== null || faults.length > 0).toBe(true);
        for (const fault of faults) expect(fault.remedies.length, fault.code).toBeGreaterThan(0);
        expect(specOf(writeGarment(spec, "mm")).sleeve?.kind).toBe(kind);
      }),
      { numRuns: 250 },
    );
  });
});

describe("the result file", () => {
  it("is in the garment's unit, with stable ids and sections that sum to their seam", () => {
    const result = writeResult(draftGarment(sampleSpec())) as {
      unit: string;
      figures: { id: string; value: number }[];
      seams: { id: string; ease: number; target: number; sections: { ease: number }[] }[];
      notches: { id: string; bodyAt: number; partAt: number }[];
      solvers: { converged: boolean }[];
    };
    expect(result.unit).toBe("in");
    const ids = result.figures.map((one) => one.id);
    expect(ids).toEqual(
      expect.arrayContaining([
        "block.armhole.front",
        "block.armhole.back",
        "block.armhole.depth",
        "sleeve.capHeight",
        "sleeve.capWidth",
        "sleeve.slant.front",
        "sleeve.slant.back",
        "sleeve.cap.front",
        "sleeve.cap.back",
        "sleeve.capEase",
        "sleeve.surplus",
        "sleeve.finishedLength",
        "paper.width",
        "paper.height",
      ]),
    );
    expect(result.figures.find((one) => one.id === "sleeve.capWidth")?.value).toBeCloseTo(13.75, 9);
    for (const seam of result.seams) {
      expect(seam.sections.reduce((sum, section) => sum + section.ease, 0)).toBeCloseTo(seam.ease, 9);
      expect(seam.ease).toBeCloseTo(seam.target, 5);
    }
    expect(result.notches.map((notch) => notch.id)).toEqual(["front", "back", "backSecond", "shoulder"]);
    expect(result.solvers.every((solver) => solver.converged)).toBe(true);
  });
});
