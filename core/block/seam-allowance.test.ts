import { describe, expect, it } from "vitest";
import { along, type Path, type Point } from "../geometry";
import { type BlockReadings, rebuildBlock, stitchingLineOffsets } from ".";

const read = (value: number) => ({ value, isEstimate: false });
const STITCHED: BlockReadings = {
  armhole: { front: 222, back: 235, depth: 197 },
  shoulder: { length: 122, slope: 27 },
  neckline: { width: read(76), front: { depth: read(80), length: null }, back: { depth: read(25), length: null } },
};
const ALLOWANCE = 12.7;
const STEPS = 4000;

/** The length of the line that lies `by` mm beside the path on its left, walked in short straight steps: no rule of ours. */
function parallelLength(path: Path, length: number, by: number): number {
  const points: Point[] = Array.from({ length: STEPS + 1 }, (_, i) => {
    const { point, direction } = along(path, (length * i) / STEPS);
    return { x: point.x + direction.y * by, y: point.y - direction.x * by };
  });
  return points
    .slice(1)
    .reduce((sum, p, i) => sum + Math.hypot(p.x - (points[i] as Point).x, p.y - (points[i] as Point).y), 0);
}

describe("readings along the cut edge", () => {
  const rebuilt = rebuildBlock(STITCHED);
  if (!rebuilt.ok) throw new Error("these readings go together");
  const { front, back } = rebuilt.block;
  const angle = Math.asin(27 / 122);
  const offsets = stitchingLineOffsets(ALLOWANCE, angle);

  it.each([
    ["front", front],
    ["back", back],
  ] as const)(
    "come back to the stitching line on the %s armhole (geometry: parallel curves, walked step by step)",
    (side, half) => {
      // The hole lies to the left of the way down; the cut edge runs on by one allowance over shoulder and side seam.
      const cut = parallelLength(half.armhole.path, half.armhole.length, ALLOWANCE) + 2 * ALLOWANCE;
      expect(cut + offsets[`armhole.${side}`]).toBeCloseTo(half.armhole.length, 2);
    },
  );

  it.each([
    ["front", front],
    ["back", back],
  ] as const)("come back to the stitching line on the %s neckline, whose centre is a fold", (side, half) => {
    const cut = parallelLength(half.neckline.path, half.neckline.length, -ALLOWANCE) + ALLOWANCE;
    expect(cut + offsets[`neckline.${side}Length`]).toBeCloseTo(half.neckline.length, 2);
  });

  it("come back to the stitching line for depths, widths and the shoulder (geometry: corners moved square to their edges)", () => {
    const along_: Point = { x: Math.cos(angle), y: Math.sin(angle) };
    const up: Point = { x: along_.y, y: -along_.x };
    const corner = (p: Point, outwards: number): Point => ({
      x: p.x + ALLOWANCE * (up.x + outwards * along_.x),
      y: p.y + ALLOWANCE * (up.y + outwards * along_.y),
    });
    const neck = corner({ x: 76, y: 0 }, -1);
    const shoulder = corner({ x: 76 + 122 * Math.cos(angle), y: 27 }, 1);
    const cutDepth = 27 + 197 - ALLOWANCE - shoulder.y;
    expect(cutDepth + offsets["armhole.depth"]).toBeCloseTo(197, 9);
    expect(Math.hypot(shoulder.x - neck.x, shoulder.y - neck.y) + offsets["shoulder.length"]).toBeCloseTo(122, 9);
    expect(shoulder.y - neck.y + offsets["shoulder.slope"]).toBeCloseTo(27, 9);
    expect(neck.x + offsets["neckline.width"]).toBeCloseTo(76, 9);
    expect(80 - ALLOWANCE - neck.y + offsets["neckline.frontDepth"]).toBeCloseTo(80, 9);
  });

  it("are left alone without an allowance", () => {
    for (const offset of Object.values(stitchingLineOffsets(0, 0.3))) expect(offset).toBeCloseTo(0, 12);
  });
});
