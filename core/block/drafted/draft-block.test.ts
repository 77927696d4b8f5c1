import { describe, expect, it } from "vitest";
import { speak } from "../../draft";
import { draftGarment } from "../../garment";
import { along, crossesItself, cubicDerivative, endOf, type Path, pathsCross, startOf } from "../../geometry";
import type { GarmentSpec } from "../../spec";
import { figureOf, inches, specOf } from "../../testing/sample";
import { type BodiceHalf, SIDES } from "..";

const inch = 25.4;

function drafted(body: Record<string, number>, block: Record<string, unknown> = {}): GarmentSpec {
  return specOf({ format: "gamine-garment/1", unit: "in", body, block: { source: "drafted", ...block } });
}

function halves(spec: GarmentSpec): readonly BodiceHalf[] {
  const { block, findings } = draftGarment(spec);
  if (!block) throw new Error(findings.map((finding) => finding.code).join(", "));
  return SIDES.map((side) => block[side]);
}

const figureIn = (spec: GarmentSpec, id: string) => (figureOf(spec, id) ?? Number.NaN) / inch;

const JACKET = { bust: 40, waist: 34, hip: 42, shoulderWidth: 16, armholeGirth: 16 };

describe("the drafted bodice's rules", () => {
  it("C13: loose armhole, bust 36: bust ÷ 6 + 1 1/2 = 7 1/2 in (common practice, no source)", () => {
    expect(figureIn(drafted({ bust: 36 }, { armholeRule: "bust-sixth" }), "block.chestLevel")).toBeCloseTo(7.5, 9);
  });

  it("C14: knit armhole depth, chest 34 ÷ 4 = 8 1/2 in (common practice, arithmetic)", () => {
    expect(figureIn(drafted({ bust: 34 }, { style: "knit" }), "block.chestLevel")).toBeCloseTo(8.5, 9);
  });

  it("C19: jacket, bust 40, waist 34, hip 42, across shoulders 16, armhole girth 16 (common practice, no source)", () => {
    const spec = drafted(JACKET, { chestEase: 0, shoulderEase: 0.5 });
    expect(figureIn(spec, "block.quarter.chest")).toBeCloseTo(10, 9);
    expect(figureIn(spec, "block.quarter.waist")).toBeCloseTo(8.5 + 1, 9);
    expect(figureIn(spec, "block.quarter.hip")).toBeCloseTo(10.5, 9);
    expect(figureIn(spec, "block.shoulder.half")).toBeCloseTo(8 + 0.5, 9);
    expect(figureIn(spec, "block.chestLevel")).toBeCloseTo(8.5, 9);
  });

  it("C16: neck 42 cm ÷ 6 = 7 cm, chest 108 cm ÷ 4 = 27 cm (common practice, arithmetic)", () => {
    const spec = drafted({ bust: 108 / 2.54, neckBase: 42 / 2.54 }, { neckRule: "neck-sixth", chestEase: 0 });
    expect((figureOf(spec, "block.neck.width") ?? 0) / 10).toBeCloseTo(7, 9);
    expect((figureOf(spec, "block.quarter.chest") ?? 0) / 10).toBeCloseTo(27, 9);
  });

  it("C18: the back neck, 3 in wide and 1 in deep, measures about 3 1/2 in by tape (common practice, no source)", () => {
    expect(Math.abs(figureIn(drafted({ bust: 36 }), "block.neckline.back") - 3.5)).toBeLessThan(1 / 8);
  });

  it("C20: bust 36 gathered fully: the quarter of 9 in is doubled to 18 (common practice, no source)", () => {
    const spec = drafted({ bust: 36 }, { chestEase: 0, gathers: "full", neckShape: "off-shoulder" });
    expect(figureIn(spec, "block.gathered.front")).toBeCloseTo(18, 9);
    expect(figureIn(spec, "block.gathered.back")).toBeCloseTo(16.5, 9);
  });

  it("say themselves in the client's numbers", () => {
    const formula = draftGarment(drafted({ bust: 36 }, { armholeRule: "bust-sixth" })).figures.find(
      (figure) => figure.id === "block.chestLevel",
    )?.formula;
    expect(formula && speak(formula, "in")).toBe("bust 36 in ÷ 6 + 1 1⁄2 in");
  });

  it("hang a dropped shoulder from the largest girth, and extend it beyond its point", () => {
    const spec = drafted({ bust: 38, waist: 44, hip: 40, shoulderWidth: 16 }, { style: "dropped" });
    expect(figureIn(spec, "block.quarter.chest")).toBeCloseTo(44 / 4 + 1, 9);
    const plain = halves(drafted({ bust: 38, shoulderWidth: 16 }));
    const dropped = halves(spec);
    expect((dropped[0]?.shoulder.length ?? 0) - (plain[0]?.shoulder.length ?? 0)).toBeCloseTo(inch / 2, 6);
  });
});

