import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { along, crossesItself, distance, distanceToChain, endOf, flatten, startOf } from "../../geometry";
import { edgeOf, measuredApart } from "../../testing/bodice";
import { codesOf, collarFinding, cosineBetween, draftedCollar, mended, withCollar } from "../../testing/collars";
import { inches } from "../../testing/sample";
import { figure } from "../../testing/styles";

const SCHOOLS = ["tilt", "overlay"] as const;

describe("a roll collar", () => {
  it.each(SCHOOLS)(
    "by the %s school: its neck edge is the back neckline within 0.01 mm, square at the centre back",
    (backCollar) => {
      const { garment, collar, piece } = draftedCollar(withCollar("roll", { backCollar }));
      const backNeck = garment.block?.back.neckline.length ?? 0;
      for (const id of ["front", "frontFacing"]) {
        expect(Math.abs(measuredApart(piece(id), "backNeck") - backNeck)).toBeLessThan(0.01);
        expect(Math.abs(cosineBetween(garment, id, "outer", "centreBack"))).toBeLessThan(1e-5);
        expect(Math.abs(cosineBetween(garment, id, "centreBack", "backNeck"))).toBeLessThan(1e-6);
        expect(crossesItself(piece(id).outline)).toBe(false);
      }
      expect(Math.abs(collar.seams[0]?.ease ?? 1)).toBeLessThan(0.01);
      expect(measuredApart(piece("frontFacing"), "centreBack")).toBeCloseTo(inches(4), 3);
    },
  );

  it("its outer edge is one unbroken curve from the centre back to the break point", () => {
    for (const backCollar of SCHOOLS) {
      const { piece } = draftedCollar(withCollar("roll", { backCollar }));
      const { path } = edgeOf(piece("frontFacing"), "outer");
      for (const [i, one] of path.entries()) {
        const next = path[i + 1];
        if (!next) continue;
        const [into, out] = [along([one], 1e9).direction, along([next], 0).direction];
        expect(into.x * out.x + into.y * out.y).toBeGreaterThan(1 - 1e-9);
      }
    }
  });

  it.each([
    ["crease", undefined],
    ["crease", 60],
    ["break", undefined],
    ["break", 25],
  ] as const)("takes the lapel's width at the %s, its foot %s mm above the break", (widthAt, lapelFoot) => {
    const { collar, piece } = draftedCollar(withCollar("roll", { widthAt, lapelFoot, lapelWidth: 100 }));
    const at = (letter: string) => collar.draft.points.find((one) => one.letter === letter)?.at ?? { x: 0, y: 0 };
    const [neck, breakPoint, crease, edge] = [at("A"), at("B"), at("F"), at("G")];
    expect(distance(crease, edge)).toBeCloseTo(100, 6);
    if (lapelFoot !== undefined) expect(distance(breakPoint, crease)).toBeCloseTo(lapelFoot, 6);
    const across = (edge.x - crease.x) * (neck.x - breakPoint.x) + (edge.y - crease.y) * (neck.y - breakPoint.y);
    if (widthAt === "crease") expect(Math.abs(across)).toBeLessThan(1e-6);
    else expect(edge.y).toBeCloseTo(crease.y, 9);
    const outer = edgeOf(piece("frontFacing"), "outer").path;
    expect(distanceToChain(edge, flatten(outer))).toBeLessThan(0.01);
    expect(crossesItself(piece("frontFacing").outline)).toBe(false);
    expect(crossesItself(piece("front").outline)).toBe(false);
  });

  it("says how high the lapel can be widest where the crease line is shorter", () => {
    const spec = withCollar("roll", { lapelFoot: 590 });
    expect(codesOf(draftGarment(spec))).toContain("foot-too-high");
    expect(codesOf(mended(spec, "foot-too-high", 1))).not.toContain("foot-too-high");
  });

  it("overlay, common practice: the back is swung until the place 1 1/2 in below its neck meets the crease line", () => {
    const { collar, garment } = draftedCollar(withCollar("roll", { backCollar: "overlay" }));
    const at = (letter: string) => collar.draft.points.find((one) => one.letter === letter)?.at ?? { x: 0, y: 0 };
    const [neck, breakPoint, end, outer] = [at("A"), at("B"), at("D"), at("E")];
    // The centre back of the laid-on back runs from the neck edge along the collar's own.
    const width = distance(end, outer);
    const mark = {
      x: end.x + ((outer.x - end.x) * inches(1.5)) / width,
      y: end.y + ((outer.y - end.y) * inches(1.5)) / width,
    };
    const long = distance(breakPoint, neck);
    const off =
      ((mark.x - breakPoint.x) * (neck.y - breakPoint.y) - (mark.y - breakPoint.y) * (neck.x - breakPoint.x)) / long;
    expect(Math.abs(off)).toBeLessThan(1e-6);
    // The neck points touch, and the back keeps its shape.
    const back = garment.block?.back;
    expect(distance(neck, end)).toBeCloseTo(
      distance(startOf(back?.neckline.path ?? []), endOf(back?.neckline.path ?? [])),
      6,
    );
  });

  it.each([
    { height: 36, within: 1.75 },
    { height: 38.1, within: 1.5 },
    { height: 30, within: 2.5 },
    { height: 45, within: 2.5 },
  ])(
    "with the roll line ahead both schools come to outlines within $within in of each other where $height mm stand",
    ({ height, within }) => {
      const rollSchool = "ahead" as const;
      const tilt = draftedCollar(withCollar("roll", { height, rollSchool }));
      const overlay = draftedCollar(withCollar("roll", { height, rollSchool, backCollar: "overlay" }));
      const apart = figure(tilt.garment, "collar.schoolsApart");
      expect(apart).toBeCloseTo(figure(overlay.garment, "collar.schoolsApart"), 6);
      expect(apart).toBeGreaterThan(0);
      expect(apart).toBeLessThan(inches(within));
      // Measured anew: no place of one edge lies further from the other than is told.
      const [one, other] = [tilt, overlay].map(({ piece }) => edgeOf(piece("frontFacing"), "outer"));
      if (!one || !other) throw new Error("both are drawn");
      for (let i = 0; i <= 30; i++) {
        const p = along(one.path, (one.length * i) / 30).point;
        const nearest = Math.min(
          ...Array.from({ length: 301 }, (_, k) => distance(p, along(other.path, (other.length * k) / 300).point)),
        );
        expect(nearest).toBeLessThan(apart + 0.5);
      }
    },
  );

  it("is as wide as asked square to the crease line", () => {
    const { collar } = draftedCollar(withCollar("roll", { lapelWidth: 120 }));
    const at = (letter: string) => collar.draft.points.find((one) => one.letter === letter)?.at ?? { x: 0, y: 0 };
    expect(distance(at("F"), at("G"))).toBeCloseTo(120, 9);
    const [a, b] = [at("A"), at("B")];
    expect((at("G").x - at("F").x) * (a.x - b.x) + (at("G").y - at("F").y) * (a.y - b.y)).toBeCloseTo(0, 6);
  });

  it("has its front a little smaller than its facing along the outer edge, so that the seam rolls under (from memory)", () => {
    const { piece } = draftedCollar(withCollar("roll"));
    expect(measuredApart(piece("frontFacing"), "centreBack") - measuredApart(piece("front"), "centreBack")).toBeCloseTo(
      2.5,
      3,
    );
  });

  it.each([
    ["lapel-near-armhole", { lapelWidth: 260 }],
    ["lapel-near-armhole", { fall: 120 }],
    ["collar-rides-up", { backCollar: "overlay" as const, shoulderStand: 0 }],
    ["break-below-waist", { breakDepth: 470 }],
    ["break-too-high", { breakDepth: 40 }],
  ])("says %s, and one press ends it", (code, changes) => {
    const spec = withCollar("roll", changes);
    expect(collarFinding(spec, code).remedies.length).toBeGreaterThan(0);
    expect(codesOf(mended(spec, code))).not.toContain(code);
  });
});
