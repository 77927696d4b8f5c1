import { describe, expect, it } from "vitest";
import { speak } from "../draft";
import { draftGarment, type Garment } from "../garment";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { IS_THOROUGH } from "../testing/thorough";
import { cutGarment, cutList, joinsWanted, type LayPlan, layPieces, layPlans, makingOrder, outlineOnCloth } from ".";
import { overlapOf } from "./trim";

const POINTS = STARTING_POINTS.map(({ id }) => id);

function made(id: string): Garment {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${id} starts no garment`);
  return draftGarment(spec);
}

describe("the order of making", () => {
  it.each(POINTS)(
    "%s: every seam once, none before what it lies on is joined, nothing closed off before it is reached",
    (id) => {
      const garment = made(id);
      const steps = makingOrder(garment);
      const order = steps.flatMap(({ seams }) => seams);
      const ids: string[] = order.map((seam) => seam.id);
      expect(new Set(ids).size).toBe(ids.length);
      const all = [...garment.seams, ...garment.joins];
      for (const seam of all) {
        const isSameAsOther = seam.id === "neckline" && ids.some((one) => /^collar\.(underNeck|backNeck)$/.test(one));
        expect(ids.includes(seam.id), seam.id).toBe(!isSameAsOther);
      }
      order.forEach((seam, i) => {
        for (const wanted of joinsWanted(seam, order))
          expect(order.indexOf(wanted), `${wanted.id} before ${seam.id}`).toBeLessThan(i);
      });
      const at = (name: string) => ids.indexOf(name);
      const stands = (first: string, then: string) => {
        if (at(first) >= 0 && at(then) >= 0) expect(at(first), `${first} before ${then}`).toBeLessThan(at(then));
      };
      stands("body.shoulder", "neckline");
      stands("body.shoulder", "body.facing.front");
      stands("body.facing.shoulder", "body.facing.front");
      stands("collar.edge", "neckline");
      stands("sleeve.underarm", "sleeve.cuff");
      stands("sleeve.underarm", "sleeve.band");
      stands("body.side", "body.hemBand");
      // Either the sleeve goes into an open armhole, or into one that is closed by side and underarm.
      if (at("armhole.front") >= 0 && at("body.side") >= 0) {
        const isFlat = at("armhole.front") < at("body.side");
        expect(at("armhole.back") < at("body.side")).toBe(isFlat);
        if (at("sleeve.underarm") >= 0) expect(at("armhole.front") < at("sleeve.underarm")).toBe(isFlat);
      }
    },
  );

  it("says for each seam which way it is pressed: shoulders back, sides open, armholes into the sleeve (common practice, no source)", () => {
    const steps = makingOrder(made("jacket"));
    const said = (id: string) => speak(steps.find((step) => step.id === id)?.text ?? [], "cm");
    expect(said("body.shoulder")).toContain("towards the back");
    expect(said("body.side")).toContain("then open");
    expect(said("body.side")).not.toContain("towards");
    for (const { text } of steps) expect(speak(text, "cm")).not.toContain("to one side");
  });

  it("sews the sleeve of an arm that differs where it sews the other, and a strip before the collar", () => {
    const point = STARTING_POINTS.find(({ id }) => id === "work-shirt");
    const spec = point && startedFrom(point, MIDDLE_BODY);
    if (!spec) throw new Error("no work shirt to begin with");
    const garment = draftGarment({
      ...spec,
      otherArm: { side: "left", upperArm: (MIDDLE_BODY.upperArm ?? 0) + 25 },
      bodice: { ...spec.bodice, standFinish: "strip" },
    });
    const order = makingOrder(garment).flatMap(({ seams }) => seams);
    const lastOf = (kind: string) => order.findLastIndex((seam) => seam.kind === kind);
    const firstOf = (kind: string) => order.findIndex((seam) => seam.kind === kind);
    expect(order.filter(({ kind }) => kind === "armhole").length).toBe(4);
    expect(lastOf("armhole")).toBeLessThan(firstOf("cuff"));
    expect(firstOf("strip")).toBeGreaterThanOrEqual(0);
    expect(lastOf("strip")).toBeLessThan(firstOf("neck"));
  });

  it("sets a knit sleeve flat and a jacket's in the round (common practice, no source)", () => {
    const flat = (id: string) => {
      const ids: string[] = makingOrder(made(id)).map((step) => step.id);
      return ids.indexOf("armhole.front") < ids.indexOf("body.side");
    };
    expect(flat("t-shirt")).toBe(true);
    expect(flat("jacket")).toBe(false);
  });

  it("says this garment's own lengths and ease, and a caution where work is hot or sharp", () => {
    const steps = makingOrder(made("jacket"));
    const armhole = steps.find(({ id }) => id === "armhole.back");
    expect(armhole && speak(armhole.text, "cm")).toMatch(/back cap is \d+(\.\d)? cm, eased in by 1\.[78] cm/);
    for (const id of ["mark", "interface", "press"])
      expect(steps.find((step) => step.id === id)?.caution, id).not.toBeNull();
  });
});

describe("the cutting list", () => {
  it.each(POINTS)("%s: every piece is cut from the outer cloth, and interfaced where it says so", (id) => {
    const garment = made(id);
    const list = cutList(garment);
    expect(list.outer.map(({ piece }) => piece.id).sort()).toEqual(garment.pieces.map((piece) => piece.id).sort());
    expect(list.interfacing.length).toBe(garment.pieces.filter(({ cut }) => cut.interfacing > 0).length);
    expect(new Set(list.outer.map(({ number }) => number)).size).toBe(garment.pieces.length);
  });

  it("counts the buttons of a shirt and the elastic of an off-the-shoulder top", () => {
    expect(cutList(made("work-shirt")).buttons).toBeGreaterThan(4);
    const { elastic } = cutList(made("off-the-shoulder-top"));
    expect(elastic.length).toBeGreaterThan(0);
    for (const { length } of elastic) expect(length).toBeGreaterThan(200);
  });
});

const TABLES = [
  { width: 1150, isFolded: true },
  { width: 1400, isFolded: false },
  { width: 1500, isFolded: true },
].map((table) => ({ ...table, isOneWay: false, shrinkage: 0 }));
/** Plans after the first ones that are looked at. */
const TRIES = IS_THOROUGH ? 12 : 6;

function firstOf(plans: Generator<LayPlan | null>): LayPlan | null {
  for (const plan of plans) return plan;
  return null;
}

describe("lay plans", () => {
  it.each(POINTS)(
    "%s: no two pieces over each other to a thousandth of a millimetre, none off the cloth, all of them there",
    (id) => {
      const cut = cutGarment(made(id)).pieces;
      for (const table of TABLES) {
        const pieces = layPieces(cut, "outer", table);
        const plans = layPlans(pieces, table, 7);
        let looked = 0;
        for (let i = 0; i < TRIES; i++) {
          const { value: plan, done } = plans.next();
          if (done) break;
          if (!plan) continue;
          looked++;
          expect(plan.laid.length + plan.tooWide.length).toBe(pieces.length);
          const outlines = plan.laid.map((one) => outlineOnCloth(pieces, one));
          const across = table.isFolded ? table.width / 2 : table.width;
          for (const [k, outline] of outlines.entries()) {
            for (const { x, y } of outline) {
              expect(x).toBeGreaterThanOrEqual(-1e-9);
              expect(y).toBeGreaterThanOrEqual(-0.03);
              expect(y).toBeLessThanOrEqual(across);
            }
            for (const other of outlines.slice(k + 1)) expect(overlapOf(outline, other)).toBe(0);
          }
        }
        expect(looked).toBeGreaterThan(0);
      }
    },
  );

  it("are the same for the same seed, and get no longer", () => {
    const table = { width: 1400, isFolded: false, isOneWay: false, shrinkage: 0 };
    const pieces = layPieces(cutGarment(made("jacket")).pieces, "outer", table);
    const lengths = (seed: number) => {
      const plans = layPlans(pieces, table, seed);
      return Array.from({ length: 40 }, () => plans.next().value).flatMap((plan) => (plan ? [plan.length] : []));
    };
    expect(lengths(3)).toEqual(lengths(3));
    const found = lengths(3);
    expect(found.at(-1)).toBeLessThanOrEqual(found[0] ?? 0);
  });

  it("keep all tops the same way on cloth with a nap", () => {
    const table = { width: 1400, isFolded: false, isOneWay: true, shrinkage: 0 };
    const pieces = layPieces(cutGarment(made("work-shirt")).pieces, "outer", table);
    const plan = firstOf(layPlans(pieces, table, 1));
    if (!plan) throw new Error("the first plan is there at once");
    expect(plan.laid.every(({ way }) => !way.isTurned)).toBe(true);
  });

  it("tell touching outlines from those that overlap by a thousandth of a millimetre", () => {
    const square = (x: number) => [
      { x, y: 0 },
      { x: x + 10, y: 0 },
      { x: x + 10, y: 10 },
      { x, y: 10 },
    ];
    expect(overlapOf(square(0), square(10))).toBe(0);
    expect(overlapOf(square(0), square(9.999))).toBeGreaterThan(0);
  });
});