describe("the drafted bodice's curves", () => {
  const variants: readonly Record<string, unknown>[] = [
    {},
    { style: "knit" },
    { style: "dropped" },
    { shaping: "shoulder-darts", frontSlope: 1.5 },
    { shaping: "princess-shoulder", centreBackShaping: 0.75 },
    { shaping: "princess-armhole", neckRule: "neck-sixth" },
    { neckShape: "scoop", bodyLength: "waist" },
    { neckShape: "off-shoulder", gathers: "slight" },
  ];

  it.each(variants.map((block) => [JSON.stringify(block), block] as const))(
    "are square at centre, side and shoulder, and cross nothing: %s",
    (_name, block) => {
      for (const half of halves(drafted(JACKET, block))) {
        const shoulder = along(half.shoulder.path, 1).direction;
        const leaving = (path: Path) => along(path, 0).direction;
        for (const { path } of [half.armhole, half.neckline]) {
          expect(Math.abs(shoulder.x * leaving(path).x + shoulder.y * leaving(path).y)).toBeLessThan(1e-9);
        }
        const side = leaving(half.sideSeam);
        const underarm = arriving(half.armhole.path);
        // Square to a side that leads in; where it leads out the armhole runs out level, lest it dips below the underarm.
        expect(Math.abs(side.x <= 0 ? side.x * underarm.x + side.y * underarm.y : underarm.y)).toBeLessThan(1e-9);
        expect(Math.abs(arriving(half.neckline.path).y)).toBeLessThan(1e-9);
        expect(crossesItself(half.armhole.path)).toBe(false);
        expect(pathsCross(half.armhole.path, half.neckline.path)).toBe(false);
        expect(pathsCross(half.sideSeam, half.centre)).toBe(false);
      }
    },
  );

  it("rule a V straight to half the garment's length, with the round neck beside it to compare", () => {
    const spec = drafted(JACKET, { neckShape: "v" });
    const [front] = halves(spec);
    const { block, drafts } = draftGarment(spec);
    const hem = block?.levels.at(-1)?.y ?? 0;
    expect(front && endOf(front.neckline.path).y).toBeCloseTo(hem / 2, 6);
    expect(drafts.find((draft) => draft.id === "front")?.lines.map((line) => line.id)).toContain("front.roundNeckline");
  });

  it("hollow the front armhole 1/4 in more than the back at its middle", () => {
    const [front, back] = halves(drafted(JACKET)) as [BodiceHalf, BodiceHalf];
    const middle = (half: BodiceHalf) => half.armhole.path[0]?.[3].x ?? 0;
    expect(middle(back) - middle(front)).toBeCloseTo(inch / 4, 6);
  });

  it("turn smoothly at the middle of the armhole", () => {
    for (const half of halves(drafted(JACKET))) {
      const [upper, lower] = half.armhole.path;
      if (!upper || !lower) throw new Error("a drafted armhole has two parts");
      const [a, b] = [cubicDerivative(upper, 1), cubicDerivative(lower, 0)];
      expect(Math.abs(a.x) + Math.abs(b.x)).toBeLessThan(1e-9);
      expect(a.y * b.y).toBeGreaterThan(0);
    }
  });

  function arriving(path: Path) {
    const [last] = path.slice(-1);
    if (!last) throw new Error("a path has a cubic");
    return cubicDerivative(last, 1);
  }
});

