import { hangsOf } from "@core/cloth/index";
import { at } from "@core/data/index";
import { stripOf } from "@core/testing/strip";
import { describe, expect, it } from "vitest";
import { GRAVITY, rigidityOf } from "../mechanics";
import { clothSolver } from "./solver";

const WOVEN = hangsOf("medium-woven");

/** A strip whose first rows are held level, the rest hanging over. */
function overhanging(bendingLength: number, edge: number, rate: number) {
  const held = 3;
  const weight = WOVEN.weight;
  const cloth = {
    density: weight / 1000,
    warp: 100,
    weft: 100,
    bias: 40,
    rigidity: rigidityOf({ weight, bendingLength }),
  };
  const length = (2 * bendingLength) / 1000 + edge * 1.3;
  const { sheet, flat, rows, columns } = stripOf(0.05, length, edge, cloth);
  const places = new Float64Array(sheet.points * 3);
  const fixed = new Set<number>();
  for (let i = 0; i < sheet.points; i++) {
    places[i * 3] = flat[i * 2] ?? 0;
    places[i * 3 + 2] = flat[i * 2 + 1] ?? 0;
    if (Math.floor(i / columns) < held) fixed.add(i);
  }
  const solver = clothSolver({ sheet, places, rate, edge, held: fixed });
  solver.run(rate * 2, { damping: 6 });
  // The cloth begins to bend half a row behind the last that is held.
  const clamp = ((held - 1.5) * length) / (rows - 1);
  const tip = (sheet.points - 1) * 3;
  const [down, out] = [-at([...places], tip + 1), at([...places], tip + 2) - clamp];
  const angle = Math.atan2(down, out);
  return { angle, measured: (length - clamp) * 1000 * Math.cbrt(Math.cos(angle / 2) / (8 * Math.tan(angle))) };
}

/** A strip that hangs by its first row, with a weight of `load` newtons a metre of width along its last. */
function hanging(modulus: number, density: number, edge: number, rate: number) {
  const length = 0.5;
  const { sheet, flat, columns } = stripOf(0.12, length, edge, {
    density,
    warp: modulus,
    weft: modulus,
    bias: 40,
    rigidity: 4e-6,
  });
  const places = new Float64Array(sheet.points * 3);
  for (let i = 0; i < sheet.points; i++) {
    places[i * 3] = flat[i * 2] ?? 0;
    places[i * 3 + 1] = -(flat[i * 2 + 1] ?? 0);
  }
  const solver = clothSolver({
    sheet,
    places,
    rate,
    edge,
    held: new Set(Array.from({ length: columns }, (_, i) => i)),
  });
  solver.run(rate * 3, { damping: 4 });
  const middle = (sheet.points - 1 - Math.floor(columns / 2)) * 3 + 1;
  return { longer: -(places[middle] ?? 0) - length, energy: solver.kineticEnergy() };
}

