import { hangsOf } from "@core/cloth/index";
import { stripOf } from "@core/testing/strip";
import { describe, expect, it } from "vitest";
import { rigidityOf } from "../mechanics";
import { clothSolver } from "./solver";

const WOVEN = hangsOf("medium-woven");

/** The two ends of a strip, row by row above its first, which is held. */
function sewnToRing(rows: number, columns: number) {
  return {
    points: Int32Array.from(
      Array.from({ length: rows - 1 }, (_, row) => [(row + 1) * columns, (row + 2) * columns - 1]).flat(),
    ),
    rest: new Float64Array(rows - 1),
    stiffness: new Float64Array(rows - 1).fill(Number.POSITIVE_INFINITY),
  };
}

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
    const ties = sewnToRing(rows, columns);
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
    const ties = sewnToRing(rows, columns);
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
