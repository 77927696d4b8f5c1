import fc from "fast-check";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import {
  betweenDirections,
  distance,
  flatten,
  type Point,
  pathLength,
  rotateDirection,
  startOf,
  step,
  svgPathData,
} from "../../geometry";
import { withCollar } from "../../testing/collars";
import { sampleSpec } from "../../testing/sample";
import { endSwungOut, overlaidBack, tiltedBack, tiltRange } from "./back-collar";
import { breakLevel, clearanceInside, frontGround, offRollLine, turnedBack } from "./front-ground";
import { buttonsBelow } from "./front-pieces";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const place = fc.record({ x: size(-200, 300), y: size(-200, 600) });

function baseOf(spec = withCollar("notched")) {
  const { block, resolved } = draftGarment(spec);
  if (!block) throw new Error("the sample drafts");
  return {
    block,
    neck: 360,
    closing: "buttons" as const,
    buttonSize: 22,
    hasBackFacing: true,
    waist: block.levels.find(({ id }) => id === "waist")?.y ?? resolved.bodice.backLength,
  };
}

const base = baseOf();

function groundOf({ breakY = 380, beyond = 30, ahead = 0 } = {}) {
  const ground = frontGround(base, { breakY, beyond, ahead });
  if (!ground) throw new Error("it breaks below the neck");
  return ground;
}

describe("the roll line", () => {
  it("turns what lies outside it back by mirroring: twice is nothing, and distances are kept (geometry)", () => {
    fc.assert(
      fc.property(place, place, size(0, 45), (p, q, ahead) => {
        const ground = groundOf({ ahead });
        const [a, b] = [turnedBack(ground, p), turnedBack(ground, q)];
        expect(distance(a, b)).toBeCloseTo(distance(p, q), 6);
        expect(distance(turnedBack(ground, a), p)).toBeLessThan(1e-9);
        expect(offRollLine(ground, a)).toBeCloseTo(-offRollLine(ground, p), 6);
      }),
      { numRuns: 60 },
    );
  });

  it("leaves what lies on it where it is", () => {
    const ground = groundOf({ ahead: 38 });
    for (const along of [0, 120, 380]) {
      const on = step(ground.breakPoint, ground.up, along);
      expect(distance(turnedBack(ground, on), on)).toBeLessThan(1e-9);
    }
    expect(offRollLine(ground, ground.rollTop)).toBeCloseTo(0, 9);
  });

  it("is none where the break point does not lie below the front neck", () => {
    const neck = startOf(base.block.front.centre).y;
    expect(frontGround(base, { breakY: neck, beyond: 20, ahead: 0 })).toBeNull();
    expect(frontGround(base, { breakY: neck + 40, beyond: 20, ahead: 0 })).not.toBeNull();
  });

  it("breaks at the usual places, from the top down; without an under-bust line between chest and waist", () => {
    for (const one of [base, baseOf(sampleSpec())]) {
      const levels = (["chest", "underbust", "above-waist", "waist"] as const).map((at) => breakLevel(one, at));
      const [chest = 0, underbust = 0, above = 0, waist = 0] = levels;
      expect(underbust).toBeGreaterThan(chest - 25.4);
      expect(above).toBeGreaterThan(underbust);
      expect(waist - above).toBeCloseTo(50.8, 9);
      expect(waist).toBeCloseTo(one.waist, 9);
    }
    const drafted = base.block.levels.find(({ id }) => id === "underbust")?.y ?? 0;
    expect(breakLevel(base, "underbust")).toBeCloseTo(drafted - 25.4, 9);
  });
});

describe("how far inside the armhole something keeps", () => {
  const armhole = flatten(base.block.front.armhole.path);
  const middle = armhole[Math.floor(armhole.length / 2)] as Point;

  it("is its least distance, and less than nothing beyond the armhole", () => {
    expect(clearanceInside([{ x: middle.x - 30, y: middle.y }], armhole)).toBeGreaterThan(10);
    expect(clearanceInside([{ x: middle.x + 30, y: middle.y }], armhole)).toBeLessThan(-10);
    expect(clearanceInside([middle], armhole)).toBeCloseTo(0, 9);
  });

  it("is that of the place that comes nearest", () => {
    const [near, far] = [-12, -80].map((off) => ({ x: middle.x + off, y: middle.y })) as [Point, Point];
    expect(clearanceInside([near, far], armhole)).toBeCloseTo(clearanceInside([near], armhole), 9);
  });
});