describe("cloth that hangs", () => {
  it.each([
    [19, 0.01, 4800],
    [19, 0.008, 7200],
    [24, 0.011, 4800],
  ])(
    "bends as its bending length of %d mm says, within 5 %% (Peirce 1930: the overhang that dips to 41.5° is twice the bending length; the formula is his)",
    (bendingLength, edge, rate) => {
      const { measured, angle } = overhanging(bendingLength, edge, rate);
      // His formula is good about the angle at which the test is read.
      expect((angle * 180) / Math.PI).toBeGreaterThan(30);
      expect((angle * 180) / Math.PI).toBeLessThan(56);
      expect(Math.abs(measured / bendingLength - 1)).toBeLessThan(0.05);
    },
  );

  it.each([
    ["jersey", 80, 0.18, 2400, 0.01],
    ["a woven", 100, 0.12, 4800, 0.05],
  ] as const)(
    "%s of %d N/m gives under its own weight as Hooke’s law says (reference: w·g·L² ÷ 2E)",
    (_name, modulus, density, rate, within) => {
      const { longer, energy } = hanging(modulus, density, 0.015, rate);
      const expected = (density * GRAVITY * 0.5 ** 2) / (2 * modulus);
      expect(energy).toBeLessThan(1e-4);
      expect(Math.abs(longer / expected - 1)).toBeLessThan(within);
    },
  );

  it("hung at both ends without stiffness is a catenary within 1 % of its span (reference: y = a·cosh(x/a))", () => {
    const [length, span, edge, rate] = [0.6, 0.5, 0.02, 3000];
    const { sheet, flat, columns, rows } = stripOf(0.04, length, edge, {
      density: 0.15,
      warp: 400,
      weft: 400,
      bias: 60,
      rigidity: 0,
    });
    const places = new Float64Array(sheet.points * 3);
    const held = new Set<number>();
    const across = (share: number) => span * (share - 0.5);
    for (let i = 0; i < sheet.points; i++) {
      const share = (flat[i * 2 + 1] ?? 0) / length;
      places[i * 3] = across(share);
      places[i * 3 + 1] = -0.9 * Math.sqrt(length ** 2 - span ** 2) * 0.5 * Math.sin(Math.PI * share);
      places[i * 3 + 2] = flat[i * 2] ?? 0;
      const row = Math.floor(i / columns);
      if (row === 0 || row === rows - 1) held.add(i);
    }
    for (const i of held) places[i * 3 + 1] = 0;
    clothSolver({ sheet, places, rate, edge, held }).run(rate * 3, { damping: 3 });
    // The catenary whose length is that of the strip: 2a·sinh(span ÷ 2a).
    let [low, high] = [0.05, 5];
    for (let n = 0; n < 100; n++) {
      const a = (low + high) / 2;
      if (2 * a * Math.sinh(span / 2 / a) > length) low = a;
      else high = a;
    }
    for (let row = 0; row < rows; row++) {
      const q = (row * columns + Math.floor(columns / 2)) * 3;
      const x = places[q] ?? 0;
      const expected = low * (Math.cosh(x / low) - Math.cosh(span / 2 / low));
      expect(Math.abs((places[q + 1] ?? 0) - expected)).toBeLessThan(0.01 * span);
    }
  });

  it("waves more the more of it is eased in, from nothing to 12 % (common practice, no source)", () => {
    const wave = (ease: number, seed: number) => {
      const [width, edge, rate] = [0.36, 0.012, 2400];
      const { sheet, flat, columns } = stripOf(width * (1 + ease), 0.12, edge, {
        density: 0.15,
        warp: 120,
        weft: 120,
        bias: 40,
        rigidity: rigidityOf(WOVEN),
      });
      const places = new Float64Array(sheet.points * 3);
      const held = new Set<number>();
      for (let i = 0; i < sheet.points; i++) {
        places[i * 3] = (flat[i * 2] ?? 0) / (1 + ease);
        places[i * 3 + 1] = -(flat[i * 2 + 1] ?? 0);
        // No cloth is flat: without a hair of unevenness it would not know which way to go.
        if (i >= columns) places[i * 3 + 2] = 4e-4 * Math.sin(i * 12.9898 + seed);
        else held.add(i);
      }
      clothSolver({ sheet, places, rate, edge, held }).run(rate * 0.8, { damping: 4 });
      const ofRow = (row: number) =>
        Array.from({ length: columns }, (_, c) => places[(row * columns + c) * 3 + 2] ?? 0);
      const offs = [2, 3, 4].flatMap(ofRow);
      return Math.sqrt(offs.reduce((sum, z) => sum + z * z, 0) / offs.length) * 1000;
    };
    const mean = (ease: number) => [1, 2, 3].reduce((sum, seed) => sum + wave(ease, seed), 0) / 3;
    const waves = [0, 0.03, 0.06, 0.12].map(mean);
    for (let i = 1; i < waves.length; i++) expect(at(waves, i)).toBeGreaterThan(at(waves, i - 1) + 0.2);
  });

  it("is the same to the last digit for the same cloth", () => {
    expect(overhanging(19, 0.014, 2400)).toEqual(overhanging(19, 0.014, 2400));
  });

  it("lies on a ball and slides off a steep one less, the more it holds on", () => {
    const slid = (friction: number) => {
      const edge = 0.02;
      const { sheet, flat } = stripOf(0.1, 0.1, edge, {
        density: 0.15,
        warp: 120,
        weft: 120,
        bias: 40,
        rigidity: rigidityOf(WOVEN),
      });
      const places = new Float64Array(sheet.points * 3);
      for (let i = 0; i < sheet.points; i++) {
        places[i * 3] = (flat[i * 2] ?? 0) + 0.02;
        places[i * 3 + 1] = 0.212;
        places[i * 3 + 2] = (flat[i * 2 + 1] ?? 0) - 0.05;
      }
      const solid = (x: number, y: number, z: number, normal: Float64Array) => {
        const off = Math.hypot(x, y, z) || 1e-9;
        normal.set([x / off, y / off, z / off]);
        return off - 0.2;
      };
      clothSolver({ sheet, places, rate: 1200, edge }).run(360, { damping: 2, friction, solid });
      for (let i = 0; i < sheet.points; i++)
        expect(Math.hypot(places[i * 3] ?? 0, places[i * 3 + 1] ?? 0, places[i * 3 + 2] ?? 0)).toBeGreaterThan(0.2);
      return places.reduce((sum, value, i) => (i % 3 === 0 ? sum + value : sum), 0) / sheet.points;
    };
    expect(slid(0.1)).toBeGreaterThan(slid(0.8) + 0.003);
  });
});

