import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { along, endOf, lengthAtHeight, type Path, pathLength } from "../../geometry";
import { LENGTHS, size } from "../../testing/set-in";
import { CAP_SHAPES, type CapShapes } from "../cap/cap-shape";
import { type CapSeams, feasibleRange, fitCap } from "../cap/fit";
import { outlineSleeve, type SleeveOutline } from "./outline";

/** Seams of every build, and how far up the feasible range of widths the sleeve lies. */
const anyFit = fc.record({
  front: size(190, 300),
  back: size(190, 300),
  share: size(0.05, 0.95),
  curve: fc.constantFrom("quarters" as const, "middle" as const),
});

function fitted(seams: CapSeams, shapes: CapShapes, share: number) {
  const range = feasibleRange(seams, shapes, { least: 60, most: 180 });
  if (!range) throw new Error("these seams take a cap");
  const cap = fitCap(seams, shapes, range.width.least + (range.width.most - range.width.least) * share, range);
  if (!cap) throw new Error("the width lies in the range");
  return cap;
}

function outlineOf(seams: CapSeams, shapes: CapShapes, share: number, lengths = LENGTHS): SleeveOutline {
  const cap = fitted(seams, shapes, share);
  return outlineSleeve({ ...cap, figures: [], opening: { text: [] }, solvers: [] }, shapes, lengths);
}

function expectMirrored(path: Path, other: Path) {
  expect(path.length).toBe(other.length);
  path.forEach((cubic, i) => {
    cubic.forEach((p, k) => {
      const q = other[i]?.[k as 0 | 1 | 2 | 3];
      expect(q?.x).toBeCloseTo(-p.x, 4);
      expect(q?.y).toBeCloseTo(p.y, 4);
    });
  });
}

describe("a turned-up hem", () => {
  const turned = (turnUp: number) =>
    outlineOf({ front: 230, back: 240 }, CAP_SHAPES.quarters, 0.5, { ...LENGTHS, turnUp });

  it("lies on the seams above it when it is folded: every place of it is one of theirs, mirrored in the hem", () => {
    fc.assert(
      fc.property(size(5, 120), size(0, 1), (turnUp, share) => {
        const { turnUp: sides, underarmFront, frontHem } = turned(turnUp);
        if (!sides) throw new Error("there is room for it");
        const { point } = along(sides.front, pathLength(sides.front) * share);
        const level = Math.min(frontHem.y, 2 * frontHem.y - point.y);
        const above = along(underarmFront, lengthAtHeight(underarmFront, level)).point;
        expect(point.x).toBeCloseTo(above.x, 5);
        expect(endOf(sides.front).y).toBeCloseTo(frontHem.y + turnUp, 5);
      }),
      { numRuns: 60 },
    );
  });

  it("is wider at its edge than the hem of a tapering sleeve, and the same on both sides", () => {
    const { turnUp, frontHem } = turned(25.4);
    if (!turnUp) throw new Error("there is room for it");
    expect(endOf(turnUp.front).x).toBeGreaterThan(frontHem.x + 1);
    expectMirrored(turnUp.front, turnUp.back);
  });

  it("is none where none is asked for, or deeper than the seam above", () => {
    expect(turned(0).turnUp).toBeNull();
    expect(turned(570).turnUp).toBeNull();
  });
});

describe("a sleeve whose front and back change places", () => {
  it("is the mirror image: same height, widths swapped, every line on the other side", () => {
    fc.assert(
      fc.property(anyFit, ({ front, back, share, curve }) => {
        const shapes = CAP_SHAPES[curve];
        const swappedShapes = { front: shapes.back, back: shapes.front };
        const outline = outlineOf({ front, back }, shapes, share);
        const swapped = outlineOf({ front: back, back: front }, swappedShapes, share);
        expect(swapped.crown.x).toBeCloseTo(-outline.crown.x, 4);
        expectMirrored([outline.capFront], [swapped.capBack]);
        expectMirrored([outline.capBack], [swapped.capFront]);
        expectMirrored(outline.underarmFront, swapped.underarmBack);
        expectMirrored(outline.underarmBack, swapped.underarmFront);
      }),
      { numRuns: 60 },
    );
  });

  it("is not its own mirror image: the halves bend differently even on equal seams", () => {
    const { capFront, capBack } = outlineOf({ front: 230, back: 230 }, CAP_SHAPES.quarters, 0.5);
    expect(Math.abs(capFront[1].x + capBack[1].x)).toBeGreaterThan(5);
  });
});
