import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Cubic, cubicDerivative } from "../../geometry";
import { anyTask, BACK_SHAPE, capTask, draft, FRONT_SHAPE, LENGTHS, size } from "../../testing/set-in";
import { wantedSeams } from "../cap/cap-frame";
import { CAP_SHAPES, halfCapLength } from "../cap/cap-shape";
import { widthAtHeight } from "../cap/fit";
import { fitFirstRange } from "../cap/fit-first";
import { methodOf } from "../cap/methods";

describe("fit first", () => {
  it("comes out at armhole + ease within 0.01 mm front and back wherever it gives a cap, and says why where it does not", () => {
    let drafted = 0;
    fc.assert(
      fc.property(anyTask, (task) => {
        const range = fitFirstRange(task);
        const width = task.upperArm + task.upperArmEase;
        const frame = methodOf("fit-first").frame(task);
        const isPossible = range !== null && width >= range.width.least && width <= range.width.most;
        expect(frame !== null).toBe(isPossible);
        if (!frame || !range) return;
        drafted++;
        const wanted = wantedSeams(task);
        expect(Math.abs(halfCapLength(FRONT_SHAPE, frame.frontWidth, frame.height) - wanted.front)).toBeLessThan(0.01);
        expect(Math.abs(halfCapLength(BACK_SHAPE, frame.backWidth, frame.height) - wanted.back)).toBeLessThan(0.01);
        expect(Math.abs(frame.frontWidth + frame.backWidth - width)).toBeLessThan(0.01);
        expect(frame.height).toBeGreaterThanOrEqual(range.height.least - 1e-6);
        expect(frame.height).toBeLessThanOrEqual(range.height.most + 1e-6);
        expect(frame.solvers.every(({ solution }) => solution.converged)).toBe(true);
      }),
      { numRuns: 500 },
    );
    expect(drafted).toBeGreaterThan(50);
  });

  it("makes the cap higher as the sleeve is made narrower, over the whole feasible range", () => {
    const task = capTask();
    const range = fitFirstRange(task);
    if (!range) throw new Error("this armhole takes a cap");
    const heights = Array.from(
      { length: 40 },
      (_, i) => range.height.least + ((range.height.most - range.height.least) * i) / 39,
    );
    const widths = heights.map((height) => widthAtHeight(wantedSeams(task), CAP_SHAPES.quarters, height));
    for (let i = 1; i < widths.length; i++) expect(widths[i]).toBeLessThan(widths[i - 1] as number);
  });

  it("scales: every length of the task times k gives every length of the cap times k", () => {
    fc.assert(
      fc.property(size(0.8, 1.6), (k) => {
        const task = capTask();
        const { armhole } = task;
        const plain = methodOf("fit-first").frame(task);
        const scaled = methodOf("fit-first").frame({
          ...task,
          armhole: { front: armhole.front * k, back: armhole.back * k, depth: armhole.depth * k },
          upperArm: task.upperArm * k,
          capEase: task.capEase * k,
          upperArmEase: task.upperArmEase * k,
        });
        expect(scaled?.height).toBeCloseTo((plain?.height ?? 0) * k, 4);
        expect(scaled?.backWidth).toBeCloseTo((plain?.backWidth ?? 0) * k, 4);
      }),
    );
  });
});

describe("the sleeve below its cap", () => {
  it("has underarm seams that mirror each other and join without a corner at the elbow", () => {
    const { outline } = draft(capTask()) ?? {};
    if (!outline) throw new Error("this armhole takes a sleeve");
    expect(outline.underarmFront.map((cubic) => cubic.map((p) => p.x))).toEqual(
      outline.underarmBack.map((cubic) => cubic.map((p) => -p.x)),
    );
    const [upper, lower] = outline.underarmFront as [Cubic, Cubic];
    const leaving = cubicDerivative(upper, 1);
    const arriving = cubicDerivative(lower, 0);
    expect(leaving.x / leaving.y).toBeCloseTo(arriving.x / arriving.y, 9);
  });

  it("is cut short on the same underarm line as the long one", () => {
    const long = draft(capTask());
    const short = draft(capTask(), "fit-first", { ...LENGTHS, length: 240 });
    expect(short?.outline.frontHem.y).toBeCloseTo(240, 6);
    expect(short?.outline.underarmFront[0]?.[0]).toEqual(long?.outline.underarmFront[0]?.[0]);
    expect(short?.outline.elbow).toBeNull();
    expect(short?.outline.frontHem.x).toBeGreaterThan(long?.outline.frontHem.x ?? 0);
  });

  it("is not drawn when it would end inside its own cap", () => {
    expect(draft(capTask(), "fit-first", { ...LENGTHS, length: 120 })).toBeNull();
  });
});

describe("the recorded construction", () => {
  it("letters every point once, numbers the steps without a gap, and draws every seam of the outline", () => {
    const { draft: record } = draft(capTask()) ?? {};
    if (!record) throw new Error("this armhole takes a sleeve");
    expect(record.steps.map((step) => step.n)).toEqual(record.steps.map((_, index) => index + 1));
    const letters = record.points.map((p) => p.letter);
    expect(new Set(letters).size).toBe(letters.length);
    const drawn = record.steps.flatMap((step) => step.lines.map((line) => line.id));
    expect(drawn).toEqual(
      expect.arrayContaining(["capFront", "capBack", "underarmFront", "underarmBack", "hem", "capLine"]),
    );
  });

  it("names only points that are marked by then", () => {
    const { draft: record } = draft(capTask()) ?? {};
    const marked = new Set<string>();
    for (const step of record?.steps ?? []) {
      for (const p of step.points) marked.add(p.letter);
      const named = [...step.text, ...(step.tapeCheck ?? [])].flatMap((part) =>
        typeof part === "object" && "point" in part ? [part.point] : [],
      );
      for (const letter of named) expect([...marked]).toContain(letter);
    }
    expect(marked.size).toBeGreaterThan(12);
  });
});