describe("a developed stand sewn to its neck", () => {
  /** A ring sector, or a straight band, of which the neck edge is held on a ring; how far its top is from the axis then, in millimetres. */
  const worn = (neck: number, height: number, lean: number) => {
    const [edge, rate] = [0.009, 3600];
    const { sheet, flat, columns, rows } = stripOf(2 * Math.PI * neck, height, edge, {
      density: 0.3,
      warp: 300,
      weft: 300,
      bias: 80,
      rigidity: rigidityOf(WOVEN) * 12,
    });
    const rest = new Float64Array(sheet.rest);
    const places = new Float64Array(sheet.points * 3);
    const held = new Set<number>();
    // A cone of this lean is a sector whose inner radius is the slant from its point.
    const slant = lean === 0 ? 0 : neck / Math.sin(lean);
    const develop = (u: number, v: number): readonly [number, number] => {
      if (lean === 0) return [u, v];
      const turn = u / slant;
      return [(slant - v) * Math.sin(turn), slant - (slant - v) * Math.cos(turn)];
    };
    for (let i = 0; i < sheet.triangles.length; i++) {
      const point = sheet.triangles[i] ?? 0;
      rest.set(develop(flat[point * 2] ?? 0, flat[point * 2 + 1] ?? 0), i * 2);
    }
    for (let i = 0; i < sheet.points; i++) {
      const [u, v] = [flat[i * 2] ?? 0, flat[i * 2 + 1] ?? 0];
      const turn = u / neck;
      const r = neck - 0.4 * v * Math.sin(lean);
      places.set([r * Math.cos(turn), v, r * Math.sin(turn)], i * 3);
      if (Math.floor(i / columns) === 0) held.add(i);
    }
    // Its two ends meet at the centre back.
    const ends = Array.from({ length: rows - 1 }, (_, row) => [(row + 1) * columns, (row + 2) * columns - 1]).flat();
    const ties = {
      points: Int32Array.from(ends),
      rest: new Float64Array(rows - 1),
      stiffness: new Float64Array(rows - 1).fill(Number.POSITIVE_INFINITY),
    };
    const solver = clothSolver({ sheet: { ...sheet, rest }, places, rate, edge, held, ties });
    solver.run(rate * 0.8, { damping: 5, gravity: 0.5 });
    const top = Array.from({ length: columns }, (_, c) => ((rows - 1) * columns + c) * 3);
    return (top.reduce((sum, q) => sum + Math.hypot(places[q] ?? 0, places[q + 2] ?? 0), 0) / top.length) * 1000;
  };

  it.each([6, 10, 15])(
    "settles on the cone that it was developed from, leaning %d° inwards, within 3 mm (reference: geometry of the cone)",
    (degrees) => {
      const lean = (degrees * Math.PI) / 180;
      const [neck, height] = [0.062, 0.034];
      expect(Math.abs(worn(neck, height, lean) - (neck - height * Math.sin(lean)) * 1000)).toBeLessThan(3);
    },
  );

  it("cut straight stands as a tube and gapes above, by what the cone would have taken in (reference: geometry)", () => {
    const [neck, height] = [0.062, 0.034];
    const straight = worn(neck, height, 0);
    expect(Math.abs(straight - neck * 1000)).toBeLessThan(3);
    expect(straight - worn(neck, height, (15 * Math.PI) / 180)).toBeGreaterThan(5);
  });
});

