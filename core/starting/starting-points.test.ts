import { describe, expect, it } from "vitest";
import type { Body } from "../body";
import { draftGarment, type Garment } from "../garment";
import { along, areaOf, distance, pathLength } from "../geometry";
import type { Edge, Piece } from "../pattern";
import { applyChange, type GarmentSpec, readGarment, writeGarment } from "../spec";
import { outlineFault } from "../testing/laws";
import { bodyOf, someWomen, women } from "../testing/women";
import { MIDDLE_BODY, STARTING_POINTS, type StartingPoint, startedFrom } from ".";

/** What each garment must consist of, whoever it is for: counted by hand from how such a garment is made. */
const MUST_HAVE: Readonly<Record<string, readonly string[]>> = {
  blouse: [
    "backCentre",
    "backMiddle",
    "backSide",
    "frontCentre",
    "frontMiddle",
    "frontSide",
    "sleeve",
    "cuff",
    "frontFacing",
    "backFacing",
  ],
  "work-shirt": ["back", "front", "sleeve", "cuff", "collarStand", "collar", "underCollar"],
  jacket: [
    "backCentre",
    "backSide",
    "frontCentre",
    "frontSide",
    "topSleeve",
    "underSleeve",
    "collar",
    "underCollar",
    "frontFacing",
    "backFacing",
  ],
  "t-shirt": ["back", "front", "sleeve", "frontFacing", "backFacing"],
  "kimono-top": ["back", "front", "frontFacing", "backFacing"],
  "off-the-shoulder-top": ["back", "front", "sleeve"],
  cardigan: ["back", "front", "sleeve", "band", "neckBand", "hemBand"],
  "shirt-dress": ["back", "front", "sleeve", "cuff", "collarStand", "collar", "underCollar"],
  "raglan-coat": ["back", "front", "sleeve", "collar", "underCollar", "frontFacing", "backFacing"],
  "plain-sleeve": ["sleeve"],
  collar: ["collarStand", "collar", "underCollar"],
};

/** Those of the program can all be read. */
function started(point: StartingPoint, body: Body): GarmentSpec {
  const spec = startedFrom(point, body);
  if (!spec) throw new Error(`${point.id} cannot be read`);
  return spec;
}

const edgeOf = ({ pieces }: Garment, name: string): Edge | undefined => {
  const [piece, edge] = name.split(".");
  return pieces.find(({ id }) => id === piece)?.edges.find(({ id }) => id === edge);
};

/** A notch so near to a corner belongs to the edge round it as well. */
const CORNER_MM = 4;

/** How far along an edge of a piece its notches stand, from the edge's start. */
function notchesAlong({ notches }: Piece, edge: Edge): readonly number[] {
  return notches.flatMap(({ at }) => {
    const steps = 400;
    let best = { at: 0, far: Number.POSITIVE_INFINITY };
    for (let i = 0; i <= steps; i++) {
      const place = (edge.length * i) / steps;
      const far = distance(along(edge.path, place).point, at);
      if (far < best.far) best = { at: place, far };
    }
    const isAtCorner = best.at < CORNER_MM || best.at > edge.length - CORNER_MM;
    return best.far < edge.length / steps && !isAtCorner ? [best.at] : [];
  });
}

