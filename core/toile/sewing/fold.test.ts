import { at } from "@core/data/index";
import { line, type Point } from "@core/geometry/index";
import { edge, hungCollar, type Piece, uprightGrain } from "@core/pattern/index";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { meshOf } from "../mesh/piece-mesh";
import type { Place } from "../place";
import type { Solid } from "../solver/surroundings";
import { foldedOver, foldLineOf, liesTurnedDown } from "./fold";

const [LONG, FALL] = [90, 48];

/** Half a collar in one: its neck edge along y = 0 from the centre back, up by its stand to a fold that runs down to the neck point, and its fall. */
function collar(stand: number): Piece {
  const [neck, point, outer, end]: Point[] = [
    { x: 0, y: 0 },
    { x: LONG, y: 0 },
    { x: LONG, y: -stand - FALL },
    { x: 0, y: -stand - FALL },
  ];
  if (!neck || !point || !outer || !end) throw new Error("four corners");
  const edges = [
    edge("backNeck", "collar-neck", "Neck edge", line(neck, point)),
    edge("front", "outer", "Front end", line(point, outer)),
    edge("outer", "outer", "Outer edge", line(outer, end)),
    edge("centreBack", "centre", "Centre back", line(end, neck)),
  ];
  return {
    id: "collar",
    kind: hungCollar("up", ["neck"]),
    name: "Collar",
    cut: { count: 1, mirrored: false, onFold: true, interfacing: 0 },
    edges,
    outline: edges.flatMap(({ path }) => path),
    folds: [],
    darts: [],
    grain: uprightGrain(LONG / 2, -stand - FALL, 0),
    notches: [],
    lines: [{ role: "stand-fold", name: "Fold of the stand", path: line({ x: 0, y: -stand }, { x: LONG, y: -2 }) }],
  };
}

const NECK = 0.06;

/** A round neck on a round back. Metres. */
const body: Solid = (x, y, z, normal) => {
  const ofNeck = Math.hypot(x, z) - NECK;
  const ofBack = Math.hypot(x, y + 0.27, z) - 0.25;
  const way = ofNeck < ofBack ? [x, 0, z] : [x, y + 0.27, z];
  const size = Math.hypot(...way) || 1;
  for (const k of [0, 1, 2]) normal[k] = (way[k] ?? 0) / size;
  return Math.min(ofNeck, ofBack);
};

/** Every place of the collar standing upright round the neck. */
function upright({ x, y }: Point): Place {
  const turn = x / 1000 / NECK;
  return [(NECK + 0.0015) * Math.sin(turn), -y / 1000, -(NECK + 0.0015) * Math.cos(turn)];
}

function turnedDown(stand: number) {
  const piece = collar(stand);
  const fold = foldLineOf(piece, [piece]);
  if (!fold) throw new Error("it has a fold");
  const mesh = meshOf(piece, new Map([["collar.centreBack", [FALL]]]), 12, [], [fold.corners]);
  const standing = mesh.points.map(upright);
  const laid = foldedOver(mesh, standing, fold, body);
  const worn = (places: readonly Place[]) => ({
    cut: { meshes: [mesh], first: [0, places.length] },
    folds: [fold],
    local: Float64Array.from(places.flat()),
  });
  return { fold, mesh, laid, standing: worn(standing), lying: worn(laid) };
}

const anyStand = fc.double({ min: 20, max: 44, noNaN: true });

describe("a collar that is turned down at its fold", () => {
  it("is turned over along the ways to its neck edge, however aslant its fold runs, so that its centre back stays in the middle", () => {
    fc.assert(
      fc.property(anyStand, (stand) => {
        const { fold, mesh, laid } = turnedDown(stand);
        mesh.points.forEach((p, i) => {
          const beyond = fold.beyond(p);
          if (!beyond) return;
          if (p.x < LONG - 12) expect(beyond.foot.x).toBeCloseTo(p.x, 6);
          if (p.x === 0) expect(Math.abs(at(laid, i)[0])).toBeLessThan(0.0005);
        });
      }),
      { numRuns: 12 },
    );
  });

  it("lies clear of the body everywhere, and no further along it than its fall is long", () => {
    const normal = new Float64Array(3);
    fc.assert(
      fc.property(anyStand, (stand) => {
        const { fold, mesh, laid } = turnedDown(stand);
        mesh.points.forEach((p, i) => {
          const beyond = fold.beyond(p);
          if (!beyond) return;
          const place = at(laid, i);
          expect(body(...place, normal)).toBeGreaterThan(0.0045);
          const top = upright(beyond.foot);
          const off = Math.hypot(...place.map((part, k) => part - (top[k] ?? 0)));
          expect(off).toBeLessThan(beyond.by / 1000 + 0.009);
        });
      }),
      { numRuns: 12 },
    );
  });

  it("is told from one that stands up: its edge lies below the neck seam", () => {
    const { standing, lying } = turnedDown(30);
    expect(liesTurnedDown(lying)).toBe(true);
    expect(liesTurnedDown(standing)).toBe(false);
  });

  it("may stand where its fall is no longer than its stand", () => {
    expect(liesTurnedDown(turnedDown(60).standing)).toBe(true);
  });
});