describe("the back of a collar", () => {
  it("tilted, swings its end out by the chord, keeps its neck edge and its width, and stays square (geometry)", () => {
    fc.assert(
      fc.property(size(-0.3, 1.2), size(60, 140), size(0, 45), (tilt, width, ahead) => {
        const ground = groundOf({ ahead });
        const back = tiltedBack(ground, width, tilt);
        expect(pathLength(back.neck)).toBeCloseTo(ground.backNeck, 6);
        expect(endSwungOut(ground, back)).toBeCloseTo(Math.abs(2 * ground.backNeck * Math.sin(tilt / 2)), 6);
        const { neck, outer } = back.centreBack;
        expect(distance(neck, outer)).toBeCloseTo(width, 6);
        expect((outer.x - neck.x) * back.away.x + (outer.y - neck.y) * back.away.y).toBeCloseTo(0, 6);
        expect(distance(ground.neck, back.atShoulder)).toBeCloseTo(width, 6);
      }),
      { numRuns: 60 },
    );
  });

  it("has, untilted, an outer edge as long as its neck edge, and tilted inwards a shorter one", () => {
    const ground = groundOf();
    const edge = (tilt: number) => pathLength([tiltedBack(ground, 100, tilt).outer]);
    expect(edge(0)).toBeCloseTo(ground.backNeck, 6);
    expect(edge(-0.2)).toBeLessThan(ground.backNeck);
    const { least, most } = tiltRange(ground, 100);
    expect(edge(least)).toBeLessThan(edge(0));
    expect(edge(most)).toBeGreaterThan(edge(1));
  });

  it("laid on, is the back neckline unchanged: only turned and moved", () => {
    fc.assert(
      fc.property(size(15, 60), size(60, 140), (stand, width) => {
        const ground = groundOf();
        const { neck } = overlaidBack(ground, width, stand);
        const own = base.block.back.neckline.path;
        for (const [i, cubic] of neck.entries()) {
          const before = own[i];
          if (!before) throw new Error("a copy has as many parts");
          for (let k = 1; k < 4; k++)
            expect(distance(cubic[k] as Point, cubic[0])).toBeCloseTo(distance(before[k] as Point, before[0]), 6);
        }
        expect(distance(neck[0]?.[0] as Point, ground.neck)).toBeLessThan(1e-9);
      }),
      { numRuns: 40 },
    );
  });

  it("with more stand laid on is swung further from the crease", () => {
    const ground = groundOf();
    const swung = [20, 35, 50].map((stand) => endSwungOut(ground, overlaidBack(ground, 100, stand)));
    expect(swung[1]).toBeGreaterThan(swung[0] ?? 0);
    expect(swung[2]).toBeGreaterThan(swung[1] ?? 0);
  });
});

describe("a curve between two directions", () => {
  it("is, of one turn throughout, the arc of a circle within a thousandth of its length (geometry)", () => {
    fc.assert(
      fc.property(size(0.05, 1.4), size(40, 200), (turn, radius) => {
        const from = { x: 0, y: 0 };
        const leaving = { x: 1, y: 0 };
        const to = { x: radius * Math.sin(turn), y: radius * (1 - Math.cos(turn)) };
        const arc = betweenDirections(from, leaving, to, rotateDirection(leaving, turn));
        const long = new svgPathProperties(svgPathData([arc])).getTotalLength();
        expect(Math.abs(long / (radius * turn) - 1)).toBeLessThan(1e-3);
      }),
      { numRuns: 60 },
    );
  });
});

describe("buttons", () => {
  it("start at the break point, end above the hem and lie evenly, as near to what was asked as comes out", () => {
    fc.assert(
      fc.property(size(200, 430), size(40, 160), (breakY, spacing) => {
        const ground = groundOf({ breakY });
        const buttons = buttonsBelow(ground, spacing, { closing: "buttons" });
        const hem = base.block.front.centre.at(-1)?.[3].y ?? 0;
        expect(buttons[0]?.y).toBeCloseTo(breakY, 9);
        expect(buttons.at(-1)?.y).toBeLessThan(hem);
        const gaps = buttons.slice(1).map(({ y }, i) => y - (buttons[i]?.y ?? 0));
        for (const gap of gaps) {
          expect(gap).toBeCloseTo(gaps[0] ?? 0, 6);
          // Where only one comes out, half of it or half as much again.
          expect(gap).toBeGreaterThan(spacing * 0.499);
          expect(gap).toBeLessThan(spacing * 1.501);
        }
      }),
      { numRuns: 60 },
    );
  });
});