describe.each(STARTING_POINTS)("$name, for women of the open data set", (point) => {
  const garments = someWomen.map((woman) => draftGarment(started(point, bodyOf(woman))));

  it("has every piece that has to be cut", () => {
    expect(garments).toHaveLength(someWomen.length);
    for (const { pieces } of garments)
      expect(pieces.map(({ id }) => id).sort()).toEqual([...(MUST_HAVE[point.id] ?? [])].sort());
  });

  it("has closed and simple outlines", () => {
    for (const { pieces } of garments)
      for (const { id, outline } of pieces) expect(outlineFault(outline), id).toBeNull();
  });

  it("has seams as long as the edges that they name, measured again, within 0.05 mm", () => {
    for (const garment of garments) {
      const seams = [...garment.seams, ...garment.joins];
      expect(seams.length).toBeGreaterThan(1);
      for (const { id, bodyEdges, partEdges, bodyLength, partLength, ease } of seams) {
        const measured = (names: readonly string[]) =>
          names.reduce((sum, name) => {
            const edge = edgeOf(garment, name);
            // A neckline or an armhole that nobody cut stands on the block alone.
            return sum + (edge ? pathLength(edge.path) : Number.NaN);
          }, 0);
        const [body, part] = [measured(bodyEdges), measured(partEdges)];
        if (garment.resolved.pieces.cut === "whole") expect(Math.abs(body - bodyLength), id).toBeLessThan(0.05);
        expect(Math.abs(part - partLength), id).toBeLessThan(0.05);
        expect(Math.abs(partLength - bodyLength - ease), id).toBeLessThan(0.05);
      }
    }
  });

  it("has a partner for every notch, at the same place of the other side, where one edge is sewn to one", () => {
    let seen = 0;
    // The law is the same for all; a few bodies from thin to stout show it.
    for (const garment of garments.filter((_, i) => i % 40 === 0)) {
      for (const { id, bodyEdges, partEdges, ease } of [...garment.seams, ...garment.joins]) {
        const [one, other] = [bodyEdges[0] ?? "", partEdges[0] ?? ""];
        if (bodyEdges.length !== 1 || partEdges.length !== 1 || one === other || Math.abs(ease) > 0.05) continue;
        const sides = [one, other].map((name) => {
          const piece = garment.pieces.find((each) => each.id === name.split(".")[0]);
          const edge = edgeOf(garment, name);
          return piece && edge ? { at: notchesAlong(piece, edge), length: edge.length } : { at: [], length: 0 };
        });
        const [a, b] = [sides[0]?.at ?? [], sides[1]?.at ?? []];
        const length = sides[0]?.length ?? 0;
        const sorted = (at: readonly number[]) => [...at].sort((x, y) => x - y);
        const off = (x: readonly number[], y: readonly number[]) =>
          x.length === y.length ? Math.max(0, ...sorted(x).map((v, i) => Math.abs(v - (sorted(y)[i] ?? 0)))) : 999;
        const least = Math.min(
          off(a, b),
          off(
            a,
            b.map((v) => length - v),
          ),
        );
        // Notches are looked for in steps of a four-hundredth of the edge.
        expect(least, `${id}: ${a} beside ${b}`).toBeLessThan(length / 200 + 0.1);
        seen += a.length;
      }
    }
    if (!["plain-sleeve", "collar", "off-the-shoulder-top", "kimono-top"].includes(point.id))
      expect(seen).toBeGreaterThan(0);
  });

  it("comes back from its file the same", () => {
    const spec = started(point, MIDDLE_BODY);
    const read = readGarment(writeGarment(spec, "mm"));
    expect(read.ok && read.spec).toEqual({ ...spec, unit: "mm" });
  });
});

describe("panels", () => {
  it.each(["blouse", "jacket"])("%s: hold the cloth of the half that they were cut from, less the dart", (id) => {
    const point = STARTING_POINTS.find((one) => one.id === id);
    if (!point) throw new Error(id);
    for (const woman of women.filter((_, i) => i % 13 === 0)) {
      // By the quick rules: a whole front of a solved block has its bust dart elsewhere than its panels have it.
      const spec = applyChange(started(point, bodyOf(woman)), { bodice: { flare: 0 }, block: { school: "quick" } });
      const areaWith = (panels: "whole" | "cut" | "split", side: string) =>
        draftGarment(applyChange(spec, { bodice: { panels } }))
          .pieces.filter((piece) => piece.id.startsWith(side) && !piece.id.includes("Facing"))
          .reduce((sum, { outline }) => sum + areaOf(outline), 0);
      for (const side of ["front", "back"]) {
        const whole = areaWith("whole", side);
        const taken = dartArea(draftGarment(spec), side);
        expect(taken).toBeGreaterThan(0);
        for (const panels of ["cut", "split"] as const) {
          const sum = areaWith(panels, side);
          expect(Math.abs(sum + taken - whole) / whole).toBeLessThan(0.002);
        }
      }
    }
  });
});

/** What lies between the legs of the waist dart, as the block drew them. */
function dartArea({ block }: Garment, side: string): number {
  const inner = (side === "front" ? block?.front : block?.back)?.inner ?? [];
  const leg = (name: string) => inner.find(({ id }) => id === `${side}.${name}`)?.path ?? [];
  const back = [...leg("dartOuter")].reverse().map(([a, b, c, d]) => [d, c, b, a] as const);
  return areaOf([...leg("dartInner"), ...back]);
}
