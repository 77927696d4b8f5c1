import polygonClipping, { type Polygon } from "polygon-clipping";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import {
  areaOf,
  contains,
  crossesItself,
  cubicPoint,
  distance,
  distanceToChain,
  flatten,
  type Path,
  type Point,
} from "../geometry";
import { applyChange, type GarmentSpec } from "../spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { inches } from "../testing/sample";
import { spread } from "../testing/thorough";
import { bodyOf, draftedFor, women } from "../testing/women";
import { type CutPiece, cutGarment } from ".";

const POINTS = STARTING_POINTS.map(({ id }) => id);

function started(id: string, body = MIDDLE_BODY): GarmentSpec {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, body);
  if (!spec) throw new Error(`${id} starts no garment`);
  return spec;
}

/** Women of the open set, over all of it. */
const WOMEN = spread(women, 20);
/** A raw edge is drawn again within a hundredth of a millimetre, over its whole length. */
const MOST_LOST_MM2 = 5;
/** Points of one cubic that are measured, none at its ends. */
const SHARES = [0.5];

const outline = (path: Path): Polygon => [flatten(path, 40).map(({ x, y }): [number, number] => [x, y])];
const areaOfPolygons = (polygons: readonly Polygon[]) =>
  polygons.reduce(
    (sum, rings) => sum + rings.reduce((rest, ring, i) => rest + (i === 0 ? 1 : -1) * Math.abs(ringArea(ring)), 0),
    0,
  );
const ringArea = (ring: Polygon[number]) =>
  ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
    return sum + (x * v - u * y) / 2;
  }, 0);

type Chained = CutPiece["allowances"][number] & { readonly chain: readonly Point[] };

/** How far off its allowance a place of the cutting line lies from the edge that it belongs to; null at corners and hems. */
function offAllowance(allowances: readonly Chained[], p: Point): number | null {
  if (allowances.some(({ role, chain }) => role === "fold" && distanceToChain(p, chain) < 0.01)) return null;
  // Where two allowances meet, the line goes from the one to the other.
  const isBetweenTwo = allowances.some(({ edge, by }, i) => {
    const next = allowances[(i + 1) % allowances.length];
    const corner = edge.path.at(-1)?.[3];
    return next && corner && next.by !== by && distance(corner, p) < 1.6 * Math.max(by, next.by);
  });
  if (isBetweenTwo) return null;
  const [nearest] = allowances
    .filter(({ role }) => role !== "fold")
    .map(({ by, role, chain, edge }) => {
      // The mouth of a dart has a corner of its own, at its foot.
      const corners = [chain[0], chain.at(-1), ...(edge.id.endsWith("Dart") ? edge.path.map((cubic) => cubic[3]) : [])];
      const ends = corners.map((end) => (end ? distance(end, p) : 0));
      const off = distanceToChain(p, chain);
      return { phi: off - by, role, isCorner: ends.some((end) => Math.abs(end - off) < 0.01) };
    })
    .sort((a, b) => a.phi - b.phi);
  return !nearest || nearest.isCorner || nearest.role === "hem" ? null : nearest.phi;
}

describe("cutting lines of the starting points", () => {
  it.each(POINTS)("%s: each piece has one, simple, round its stitching line, for women of the open data set", (id) => {
    let measured = 0;
    for (const woman of WOMEN) {
      const garment = draftedFor(started(id, bodyOf(woman)));
      const cut = cutGarment(garment);
      expect(cut.findings).toEqual([]);
      for (const one of cut.pieces) {
        const { piece, cutting } = one;
        const chained = one.allowances.map((each) => ({ ...each, chain: flatten(each.edge.path, 60) }));
        if (!cutting) throw new Error(`${piece.id} has no cutting line`);
        expect(crossesItself(cutting), piece.id).toBe(false);
        const corners = flatten(cutting, 60);
        for (const p of flatten(piece.outline, 6)) {
          if (!contains(corners, p))
            expect(distanceToChain(p, [...corners, ...corners.slice(0, 1)]), piece.id).toBeLessThan(0.03);
        }
        for (const p of cutting.flatMap((cubic) => SHARES.map((t) => cubicPoint(cubic, t)))) {
          const off = offAllowance(chained, p);
          if (off === null) continue;
          measured++;
          expect(Math.abs(off), `${piece.id} at ${p.x.toFixed(1)} ${p.y.toFixed(1)}`).toBeLessThan(0.05);
        }
      }
    }
    expect(measured).toBeGreaterThan(WOMEN.length * 10);
  });

  it.each(POINTS)(
    "%s: an independent polygon library (polygon-clipping) finds them whole and round their stitching lines",
    (id) => {
      const [woman] = WOMEN;
      if (!woman) throw new Error("the set holds women");
      for (const { piece, cutting } of cutGarment(draftedFor(started(id, bodyOf(woman)))).pieces) {
        if (!cutting) throw new Error(`${piece.id} has no cutting line`);
        const whole = polygonClipping.union(outline(cutting));
        expect(whole.length, piece.id).toBe(1);
        expect(whole[0]?.length, piece.id).toBe(1);
        expect(areaOfPolygons(whole)).toBeCloseTo(areaOf(cutting), -1);
        expect(
          areaOfPolygons(polygonClipping.difference(outline(piece.outline), outline(cutting))),
          piece.id,
        ).toBeLessThan(MOST_LOST_MM2);
      }
    },
  );

  it.each(POINTS)("%s: a hem folded along its line lies inside its piece", (id) => {
    for (const woman of WOMEN.slice(0, 12)) {
      for (const { piece, cutting, allowances } of cutGarment(draftedFor(started(id, bodyOf(woman)))).pieces) {
        const corners = flatten(cutting ?? [], 24);
        for (const { edge } of allowances.filter(({ role, edge }) => role === "hem" && isStraight(edge.path))) {
          for (const p of corners.flatMap((q, i) => [q, between(q, corners[(i + 1) % corners.length] ?? q)])) {
            const folded = foldedIn(edge.path, p);
            if (folded && !contains(corners, folded))
              expect(
                distanceToChain(folded, [...corners, ...corners.slice(0, 1)]),
                `${piece.id}.${edge.id}`,
              ).toBeLessThan(0.1);
          }
        }
      }
    }
  });
});