describe("a fall sewn to its neck and lying on the shoulders", () => {
  const [neck, depth, slope] = [0.07, 0.05, (25 * Math.PI) / 180];
  /**
   * A ring whose edge grows by `letOut` × 2π for every unit of its depth, its neck held, on a cone that falls away at the slope: how high its outer edge lies over the
   * cone as a mean, and how much that goes up and down round it, in millimetres.
   */
  const lying = (letOut: number) => {
    const [edge, rate] = [0.008, 2400];
    const { sheet, flat, columns, rows } = stripOf(2 * Math.PI * neck, depth, edge, {
      density: 0.2,
      warp: 300,
      weft: 300,
      bias: 80,
      rigidity: rigidityOf(WOVEN),
    });
    const rest = new Float64Array(sheet.rest);
    const slant = neck / letOut;
    for (let i = 0; i < sheet.triangles.length; i++) {
      const point = sheet.triangles[i] ?? 0;
      const [u, v] = [flat[point * 2] ?? 0, flat[point * 2 + 1] ?? 0];
      rest.set([(slant + v) * Math.sin(u / slant), (slant + v) * Math.cos(u / slant)], i * 2);
    }
    const places = new Float64Array(sheet.points * 3);
    const held = new Set<number>();
    const heightOver = (x: number, y: number, z: number) =>
      (y + Math.tan(slope) * (Math.hypot(x, z) - neck)) * Math.cos(slope);
    for (let i = 0; i < sheet.points; i++) {
      const [u, v] = [flat[i * 2] ?? 0, flat[i * 2 + 1] ?? 0];
      const r = neck + v * Math.cos(slope);
      // A ripple that is hardly one: which way it goes is not left to chance.
      const ripple = 0.0005 * (v / depth) * Math.cos((9 * u) / neck);
      places.set([r * Math.cos(u / neck), 0.002 - v * Math.sin(slope) + ripple, r * Math.sin(u / neck)], i * 3);
      if (Math.floor(i / columns) === 0) held.add(i);
    }
    const ends = Array.from({ length: rows - 1 }, (_, row) => [(row + 1) * columns, (row + 2) * columns - 1]).flat();
    const ties = {
      points: Int32Array.from(ends),
      rest: new Float64Array(rows - 1),
      stiffness: new Float64Array(rows - 1).fill(Number.POSITIVE_INFINITY),
    };
    const solid = (x: number, y: number, z: number, normal: Float64Array) => {
      const r = Math.hypot(x, z) || 1e-9;
      normal.set([(Math.sin(slope) * x) / r, Math.cos(slope), (Math.sin(slope) * z) / r]);
      return heightOver(x, y, z);
    };
    const solver = clothSolver({ sheet: { ...sheet, rest }, places, rate, edge, held, ties });
    solver.run(rate * 0.7, { damping: 4, friction: 0.1, solid });
    const heights = Array.from({ length: columns }, (_, c) => {
      const q = ((rows - 1) * columns + c) * 3;
      return heightOver(places[q] ?? 0, places[q + 1] ?? 0, places[q + 2] ?? 0) * 1000;
    });
    const mean = heights.reduce((sum, height) => sum + height, 0) / heights.length;
    return { mean, ripple: Math.sqrt(heights.reduce((sum, height) => sum + (height - mean) ** 2, 0) / heights.length) };
  };

  it("lies flat where it is let out by what geometry asks, and rippled the more where by more (reference: geometry of the cone)", () => {
    const asked = Math.cos(slope);
    const [right, more, much] = [lying(asked), lying(1.25 * asked), lying(1.6 * asked)];
    expect(right.mean).toBeLessThan(4);
    expect(right.ripple).toBeLessThan(1);
    expect(more.ripple).toBeGreaterThan(right.ripple + 2);
    expect(much.ripple).toBeGreaterThan(more.ripple + 1);
  });
});

