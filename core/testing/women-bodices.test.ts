import { describe, expect, it } from "vitest";
import type { Block, BodiceHalf } from "../block";
import { along, crossesItself, pathsCross } from "../geometry";
import { writeResult } from "../result";
import { applyChange, readGarment } from "../spec";
import { bodyOf, draftedFor, someWomen } from "./women";

const BLOCKS: readonly Record<string, string>[] = [
  { style: "woven" },
  { style: "woven", shaping: "shoulder-darts" },
  { style: "woven", shaping: "princess-shoulder", armholeRule: "bust-quarter" },
  { style: "woven", shaping: "princess-armhole", neckRule: "neck-sixth" },
  { style: "knit" },
  { style: "dropped" },
];

describe("drafted blocks for women (open data set: Heinz, Peterson, Johnson and Kerk 2003)", () => {
  it.each(BLOCKS.map((block) => [Object.values(block).join(", "), block] as const))(
    "D1: every one gets one without fault, front armhole hollower than back, smooth at the shoulder and square at the centre: %s",
    (_name, choices) => {
      for (const [i, woman] of someWomen.entries()) {
        const read = readGarment({
          format: "gamine-garment/1",
          unit: "mm",
          body: bodyOf(woman),
          block: { source: "drafted", ...choices },
        });
        if (!read.ok) throw new Error(read.issues.map((issue) => issue.message).join(" "));
        const garment = draftedFor(read.spec);
        const { block } = garment;
        expect(block, garment.findings.map((finding) => finding.code).join(" ")).not.toBeNull();
        if (!block) continue;
        expect(garment.findings.filter((f) => f.severity === "fault" && f.station === "block")).toEqual([]);
        // The result holds the cutting lines too, which take their time: it is written for one in four.
        if (i % 4 === 0) expect(JSON.stringify(writeResult(garment))).not.toContain("NaN");
        for (const half of [block.front, block.back]) expectWellDrawn(half);
        expect(hollow(block.front)).toBeGreaterThan(hollow(block.back));
        // Joined at the shoulder, front and back run on in one line: both leave it square.
        expect(cornerAtShoulder(block, "armhole")).toBeLessThan(1e-6);
        expect(cornerAtShoulder(block, "neckline")).toBeLessThan(1e-6);
      }
    },
  );
});

describe("sleeves cut with the drafted bodice, for women (open data set: Heinz, Peterson, Johnson and Kerk 2003)", () => {
  it.each([
    ["raglan", {}, {}],
    ["raglan", { cut: "two-piece" }, { shaping: "shoulder-darts" }],
    ["raglan", {}, { shaping: "princess-shoulder", bodyLength: "hip" }],
    ["offShoulder", {}, { gathers: "slight" }],
    ["kimono", {}, {}],
    ["kimono", { length: 450, kimono: { drop: 200, gusset: 150 } }, { bodyLength: "hip" }],
  ] as const)(
    "D1: every one's %s sleeve %o on a bodice %o has its pairs of edges within 0.05 mm, simple outlines and the block's whole neckline",
    (kind, choices, block) => {
      for (const [i, woman] of someWomen.entries()) {
        const read = readGarment({
          format: "gamine-garment/1",
          unit: "mm",
          body: bodyOf(woman),
          block: { source: "drafted", ...block },
          sleeve: { kind, ...choices },
        });
        if (!read.ok) throw new Error(read.issues.map((issue) => issue.message).join(" "));
        const asked = draftedFor(read.spec);
        // The result holds the cutting lines too, which take their time: it is written for one in four.
        if (i % 4 === 0) expect(JSON.stringify(writeResult(asked))).not.toContain("NaN");
        const fault = asked.findings.find((finding) => finding.severity === "fault");
        const garment = fault ? draftedFor(applyChange(read.spec, fault.remedies[0]?.change ?? {})) : asked;
        const { sleeve } = garment;
        expect(sleeve?.family, fault?.code).toBe("bodice");
        for (const seam of sleeve?.seams ?? []) {
          if (seam.id !== "raglan.overarm") expect(Math.abs(seam.ease), seam.id).toBeLessThan(0.05);
        }
        for (const piece of garment.pieces) expect(crossesItself(piece.outline), piece.id).toBe(false);
        const { front, back } = garment.block ?? {};
        const whole = garment.figures.find((figure) => figure.id === "raglan.neckline")?.value;
        if (whole !== undefined && front && back) {
          expect(whole).toBeCloseTo(front.neckline.length + back.neckline.length, 6);
        }
      }
    },
  );
});

function expectWellDrawn(half: BodiceHalf) {
  expect(Math.abs(along(half.neckline.path, half.neckline.length).direction.y)).toBeLessThan(1e-6);
  const underarm = along(half.armhole.path, half.armhole.length).direction;
  const side = along(half.sideSeam, 0).direction;
  // Square to a side that leads in; level where it leads out.
  expect(Math.abs(side.x <= 0 ? side.x * underarm.x + side.y * underarm.y : underarm.y)).toBeLessThan(1e-6);
  for (const path of [half.armhole.path, half.neckline.path, half.sideSeam]) expect(crossesItself(path)).toBe(false);
  expect(pathsCross(half.armhole.path, half.neckline.path)).toBe(false);
  expect(pathsCross(half.sideSeam, half.centre)).toBe(false);
}

/** The area between the armhole and the straight line from its shoulder point (less a dart) to the underarm, over the depth. */
function hollow(half: BodiceHalf): number {
  const steps = 200;
  const points = Array.from(
    { length: steps + 1 },
    (_, i) => along(half.armhole.path, (half.armhole.length * i) / steps).point,
  );
  const [first, last] = [points[0], points[steps]];
  if (!first || !last) throw new Error("an armhole has ends");
  const area = points.reduce((sum, p, i) => {
    const q = points[(i + 1) % points.length] ?? first;
    return sum + (p.x * q.y - q.x * p.y) / 2;
  }, 0);
  return Math.abs(area) / (last.y - first.y);
}

/** The angle by which the joined curve turns where front and back meet at the shoulder, in radians. */
function cornerAtShoulder(block: Block, curve: "armhole" | "neckline"): number {
  const turns = [block.front, block.back].map((half) => {
    const shoulder = along(half.shoulder.path, 1).direction;
    const leaving = along(half[curve].path, 0).direction;
    return Math.acos(shoulder.x * leaving.x + shoulder.y * leaving.y);
  });
  return Math.abs(turns.reduce((sum, turn) => sum + turn, 0) - Math.PI);
}
