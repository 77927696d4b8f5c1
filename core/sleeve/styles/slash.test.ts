import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  areaOf,
  type Cubic,
  crossesItself,
  cubicDerivative,
  cubicPoint,
  distance,
  endOf,
  findRoot,
  line,
  type Path,
  pathLength,
  reversePath,
  startOf,
  subpath,
} from "../../geometry";
import { halfCap } from "../set-in";
import { type Slashed, type Slashing, slash } from "./slash";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** A sleeve of invented size: its crown 8 mm to the front of the grain. */
function sleeve(changes: Partial<Slashing> = {}): Slashing {
  const at = (half: Cubic, mirror: 1 | -1): Cubic =>
    half.map((p) => ({ x: 8 + mirror * p.x, y: p.y })) as unknown as Cubic;
  return {
    capFront: at(halfCap({ crownFullness: 0.6, underarmHollow: 0.4 }, 160, 140), 1),
    capBack: at(halfCap({ crownFullness: 0.6, underarmHollow: 0.4 }, 176, 140), -1),
    hem: 240,
    hemHalf: 150,
    from: -100,
    to: 95,
    atCrown: 0,
    atHem: 0,
    middle: 0.5,
    ...changes,
  };
}
const UNDERARM_FRONT = line({ x: 168, y: 140 }, { x: 150, y: 240 });
const UNDERARM_BACK = line({ x: -168, y: 140 }, { x: -150, y: 240 });

const anySpread = fc.record({ atCrown: size(0, 250), atHem: size(0.01, 250), middle: size(0.35, 0.65) });

const bySpread = (of: Partial<Slashing>) => slash(sleeve(of), 6);
const hemLength = (of: Partial<Slashing>) => pathLength(bySpread(of).hem);
const capLength = (of: Partial<Slashing>) => pathLength(bySpread(of).capBack) + pathLength(bySpread(of).capFront);

describe("a sleeve slashed and spread", () => {
  it("by nothing is the plain sleeve", () => {
    const plain = sleeve();
    const { capBack, capFront, hem, placeFront } = slash(plain, 6);
    expect(pathLength(capFront)).toBeCloseTo(pathLength([plain.capFront]), 3);
    expect(pathLength(capBack)).toBeCloseTo(pathLength([plain.capBack]), 3);
    expect(pathLength(hem)).toBeCloseTo(300, 9);
    expect(placeFront(UNDERARM_FRONT)).toEqual(UNDERARM_FRONT);
    const dense = Array.from({ length: 2001 }, (_, k) => cubicPoint(plain.capBack, k / 2000));
    const far = Math.max(...capBack.map(([p]) => Math.min(...dense.map((q) => distance(p, q)))));
    expect(far).toBeLessThan(0.1);
  });

  it("parallel opens crown and hem by what is asked, and turns nothing", () => {
    fc.assert(
      fc.property(size(1, 250), (by) => {
        const { hem, placeFront, placeBack } = bySpread({ atCrown: by, atHem: by });
        expect(pathLength(hem)).toBeCloseTo(300 + by, 3);
        const front = startOf(placeFront(UNDERARM_FRONT));
        const back = startOf(placeBack(UNDERARM_BACK));
        expect(front.x - back.x).toBeCloseTo(336 + by, 6);
        expect(front.y).toBeCloseTo(140, 9);
      }),
      { numRuns: 40 },
    );
  });

  it("as a fan at the crown keeps the hem's length exactly, as a fan at the hem the cap's", () => {
    fc.assert(
      fc.property(size(1, 250), (by) => {
        expect(hemLength({ atCrown: by })).toBeCloseTo(300, 3);
        expect(capLength({ atCrown: by })).toBeGreaterThan(capLength({}) + by * 0.7);
        expect(capLength({ atHem: by })).toBeCloseTo(capLength({}), 2);
        expect(hemLength({ atHem: by })).toBeGreaterThan(300 + by * 0.4);
      }),
      { numRuns: 40 },
    );
  });

  it("keeps what lies outside the slashes: lower cap and underarm seams are as long as they were", () => {
    const below = (cap: Path, from: number) => pathLength(subpath(cap, pathLength(cap) - from, pathLength(cap)));
    fc.assert(
      fc.property(anySpread, (spread) => {
        const { capBack, placeFront, placeBack } = bySpread(spread);
        const lower = capBack.slice(-1);
        const plain = bySpread({ atCrown: 1, atHem: 1 }).capBack.slice(-1);
        expect(pathLength(lower)).toBeCloseTo(pathLength(plain), 6);
        expect(below(capBack, 50)).toBeCloseTo(50, 6);
        expect(pathLength(placeFront(UNDERARM_FRONT))).toBeCloseTo(pathLength(UNDERARM_FRONT), 9);
        expect(distance(endOf(capBack), startOf(placeBack(UNDERARM_BACK)))).toBeLessThan(1e-6);
      }),
      { numRuns: 60 },
    );
  });

  it("grows with every spread, is closed and crosses itself nowhere", () => {
    fc.assert(
      fc.property(anySpread, (spread) => {
        const outline = (of: Partial<Slashing>) => spreadOutline(bySpread(of), UNDERARM_FRONT, UNDERARM_BACK);
        const path = outline(spread);
        path.forEach((cubic, i) => {
          const next = path[(i + 1) % path.length] as Cubic;
          expect(distance(cubic[3], next[0])).toBeLessThan(1e-6);
        });
        expect(crossesItself(path, 4)).toBe(false);
        const wider = outline({ ...spread, atCrown: spread.atCrown + 20, atHem: spread.atHem + 20 });
        expect(areaOf(wider)).toBeGreaterThan(areaOf(path));
      }),
      { numRuns: 40 },
    );
  });

  it("keeps its grain upright: at the centre line the hem that is hinged on stays where it was, and level", () => {
    fc.assert(
      fc.property(size(0, 120), size(0, 120), size(0.35, 0.65), (atHem, more, middle) => {
        const { hem } = bySpread({ atHem, atCrown: atHem + more, middle });
        const across = hem.find((cubic) => cubic[0].x >= 0 && cubic[3].x <= 0);
        if (!across) throw new Error("the hem passes the centre line");
        const { value } = findRoot((t) => cubicPoint(across, t).x, 0, 1, 1e-9);
        const { x, y } = cubicDerivative(across, value);
        expect(cubicPoint(across, value).y).toBeCloseTo(240, 2);
        expect(Math.abs(y / x)).toBeLessThan(1e-2);
      }),
      { numRuns: 40 },
    );
  });

  it("shows its strips side by side, from back to front, opening where it is spread", () => {
    const { strips } = bySpread({ atCrown: 120, atHem: 0 });
    expect(strips.length).toBe(6);
    const tops = strips.map((strip) => (endOf(strip.slice(0, 1)).x + startOf(strip.slice(2)).x) / 2);
    expect([...tops].sort((a, b) => a - b)).toEqual(tops);
    const gap = (i: number) => distance(startOf(strips[i + 1]?.slice(1) ?? []), endOf(strips[i]?.slice(1, 2) ?? []));
    expect([0, 1, 2, 3, 4].reduce((sum, i) => sum + gap(i), 0)).toBeGreaterThan(60);
  });
});

/** The outline of a slashed sleeve from the back underarm over the crown and round, with the seams that went along. */
function spreadOutline(slashed: Slashed, underarmFront: Path, underarmBack: Path): Path {
  return [
    ...reversePath(slashed.capBack),
    ...slashed.capFront,
    ...slashed.placeFront(underarmFront),
    ...slashed.hem,
    ...reversePath(slashed.placeBack(underarmBack)),
  ];
}