describe("a layer that lies over another", () => {
  /** A small square falls on a larger one that is held all round: how far it lies over it, as the least of all its points, in millimetres. */
  const fallen = (isLayered: boolean) => {
    const [edge, rate] = [0.01, 2400];
    const cloth = { density: 0.2, warp: 300, weft: 300, bias: 80, rigidity: rigidityOf(WOVEN) };
    const [under, over] = [stripOf(0.12, 0.12, edge, cloth), stripOf(0.05, 0.05, edge, cloth)];
    const first = under.sheet.points;
    const places = new Float64Array((first + over.sheet.points) * 3);
    const held = new Set<number>();
    for (let i = 0; i < first; i++) {
      places.set([under.flat[i * 2] ?? 0, 0, under.flat[i * 2 + 1] ?? 0], i * 3);
      const [row, column] = [Math.floor(i / under.columns), i % under.columns];
      if (row === 0 || row === under.rows - 1 || column === 0 || column === under.columns - 1) held.add(i);
    }
    for (let i = 0; i < over.sheet.points; i++)
      places.set([0.035 + (over.flat[i * 2] ?? 0), 0.01, 0.035 + (over.flat[i * 2 + 1] ?? 0)], (first + i) * 3);
    const sheet = {
      points: first + over.sheet.points,
      triangles: Int32Array.from([...under.sheet.triangles, ...over.sheet.triangles.map((point) => point + first)]),
      rest: Float64Array.from([...under.sheet.rest, ...over.sheet.rest]),
      clothOf: new Uint8Array(under.sheet.clothOf.length + over.sheet.clothOf.length),
      cloths: [cloth],
    };
    // Seen from above the lower triangles run round the other way.
    const layers = {
      over: Int32Array.from({ length: over.sheet.points }, (_, i) => first + i),
      under: under.sheet.triangles.toReversed(),
    };
    clothSolver({ sheet, places, rate, edge, held, ...(isLayered ? { layers } : {}) }).run(rate * 0.3, { damping: 4 });
    const heightUnder = (x: number, z: number) => {
      let [best, least] = [0, Number.POSITIVE_INFINITY];
      for (let i = 0; i < first; i++) {
        const off = Math.hypot((places[i * 3] ?? 0) - x, (places[i * 3 + 2] ?? 0) - z);
        if (off < least) [best, least] = [places[i * 3 + 1] ?? 0, off];
      }
      return best;
    };
    const heights = [...layers.over].map(
      (i) => (places[i * 3 + 1] ?? 0) - heightUnder(places[i * 3] ?? 0, places[i * 3 + 2] ?? 0),
    );
    return Math.min(...heights) * 1000;
  };

  it("stays over it, where it would else fall through", () => {
    expect(fallen(true)).toBeGreaterThan(0.5);
    expect(fallen(false)).toBeLessThan(-50);
  });
});
