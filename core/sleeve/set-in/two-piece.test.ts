import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sewnSleeve } from "../../drafting";
import { draftGarment } from "../../garment";
import { crossesItself, cubicDerivative, distance, endOf, pathLength, startOf } from "../../geometry";
import { applyChange, type GarmentSpec } from "../../spec";
import { withSleeve } from "../../testing/sample";
import type { SetInSleeve } from "./set-in-sleeve";
import type { TwoPiece } from "./two-piece";

function cut(changes: Partial<NonNullable<GarmentSpec["sleeve"]>> = {}) {
  const garment = draftGarment(withSleeve({ cut: "two-piece", ...changes }));
  const sleeve = sewnSleeve(garment)?.sleeve;
  if (!sleeve?.twoPiece) throw new Error("the sample can be cut in two");
  return { garment, sleeve, parts: sleeve.twoPiece };
}

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyCut = fc.record({
  frontSeamUnder: size(0, 30),
  backSeamUnder: size(0, 15),
  elbowHollow: size(0, 25),
  elbowEase: size(0, 60),
  wristEase: size(40, 90),
  length: size(300, 620),
  hemTurnUp: fc.constantFrom(0, 30),
});

describe("a sleeve cut in two", () => {
  it("has the fitted cap, whole: top and under cap together are its length, front and back", () => {
    fc.assert(
      fc.property(anyCut, (changes) => {
        const { sleeve, parts } = cut(changes);
        const whole = sleeve.capLength.front + sleeve.capLength.back;
        expect(pathLength(parts.top.cap) + pathLength(parts.under.cap)).toBeCloseTo(whole, 6);
      }),
      { numRuns: 60 },
    );
  });

  it("has seams of one length on both its pieces, front and back, and hems that are the wrist", () => {
    fc.assert(
      fc.property(anyCut, (changes) => {
        const { garment } = cut(changes);
        const [top, under] = garment.pieces;
        const lengthOf = (piece: typeof top, id: string) => piece?.edges.find((edge) => edge.id === id)?.length ?? 0;
        for (const seam of ["frontSeam", "backSeam"]) {
          expect(lengthOf(top, seam)).toBeGreaterThan(100);
          expect(lengthOf(top, seam)).toBeCloseTo(lengthOf(under, seam), 6);
        }
      }),
      { numRuns: 60 },
    );
  });

  it("is as wide round the wrist, the elbow and the cap line as in one piece", () => {
    const { sleeve, parts } = cut();
    const { elbowWidth, wristWidth } = cutTask();
    const across = (part: TwoPiece["top"]) => endOf(part.frontSeam).x - endOf(part.backSeam).x;
    expect(across(parts.top) + across(parts.under)).toBeCloseTo(wristWidth, 9);
    expect(2 * ((parts.elbow?.front.x ?? 0) - (parts.elbow?.back.x ?? 0))).toBeCloseTo(elbowWidth, 9);
    expect(4 * parts.quarter).toBeCloseTo(sleeve.frame.frontWidth + sleeve.frame.backWidth, 9);
  });

  it("meets itself: both pieces end where the other begins, and the under cap is smooth at the underarm", () => {
    const { sleeve, parts } = cut();
    const { top, under, choices, quarter } = parts;
    expect(distance(startOf(top.frontSeam), endOf(top.cap))).toBeLessThan(1e-6);
    expect(distance(startOf(under.frontSeam), endOf(under.cap))).toBeLessThan(1e-6);
    expect(distance(startOf(top.backSeam), startOf(top.cap))).toBeLessThan(1e-6);
    expect(distance(startOf(under.backSeam), startOf(under.cap))).toBeLessThan(1e-6);
    expect(startOf(top.frontSeam).x).toBeCloseTo(quarter + choices.frontUnder, 6);
    const underarm = endOf(under.cap.slice(0, 1));
    expect(underarm.x).toBeCloseTo(0, 9);
    expect(underarm.y).toBeCloseTo(sleeve.outline.frontEnd.y, 9);
    for (const [cubic, t] of [
      [0, 1],
      [1, 0],
    ] as const) {
      const { x, y } = cubicDerivative(under.cap[cubic] as TwoPiece["top"]["cap"][number], t);
      expect(Math.abs(y / x)).toBeLessThan(1e-6);
    }
  });

  it("leaves its cap straight down, so that the caps of both pieces run into each other", () => {
    const { parts } = cut();
    for (const seam of [parts.top.frontSeam, parts.top.backSeam, parts.under.frontSeam, parts.under.backSeam]) {
      const { x, y } = cubicDerivative(seam[0] as (typeof seam)[number], 0);
      expect(Math.abs(x / y)).toBeLessThan(1e-9);
    }
  });

  it("has every notch of the armhole on one of its pieces, at its distance along the fitted cap", () => {
    const { garment, sleeve } = cut();
    const ids = garment.pieces.flatMap((piece) => piece.notches.map((notch) => notch.id));
    for (const { id } of sleeve.notches) expect(ids.filter((one) => one === id).length).toBe(1);
    expect(ids).toContain("underarm");
    expect(ids.filter((id) => id === "frontElbow").length).toBe(2);
  });

  it("crosses itself nowhere, whatever its choices", () => {
    fc.assert(
      fc.property(anyCut, (changes) => {
        for (const piece of cut(changes).garment.pieces) expect(crossesItself(piece.outline)).toBe(false);
      }),
      { numRuns: 40 },
    );
  });

  it("names only letters that are marked by then", () => {
    const { sleeve } = cut({ hemTurnUp: 30 });
    expectLettersMarked(sleeve);
    expect(sleeve.draft.title).toContain("Two-piece");
  });

  it("is drawn in one piece, and said so, when hardly an under sleeve would be left; both ways out end that", () => {
    const spec = withSleeve({ cut: "two-piece", frontSeamUnder: 70, backSeamUnder: 40 });
    const garment = draftGarment(spec);
    const { pieces, findings } = garment;
    expect(sewnSleeve(garment)?.sleeve.twoPiece).toBeNull();
    expect(pieces.map((piece) => piece.id)).toEqual(["sleeve"]);
    const found = findings.find((finding) => finding.code === "under-sleeve-too-narrow");
    expect(found?.severity).toBe("fault");
    expect(found?.remedies.map((remedy) => remedy.id)).toEqual(["seams-less-under", "one-piece"]);
    for (const remedy of found?.remedies ?? []) {
      const after = draftGarment(applyChange(spec, remedy.change));
      expect(after.findings.some((finding) => finding.code === "under-sleeve-too-narrow")).toBe(false);
      expect(after.pieces.length).toBe(remedy.id === "one-piece" ? 1 : 2);
    }
  });

  function cutTask() {
    const { garment } = cut();
    const sewn = sewnSleeve(garment);
    if (!sewn) throw new Error("the sample has a sleeve");
    return sewn.task.lengths;
  }
});

