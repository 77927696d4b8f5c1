import { makingOrder } from "@core/cut/index";
import { draftGarment } from "@core/garment/index";
import { crossesItself, pathLength } from "@core/geometry/index";
import { applyChange, type SpecChange } from "@core/spec/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { anyBody } from "@core/testing/any-body";
import { sewingPlan } from "@core/toile/sewing/plan";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Block } from "../../block";
import type { Body } from "../../body";
import { draftFlat, lineItLiesOn } from "./draft-flat";

const BLOUSE = STARTING_POINTS.find(({ id }) => id === "blouse");
const ROUND = { frontEnd: "round", roundness: 40 } as const;

function withFlat(body: Body, collar: NonNullable<SpecChange["collar"]> = {}) {
  const spec = BLOUSE && startedFrom(BLOUSE, body);
  if (!spec) throw new Error("withFlat: no blouse to begin with");
  return applyChange(spec, { collar: { fall: undefined, roundness: undefined, ...collar, kind: "flat" } });
}

function blockOf(body: Body): Block {
  const { block } = draftGarment(withFlat(body));
  if (!block) throw new Error("blockOf: no block");
  return block;
}

describe("a flat collar", () => {
  it("has a neck edge as long as the neckline and lets nothing cross, on any body", () => {
    fc.assert(
      fc.property(anyBody, fc.integer({ min: 0, max: 25 }), ({ body }, overlap) => {
        const { block, collar, seams, findings } = draftGarment(withFlat(body, { overlap }));
        fc.pre(block !== null);
        expect(findings.filter(({ severity, station }) => severity === "fault" && station === "collar")).toEqual([]);
        const neckline = seams.find(({ id }) => id === "neckline");
        expect(Math.abs(neckline?.ease ?? Number.NaN)).toBeLessThan(1e-4);
        for (const { outline } of collar?.pieces ?? []) expect(crossesItself(outline)).toBe(false);
      }),
      { numRuns: 25 },
    );
  });

  it("has an edge about 6 mm shorter for each centimetre of overlap, 7 cm wide (common practice, no source)", () => {
    const block = blockOf(MIDDLE_BODY);
    const needed = pathLength(lineItLiesOn(block, 70));
    const shorter = (overlap: number) =>
      needed - pathLength(draftFlat({ block, fall: 70, overlap, ...ROUND })?.outer ?? []);
    expect(shorter(0)).toBeCloseTo(0, 6);
    for (const overlap of [10, 20]) {
      expect(shorter(overlap)).toBeGreaterThan(0.45 * overlap);
      expect(shorter(overlap)).toBeLessThan(0.75 * overlap);
    }
  });

  it("drops its front end by about a quarter of an inch, as makers do by rule (common practice, no source)", () => {
    const dropped = draftFlat({ block: blockOf(MIDDLE_BODY), fall: 70, overlap: 15, ...ROUND })?.dropped;
    expect(dropped?.converged).toBe(true);
    expect(dropped?.value).toBeGreaterThan(3);
    expect(dropped?.value).toBeLessThan(11);
  });

  it("is pointed where that is asked, and else rounded as far as its front end allows", () => {
    const block = blockOf(MIDDLE_BODY);
    const of = (frontEnd: "square" | "round", roundness: number) =>
      draftFlat({ block, fall: 70, overlap: 15, frontEnd, roundness });
    expect(of("square", 40)?.rounded).toBe(0);
    expect(of("round", 20)?.rounded).toBe(20);
    expect(of("round", 500)?.rounded).toBeLessThan(70);
  });

  it("too wide for its front is told with a way out, or is drawn without crossing", () => {
    for (const fall of [20, 120, 200, 300]) {
      const spec = withFlat(MIDDLE_BODY, { fall });
      const { collar, findings } = draftGarment(spec);
      const told = findings.find(({ severity, station }) => severity === "fault" && station === "collar");
      if (!told) for (const { outline } of collar?.pieces ?? []) expect(crossesItself(outline)).toBe(false);
      for (const { change } of told?.remedies ?? [])
        expect(draftGarment(applyChange(spec, change)).collar).not.toBeNull();
      if (!collar) expect(told?.code).toBe("too-wide-to-lie-flat");
    }
    expect(draftGarment(withFlat(MIDDLE_BODY, { fall: 70 })).findings.map(({ code }) => code)).not.toContain(
      "too-wide-to-lie-flat",
    );
  });

  it("is sewn, cut and worn with the rest: an edge, a neckline, a step for each, and a place on the toile", () => {
    const garment = draftGarment(withFlat(MIDDLE_BODY));
    const order = makingOrder(garment).flatMap(({ seams }) => seams.map(({ id }) => id));
    expect(order.indexOf("collar.edge")).toBeGreaterThanOrEqual(0);
    expect(order.indexOf("collar.edge")).toBeLessThan(order.indexOf("neckline"));
    const edge = garment.joins.find(({ id }) => id === "collar.edge");
    // The under collar is a little smaller along its free edge.
    expect(edge?.ease).toBeLessThan(0);
    expect(edge?.ease).toBeGreaterThan(-15);
    const plan = sewingPlan(garment);
    if ("why" in plan) throw new Error(plan.why);
    expect(plan.pieces.find(({ piece }) => piece.kind.of === "collar")?.role).toBe("attached");
    expect(plan.notes).toEqual([]);
  });
});
