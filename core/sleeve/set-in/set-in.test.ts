import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Cubic, cubicDerivative, curvature } from "../../geometry";
import { bustTwelfthHeight } from "./bust-twelfth";
import { type CapTask, wantedSeams } from "./cap-frame";
import { BACK_SHAPE, FRONT_SHAPE, halfCap, halfCapLength } from "./cap-shape";
import { widthAtHeight } from "./fit";
import { fitFirstRange } from "./fit-first";
import { guidePoints } from "./guide-points";
import { methodOf } from "./methods";
import { draftSetInSleeve } from "./set-in-sleeve";

const INCH = 25.4;

function capTask(changes: Partial<CapTask> = {}): CapTask {
  return {
    armhole: { front: 8.75 * INCH, back: 9.25 * INCH, depth: 7.75 * INCH },
    bust: 37 * INCH,
    upperArm: 11.75 * INCH,
    capEase: 1.25 * INCH,
    backEaseShare: 0.55,
    upperArmEase: 2 * INCH,
    capHeightChange: 0,
    capWidthChange: 0,
    ...changes,
  };
}

const LENGTHS = { length: 584, wristLevel: 584, elbowLevel: 336, elbowWidth: 318, wristWidth: 203 };

function draft(cap: CapTask, method: "fit-first" | "bust-twelfth" = "fit-first", lengths = LENGTHS) {
  return draftSetInSleeve({ method, cap, lengths, notches: { front: 80, back: 90 } });
}

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Armholes and arms of every build, also ones that do not go together. */
const anyTask = fc
  .record({
    front: size(150, 330),
    frontMore: size(-20, 40),
    depthShare: size(0.75, 0.95),
    upperArm: size(200, 520),
    capEase: size(-10, 60),
    upperArmEase: size(-10, 120),
    backEaseShare: size(0, 1),
  })
  .map(({ front, frontMore, depthShare, ...rest }) =>
    capTask({ ...rest, armhole: { front, back: front + frontMore, depth: front * depthShare } }),
  );

describe("bust twelfth", () => {
  it("C1: bust 36 in gives a cap of 3 1/2 in (common practice, arithmetic)", () => {
    expect(bustTwelfthHeight(36 * INCH) / INCH).toBeCloseTo(3.5, 12);
  });

  it("C2: bust 35 in gives 3.417 in, spoken of as 3.4 (common practice)", () => {
    const height = bustTwelfthHeight(35 * INCH) / INCH;
    expect(height).toBeCloseTo(3.417, 3);
    expect(height.toFixed(1)).toBe("3.4");
  });

  it("C4: half an armhole of 7 in laid flat with a cap of 3.417 in gives a slant of 7.789 in, taped as 8 (geometry, common practice)", () => {
    const sleeve = draft(
      capTask({ bust: 35 * INCH, armhole: { front: 7 * INCH, back: 7 * INCH, depth: 6.5 * INCH } }),
      "bust-twelfth",
    );
    const slant = sleeve?.draft.figures.find((figure) => figure.id === "sleeve.slant.front");
    expect((slant?.value ?? 0) / INCH).toBeCloseTo(7.789, 3);
    expect(Math.abs((slant?.value ?? 0) / INCH - 8)).toBeLessThan(0.25);
  });

  it("takes the changes made to it", () => {
    const plain = methodOf("bust-twelfth").frame(capTask());
    const changed = methodOf("bust-twelfth").frame(capTask({ capHeightChange: -10, capWidthChange: 20 }));
    expect(changed?.height).toBeCloseTo((plain?.height ?? 0) - 10, 9);
    expect(changed?.frontWidth).toBeCloseTo((plain?.frontWidth ?? 0) + 10, 9);
  });
});

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
    const widths = heights.map((height) => widthAtHeight(wantedSeams(task), height));
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

describe("the cap curve", () => {
  const halfWidth = size(60, 300);
  const height = size(20, 260);
  const shape = fc.constantFrom(FRONT_SHAPE, BACK_SHAPE);

  it("grows strictly with its height and with its width", () => {
    fc.assert(
      fc.property(shape, halfWidth, height, (one, w, h) => {
        const length = halfCapLength(one, w, h);
        expect(halfCapLength(one, w, h + 0.1)).toBeGreaterThan(length);
        expect(halfCapLength(one, w + 0.1, h)).toBeGreaterThan(length);
      }),
    );
  });

  it("is level at the crown and at the underarm, never turns back, and has one inflection", () => {
    fc.assert(
      fc.property(shape, halfWidth, height, (one, w, h) => {
        const cap = halfCap(one, w, h);
        expect(cubicDerivative(cap, 0).y).toBe(0);
        expect(Math.abs(cubicDerivative(cap, 1).y)).toBeLessThan(1e-9);
        expect(inflections(cap)).toBe(1);
        for (let t = 0.01; t < 1; t += 0.01) {
          expect(cubicDerivative(cap, t).x).toBeGreaterThan(0);
          expect(cubicDerivative(cap, t).y).toBeGreaterThan(0);
        }
      }),
    );
  });

  it("stands about 1/2 in outside the slant above and inside below at a usual size (common practice, no source: quarter guide points)", () => {
    for (const one of [FRONT_SHAPE, BACK_SHAPE]) {
      const [upper, middle, lower] = guidePoints(halfCap(one, 7 * INCH, 5 * INCH)).map((guide) => guide.outside / INCH);
      expect(upper).toBeGreaterThan(0.35);
      expect(upper).toBeLessThan(0.85);
      expect(Math.abs(middle ?? 9)).toBeLessThan(0.3);
      expect(lower).toBeLessThan(-0.35);
      expect(lower).toBeGreaterThan(-0.85);
    }
  });

  it("is hollower below at the front and fuller above at the back", () => {
    const front = guidePoints(halfCap(FRONT_SHAPE, 170, 140));
    const back = guidePoints(halfCap(BACK_SHAPE, 170, 140));
    expect(front[2]?.outside).toBeLessThan(back[2]?.outside ?? 0);
    expect(back[0]?.outside).toBeGreaterThan(front[0]?.outside ?? 0);
  });

  it("is nearly level for the first inch from the crown (common practice, no source)", () => {
    const cap = halfCap(FRONT_SHAPE, 7 * INCH, 5 * INCH);
    const at = (t: number) =>
      cap.map((p, i) => ([1, 3, 3, 1][i] ?? 0) * (1 - t) ** (3 - i) * t ** i * p.y).reduce((a, b) => a + b);
    expect(at(0.1) / INCH).toBeLessThan(0.2);
  });

  function inflections(cap: Cubic): number {
    let count = 0;
    let before = Math.sign(curvature(cap, 0.001));
    for (let t = 0.002; t < 1; t += 0.001) {
      const now = Math.sign(curvature(cap, t));
      if (now !== 0 && now !== before) count++;
      if (now !== 0) before = now;
    }
    return count;
  }
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