describe("an elbow dart", () => {
  function darted(changes: Partial<NonNullable<GarmentSpec["sleeve"]>> = {}) {
    const garment = draftGarment(withSleeve({ elbowDart: 25.4, ...changes }));
    const sleeve = sewnSleeve(garment)?.sleeve;
    if (!sleeve?.outline.elbowDart) throw new Error("the sample takes an elbow dart");
    return { garment, sleeve, outline: sleeve.outline, dart: sleeve.outline.elbowDart };
  }
  const anyDart = fc.record({ elbowDart: size(4, 50), elbowEase: size(0, 60), length: size(380, 620) });

  it("takes in what is asked, with legs of one length, and leaves the underarm seams of one length", () => {
    fc.assert(
      fc.property(anyDart, (changes) => {
        const { outline, dart } = darted(changes);
        expect(distance(dart.upper, dart.lower)).toBeCloseTo(changes.elbowDart, 6);
        expect(distance(dart.upper, dart.apex)).toBeCloseTo(distance(dart.lower, dart.apex), 6);
        const back = pathLength(outline.underarmBack) + pathLength(dart.below);
        expect(back).toBeCloseTo(pathLength(outline.underarmFront), 6);
      }),
      { numRuns: 60 },
    );
  });

  it("swings the lower sleeve to the front and keeps its width and its length", () => {
    const plain = sewnSleeve(draftGarment(withSleeve({})))?.sleeve.outline;
    const { outline } = darted();
    if (!plain) throw new Error("the sample has a sleeve");
    expect(outline.frontHem.x).toBeGreaterThan(plain.frontHem.x + 10);
    expect(outline.backHem.x).toBeGreaterThan(plain.backHem.x + 10);
    expect(distance(outline.frontHem, outline.backHem)).toBeCloseTo(distance(plain.frontHem, plain.backHem), 9);
  });

  it("leaves the front seam smooth where the sleeve is swung about it", () => {
    const { outline } = darted();
    const [above, below] = outline.underarmFront;
    if (!above || !below) throw new Error("the seam bends at the elbow");
    const leaving = cubicDerivative(above, 1);
    const arriving = cubicDerivative(below, 0);
    expect(leaving.x / leaving.y).toBeCloseTo(arriving.x / arriving.y, 9);
  });

  it("has its tip caught in the seam when it is folded down: mirrored in the lower leg it lies on the seam below", () => {
    const { dart } = darted();
    const leg = { x: dart.apex.x - dart.lower.x, y: dart.apex.y - dart.lower.y };
    const out = { x: dart.tip.x - dart.lower.x, y: dart.tip.y - dart.lower.y };
    const share = (2 * (leg.x * out.x + leg.y * out.y)) / (leg.x ** 2 + leg.y ** 2);
    const folded = { x: share * leg.x - out.x, y: share * leg.y - out.y };
    const seam = cubicDerivative(dart.below[0] as (typeof dart.below)[number], 0);
    expect(folded.x * seam.y - folded.y * seam.x).toBeCloseTo(0, 6);
    expect(folded.y).toBeGreaterThan(0);
    expect(distance(dart.tip, dart.upper)).toBeCloseTo(distance(dart.tip, dart.lower), 6);
  });

  it("crosses nothing, also with a hem turned up, and its card names only letters that are marked by then", () => {
    for (const hemTurnUp of [0, 30]) {
      const { garment, sleeve } = darted({ hemTurnUp });
      expect(crossesItself(garment.pieces[0]?.outline ?? [])).toBe(false);
      expectLettersMarked(sleeve);
    }
  });

  it("of nothing is the plain sleeve exactly", () => {
    expect(draftGarment(withSleeve({ elbowDart: 0 })).pieces).toEqual(draftGarment(withSleeve({})).pieces);
  });

  it("is left out, and said so, where the sleeve ends above the elbow or is cut in two; taking it off ends that", () => {
    for (const changes of [{ length: 250 }, { cut: "two-piece" as const }]) {
      const spec = withSleeve({ elbowDart: 25, ...changes });
      const found = draftGarment(spec).findings.find((finding) => finding.code === "elbow-dart-left-out");
      const [remedy] = found?.remedies ?? [];
      const after = draftGarment(applyChange(spec, remedy?.change ?? {}));
      expect(found).toBeDefined();
      expect(after.findings.some((finding) => finding.code === "elbow-dart-left-out")).toBe(false);
    }
  });
});

function expectLettersMarked({ draft }: SetInSleeve) {
  const marked = new Set<string>();
  for (const step of draft.steps) {
    for (const p of step.points) marked.add(p.letter);
    for (const part of [...step.text, ...(step.tapeCheck ?? [])]) {
      if (typeof part === "object" && "point" in part) expect([...marked]).toContain(part.point);
    }
  }
}
