import { describe, expect, it } from "vitest";
import { cutGarment } from "../cut";
import type { Garment } from "../garment";
import { crossesItself, endOf, pathLength, startOf } from "../geometry";
import type { SpecChange } from "../spec";
import { MIDDLE_BODY } from "../starting";
import { bodyOfCheck, CHECK_BODIES } from "../testing/check-bodies";
import { madeFor } from "../testing/made";

const BODIES = [MIDDLE_BODY, ...CHECK_BODIES.slice(0, 14).map(bodyOfCheck)];

const frontOf = ({ pieces }: Garment) => {
  const found = pieces.find(({ id }) => id === "front");
  if (!found) throw new Error("no front");
  return found;
};
const lengthOf = (garment: Garment, ...ids: readonly string[]) =>
  frontOf(garment)
    .edges.filter(({ id }) => ids.includes(id))
    .reduce((sum, { length }) => sum + length, 0);
const placed = (bustDart: string): SpecChange => ({ block: { bustDart } }) as SpecChange;

describe.each(["work-shirt", "t-shirt"])("the bust dart of a %s in the neck", (id) => {
  it.each(["neck", "gathers"])(
    "%s: every seam keeps its length, and the neck too but for what is taken up",
    (place) => {
      for (const body of BODIES) {
        const side = madeFor(id, body, placed("side"));
        const neck = madeFor(id, body, placed(place));
        if (!side.block?.front.sideDart) continue;
        expect(lengthOf(neck, "side")).toBeCloseTo(lengthOf(side, "sideUpper", "side"), 3);
        for (const edge of ["shoulder", "armhole", "centre"])
          expect(lengthOf(neck, edge), edge).toBeCloseTo(lengthOf(side, edge), 6);
        expect(lengthOf(neck, "necklineInner", "necklineOuter")).toBeCloseTo(lengthOf(side, "neckline"), 3);
        expect(neck.sleeve?.seams.map(({ partLength }) => partLength)).toEqual(
          side.sleeve?.seams.map(({ partLength }) => partLength),
        );
        expect(crossesItself(frontOf(neck).outline)).toBe(false);
        expect(neck.findings.map(({ code }) => code)).not.toContain("bust-dart-moved");
        for (const { piece, cutting } of cutGarment(neck).pieces) expect(cutting, piece.id).not.toBeNull();
        // Both neck seams name every edge that they lie on: their lengths add up.
        const names = [...neck.seams, ...neck.joins].flatMap(({ bodyEdges, partEdges }) => [
          ...bodyEdges,
          ...partEdges,
        ]);
        expect(names).toEqual(expect.arrayContaining(["front.necklineInner", "front.necklineOuter"]));
      }
    },
  );
});

describe("the mouth of a dart in the neck", () => {
  it("opens by the dart's angle about the bust point (geometry), its legs of one length, short of the point", () => {
    for (const body of BODIES) {
      const garment = madeFor("work-shirt", body, placed("neck"));
      const { bust, sideDart } = garment.block?.front ?? {};
      if (!bust || !sideDart) continue;
      const front = frontOf(garment);
      const [inner, outer] = ["necklineInner", "necklineOuter"].map((id) => front.edges.find((edge) => edge.id === id));
      const [a, b] = [endOf(inner?.path ?? []), startOf(outer?.path ?? [])];
      const reach = (p: { x: number; y: number }) => Math.hypot(p.x - bust.bustPoint.x, p.y - bust.bustPoint.y);
      expect(reach(a)).toBeCloseTo(reach(b), 6);
      expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeCloseTo(2 * reach(a) * Math.sin(bust.dart / 2), 6);
      expect(garment.figures.find(({ id }) => id === "block.bustDart.mouth")?.value).toBeCloseTo(
        Math.hypot(a.x - b.x, a.y - b.y),
        6,
      );
      const dart = front.darts.find((path) => Math.hypot(startOf(path).x - a.x, startOf(path).y - a.y) < 1e-6);
      const [first, second] = [dart?.slice(0, 1) ?? [], dart?.slice(1) ?? []];
      expect(pathLength(first)).toBeCloseTo(pathLength(second), 6);
      expect(reach(endOf(first))).toBeGreaterThan(20);
    }
  });

  it("is told to be at the side where a sleeve or a collar takes the neck", () => {
    const codes = (garment: Garment) => garment.findings.map(({ code }) => code);
    const jacket = madeFor("jacket", MIDDLE_BODY, {
      block: { bustDart: "neck", shaping: "waist-darts" },
    } as SpecChange);
    expect(codes(jacket)).toContain("bust-dart-moved");
    expect(codes(madeFor("raglan-coat", MIDDLE_BODY, placed("gathers")))).toContain("bust-dart-moved");
  });
});