describe("the drafted bodice's record", () => {
  it("tells every step with its letters, and a tape check after each curve", () => {
    const { drafts } = draftGarment(drafted(JACKET, { shaping: "shoulder-darts" }));
    for (const side of SIDES) {
      const draft = drafts.find((one) => one.id === side);
      expect(draft?.steps.length).toBeGreaterThan(7);
      for (const step of draft?.steps ?? []) {
        const drawsCurve = step.lines.some((line) => /neckline|armhole|sideSeam/.test(line.id));
        if (drawsCurve) expect(step.tapeCheck, speak(step.text, "in")).not.toBeNull();
      }
    }
    const front = drafts.find((one) => one.id === "front");
    expect(front?.points.map((p) => p.letter)).toEqual(
      expect.arrayContaining(["A", "B", "C", "D", "E", "F", "G", "W"]),
    );
  });

  it("draws a button stand beyond the centre front when one is wanted", () => {
    const [front, back] = halves(drafted(JACKET, { buttonStand: 1.25 })) as [BodiceHalf, BodiceHalf];
    const stand = front.inner.find((line) => line.id === "front.buttonStand");
    expect(stand?.path.at(-1)?.[3].x).toBeCloseTo(-1.25 * inch, 9);
    expect(back.inner.some((line) => line.id.includes("buttonStand"))).toBe(false);
  });

  it("labels the levels from the shoulder to the hem, in order", () => {
    const { block } = draftGarment(drafted(JACKET));
    const levels = block?.levels ?? [];
    expect(levels.map((level) => level.id)).toEqual(["shoulder", "chest", "bust", "underbust", "waist", "hem"]);
    expect(levels.map((level) => level.y)).toEqual([...levels.map((level) => level.y)].sort((a, b) => a - b));
  });

  it("lists every choice it took by itself", () => {
    const paths = draftGarment(drafted({ bust: 36 })).defaults.map((taken) => taken.path);
    for (const choice of [
      "block.style",
      "block.armholeRule",
      "block.shaping",
      "block.chestEase",
      "body.waist",
      "body.hip",
    ])
      expect(paths).toContain(choice);
  });
});

describe("body figures that give no bodice", () => {
  it.each([
    ["neck-beyond-shoulder", { ...JACKET, shoulderWidth: 7 }, {}],
    ["shoulder-beyond-chest", { ...JACKET, shoulderWidth: 26 }, {}],
    ["armhole-too-shallow", { ...JACKET, armholeGirth: 4 }, {}],
    ["waist-above-chest", { ...JACKET, backLength: 6 }, {}],
    [
      "neck-below-hem",
      { ...JACKET, backLength: 10.5, neckBase: 66, shoulderWidth: 24 },
      { neckRule: "neck-sixth", bodyLength: "waist", chestEase: 3 },
    ],
  ])("are named, and the remedy gives one: %s", async (code, body, block) => {
    const { applyChange } = await import("../../spec");
    const spec = drafted(body, block);
    const garment = draftGarment(spec);
    const finding = garment.findings.find((one) => one.code === code);
    expect(garment.block).toBeNull();
    expect(finding?.severity).toBe("fault");
    const [remedy] = finding?.remedies ?? [];
    const after = draftGarment(applyChange(spec, remedy?.change ?? {}));
    expect(after.findings.map((one) => one.code)).not.toContain(code);
  });

  it("start from a shoulder point on the bodice", () => {
    for (const half of halves(drafted(JACKET))) expect(startOf(half.armhole.path)).toEqual(endOf(half.shoulder.path));
    expect(inches(1)).toBe(inch);
  });
});
