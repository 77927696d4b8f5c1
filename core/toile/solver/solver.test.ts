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
