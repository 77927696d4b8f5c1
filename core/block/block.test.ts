import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { along, cubicDerivative, endOf, pathLength, startOf } from "../geometry";
import { lengthToLevel, rebuildBlock } from ".";

const SHOULDER_ANGLE = 0.22;
const readings = { front: 222, back: 235, depth: 197, shoulderAngle: SHOULDER_ANGLE };

describe("the armhole rebuilt from its readings", () => {
  it("honours every reading to 0.1 mm or names the contradiction in numbers, over thousands of readings", () => {
    const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    let rebuiltOnes = 0;
    fc.assert(
      fc.property(
        size(50, 350),
        size(0.9, 1.7),
        size(0.9, 1.7),
        size(0, 0.5),
        (depth, frontShare, backShare, shoulderAngle) => {
          const [front, back] = [depth * frontShare, depth * backShare];
          const rebuilt = rebuildBlock({ front, back, depth, shoulderAngle });
          if (rebuilt.ok) {
            rebuiltOnes++;
            expect(Math.abs(pathLength(rebuilt.block.front.path) - front)).toBeLessThan(0.1);
            expect(Math.abs(pathLength(rebuilt.block.back.path) - back)).toBeLessThan(0.1);
            expect(endOf(rebuilt.block.front.path).y - startOf(rebuilt.block.front.path).y).toBeCloseTo(depth, 9);
          } else {
            for (const c of rebuilt.contradictions) {
              expect(c.length < c.least || c.length > c.most).toBe(true);
              expect(Number.isFinite(c.nearestDepth)).toBe(true);
            }
            expect(rebuilt.contradictions.length).toBeGreaterThan(0);
          }
        },
      ),
      { numRuns: 3000 },
    );
    expect(rebuiltOnes).toBeGreaterThan(100);
  });

  it("leaves the shoulder square to its seam and meets the side seam square", () => {
    const rebuilt = rebuildBlock(readings);
    if (!rebuilt.ok) throw new Error("these readings go together");
    const [cubic] = rebuilt.block.front.path;
    if (!cubic) throw new Error("a path has a cubic");
    const leaving = cubicDerivative(cubic, 0);
    // The shoulder seam runs up and inwards at the shoulder angle; square to it has no part along it.
    expect(leaving.x * -Math.cos(SHOULDER_ANGLE) + leaving.y * -Math.sin(SHOULDER_ANGLE)).toBeCloseTo(0, 9);
    expect(cubicDerivative(cubic, 1).y).toBeCloseTo(0, 9);
  });

  it("hollows the front more than the back where both measure the same", () => {
    const rebuilt = rebuildBlock({ ...readings, front: 228, back: 228 });
    if (!rebuilt.ok) throw new Error("these readings go together");
    const inset = (half: typeof rebuilt.block.front) =>
      Math.min(...Array.from({ length: 50 }, (_, i) => along(half.path, (half.length * i) / 50).point.x));
    expect(inset(rebuilt.block.front)).toBeLessThan(inset(rebuilt.block.back));
  });

  it("resolves a contradiction with the nearest depth it names", () => {
    const short = rebuildBlock({ ...readings, depth: 230 });
    if (short.ok) throw new Error("a curve cannot be shorter than its depth");
    const nearest = Math.min(...short.contradictions.map((c) => c.nearestDepth));
    expect(rebuildBlock({ ...readings, depth: nearest - 0.5 }).ok).toBe(true);
  });

  it("finds how far along the curve a level lies", () => {
    const rebuilt = rebuildBlock(readings);
    if (!rebuilt.ok) throw new Error("these readings go together");
    const { front } = rebuilt.block;
    const at = lengthToLevel(front, 60);
    expect(along(front.path, front.length - at).point.y).toBeCloseTo(readings.depth - 60, 6);
  });
});