const between = (p: Point, q: Point) => ({ x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 });

function isStraight(path: Path): boolean {
  const [a, b] = [path[0]?.[0], path.at(-1)?.[3]];
  return a !== undefined && b !== undefined && flatten(path).every((p) => distanceToChain(p, [a, b]) < 0.01);
}

/** A place outside a straight hem and beside it, folded in over it; null for any other. The outline runs clockwise: outside is to the left. */
function foldedIn(hem: Path, p: Point): Point | null {
  const [a, b] = [hem[0]?.[0], hem.at(-1)?.[3]];
  if (!a || !b) return null;
  const long = distance(a, b);
  const way = { x: (b.x - a.x) / long, y: (b.y - a.y) / long };
  const out = (p.x - a.x) * way.y - (p.y - a.y) * way.x;
  const along = (p.x - a.x) * way.x + (p.y - a.y) * way.y;
  if (out < 0.01 || along < -5 || along > long + 5 || out > 30) return null;
  return { x: p.x - 2 * out * way.y, y: p.y + 2 * out * way.x };
}

describe("allowances", () => {
  const blouse = () => started("t-shirt");

  it("are the usual three by the tape of the garment, and nothing on a fold (common practice, no source)", () => {
    const [inch, cm] = (["in", "cm"] as const).map((unit) => cutGarment(draftGarment({ ...blouse(), unit })));
    const of = (cut: typeof inch, name: string) => {
      const [id, edge] = name.split(".");
      const piece = cut?.pieces.find((one) => one.piece.id === id);
      return piece?.allowances.find((one) => one.edge.id === edge)?.by;
    };
    expect(["front.side", "front.neckline", "front.hem", "front.centre"].map((name) => of(inch, name))).toEqual([
      inches(0.5),
      inches(0.25),
      inches(1),
      0,
    ]);
    expect(["front.side", "front.neckline", "front.hem", "frontFacing.outer"].map((name) => of(cm, name))).toEqual([
      10, 6, 25, 0,
    ]);
  });

  it("of one edge can be another, and the notches on it lie on the cutting line", () => {
    const spec = applyChange(blouse(), { allowances: { edges: [{ edge: "front.armhole", by: 15 }] } });
    const front = cutGarment(draftGarment(spec)).pieces.find(({ piece }) => piece.id === "front");
    const chain = flatten(front?.cutting ?? [], 60);
    const onArmhole = (front?.notches ?? []).filter(({ deep }) => deep === 15);
    expect(onArmhole.length).toBeGreaterThan(0);
    for (const { at } of front?.notches ?? [])
      expect(distanceToChain(at, [...chain, ...chain.slice(0, 1)])).toBeLessThan(0.05);
  });

  it("too wide for a piece are told, with the way back, and never drawn over each other", () => {
    const spec = applyChange(blouse(), { allowances: { general: 290, neckline: 290, hem: 0 } });
    const cut = cutGarment(draftGarment(spec));
    for (const { cutting } of cut.pieces) if (cutting) expect(crossesItself(cutting)).toBe(false);
    for (const finding of cut.findings) expect(finding).toMatchObject({ code: "no-cutting-line", severity: "fault" });
  });
});
