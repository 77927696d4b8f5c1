import { describe, expect, it } from "vitest";
import { areaOf, type Cubic, flatten, line, type Path, type Point, pathLength } from "../geometry";
import { edge, KIND, type Piece } from "../pattern";
import type { EdgeAllowance } from "./allowances";
import { cuttingLine } from "./cutting-line";

/** A quarter of a circle as a cubic: off by 0.03 % of its radius at most. */
const QUARTER = (4 / 3) * Math.tan(Math.PI / 8);

function quarter(centre: Point, radius: number, from: number): Cubic {
  const at = (angle: number) => ({ x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) });
  const along = (angle: number) => ({ x: -Math.sin(angle), y: Math.cos(angle) });
  const [a, d] = [at(from), at(from + Math.PI / 2)];
  const [u, v] = [along(from), along(from + Math.PI / 2)];
  const handle = QUARTER * radius;
  return [a, { x: a.x + u.x * handle, y: a.y + u.y * handle }, { x: d.x - v.x * handle, y: d.y - v.y * handle }, d];
}

function pieceOf(paths: readonly Path[]): Piece {
  const edges = paths.map((path, i) => edge(`e${i}`, "seam", `edge ${i}`, path));
  return {
    id: "piece",
    kind: KIND.gusset,
    name: "Piece",
    cut: { count: 1, mirrored: false, onFold: false, interfacing: 0 },
    edges,
    outline: edges.flatMap(({ path }) => path),
    folds: [],
    darts: [],
    grain: { from: { x: 0, y: 0 }, to: { x: 0, y: 10 } },
    notches: [],
  };
}

const seams = (piece: Piece, by: readonly number[]): readonly EdgeAllowance[] =>
  piece.edges.map((one, i) => ({ edge: one, role: "seam", by: by[i] ?? 0, isOwn: false }));

function cut(piece: Piece, by: readonly number[]): Path {
  const made = cuttingLine(piece, seams(piece, by));
  if (!made.ok) throw new Error(made.why);
  return made.path;
}

/** Two straight sides and two half circles, clockwise with y down. */
const [R, L] = [60, 200];
const STADIUM = pieceOf([
  line({ x: 0, y: -R }, { x: L, y: -R }),
  [quarter({ x: L, y: 0 }, R, -Math.PI / 2), quarter({ x: L, y: 0 }, R, 0)],
  line({ x: L, y: R }, { x: 0, y: R }),
  [quarter({ x: 0, y: 0 }, R, Math.PI / 2), quarter({ x: 0, y: 0 }, R, Math.PI)],
]);

const SQUARE = pieceOf([
  line({ x: 0, y: 0 }, { x: 100, y: 0 }),
  line({ x: 100, y: 0 }, { x: 100, y: 100 }),
  line({ x: 100, y: 100 }, { x: 0, y: 100 }),
  line({ x: 0, y: 100 }, { x: 0, y: 0 }),
]);

/** The area within chords so short that they leave no curve. */
function fineArea(path: Path): number {
  const points = flatten(path, 400);
  return points.reduce((sum, p, i) => {
    const q = points[(i + 1) % points.length] ?? p;
    return sum + (p.x * q.y - q.x * p.y) / 2;
  }, 0);
}

describe("the cutting line", () => {
  it.each([4, 10, 25])(
    "G3, geometry (Steiner): round straights and arcs by %s mm the area grows by perimeter times distance and pi times its square",
    (by) => {
      const grown = fineArea(cut(STADIUM, [by, by, by, by])) - fineArea(STADIUM.outline);
      const wanted = pathLength(STADIUM.outline) * by + Math.PI * by * by;
      // Within five thousandths of a millimetre all round.
      expect(Math.abs(grown - wanted)).toBeLessThan(0.005 * pathLength(STADIUM.outline));
    },
  );

  it("keeps straights and arcs as a few curves, not as chords", () => {
    expect(cut(STADIUM, [10, 10, 10, 10]).length).toBeLessThan(20);
  });

  it("mitres a square corner, also between two widths, and leaves the piece itself where nothing is added", () => {
    expect(areaOf(cut(SQUARE, [10, 10, 10, 10]))).toBeCloseTo(120 * 120, 3);
    expect(areaOf(cut(SQUARE, [10, 20, 0, 0]))).toBeCloseTo(120 * 110, 3);
    expect(areaOf(cut(SQUARE, [0, 0, 0, 0]))).toBeCloseTo(100 * 100, 3);
  });

  it("cuts a long point square where its mitre would reach beyond three allowances", () => {
    const spike = pieceOf([
      line({ x: 0, y: 0 }, { x: 300, y: 20 }),
      line({ x: 300, y: 20 }, { x: 0, y: 40 }),
      line({ x: 0, y: 40 }, { x: 0, y: 0 }),
    ]);
    const reach = Math.max(...flatten(cut(spike, [10, 10, 10])).map(({ x }) => x)) - 300;
    expect(reach).toBeCloseTo(30, 2);
  });

  it("fills a hollow that is narrower than the allowances, and crosses itself nowhere", () => {
    const hollow = pieceOf([
      line({ x: 0, y: 0 }, { x: 90, y: 0 }),
      line({ x: 90, y: 0 }, { x: 95, y: 60 }),
      line({ x: 95, y: 60 }, { x: 100, y: 0 }),
      line({ x: 100, y: 0 }, { x: 200, y: 0 }),
      line({ x: 200, y: 0 }, { x: 200, y: 100 }),
      line({ x: 200, y: 100 }, { x: 0, y: 100 }),
      line({ x: 0, y: 100 }, { x: 0, y: 0 }),
    ]);
    const path = cut(hollow, [10, 10, 10, 10, 10, 10, 10]);
    expect(areaOf(path)).toBeGreaterThan(areaOf(hollow.outline) + 6000);
    // Nothing of the hollow is left open.
    expect(flatten(path).every(({ x, y }) => !(x > 80 && x < 110 && y > 0 && y < 60))).toBe(true);
  });
});
