import { describe, expect, it } from "vitest";
import { armsOf } from "../body";
import { endOf, pathLength, startOf } from "../geometry";
import { applyChange, readGarment, writeGarment } from "../spec";
import { specOf } from "../testing/sample";
import { draftGarment } from ".";

/** An invented person whose right arm is the fuller one. */
const TAKEN = {
  bust: 940,
  "upperArm.left": 290,
  "upperArm.right": 312,
  "wrist.left": 165,
  "wrist.right": 166,
  "armLength.left": 585,
  "armLength.right": 580,
};

describe("arms that differ", () => {
  it("are told apart from a quarter inch on (common practice, no source): the fuller is the body's, the other kept with its side", () => {
    const { body, otherArm } = armsOf(TAKEN);
    expect(body).toMatchObject({ bust: 940, upperArm: 312, wrist: 166, armLength: 580 });
    expect(otherArm).toEqual({ side: "left", upperArm: 290, wrist: 165, armLength: 585 });
    expect(armsOf({ ...TAKEN, "upperArm.left": 306 })).toMatchObject({ otherArm: null, body: { upperArm: 312 } });
    expect(armsOf({ bust: 940, upperArm: 300 }).otherArm).toBeNull();
  });

  const { body, otherArm } = armsOf(TAKEN);
  const spec = {
    ...specOf({
      format: "gamine-garment/1",
      unit: "mm",
      block: { source: "drafted" },
      sleeve: { kind: "bishop" },
    }),
    body,
    ...(otherArm ? { otherArm } : {}),
  };
  const garment = draftGarment(spec);

  it("have a sleeve and a cuff each, cut once and named by its side", () => {
    const ofArms = garment.pieces.filter(({ id }) => /sleeve|cuff/i.test(id));
    expect(ofArms.map(({ id, name, cut }) => [id, name, cut.count, cut.mirrored])).toEqual([
      ["sleeve", "Right bishop sleeve", 1, false],
      ["cuff", "Right cuff", 1, false],
      ["sleeveOther", "Left bishop sleeve", 1, false],
      ["cuffOther", "Left cuff", 1, false],
    ]);
  });

  it("both fit the same armhole, the fuller with the wider sleeve", () => {
    const lengthOf = (piece: string, ...edges: readonly string[]) =>
      edges.reduce((sum, id) => {
        const edge = garment.pieces.find((one) => one.id === piece)?.edges.find((one) => one.id === id);
        return sum + (edge ? pathLength(edge.path) : Number.NaN);
      }, 0);
    const [right, left] = ["sleeve", "sleeveOther"].map((id) => lengthOf(id, "capFront", "capBack"));
    expect(left).toBeCloseTo(right ?? 0, 3);
    const own = garment.seams.filter(({ id }) => id.startsWith("sleeve.left"));
    expect(own.map(({ id }) => id)).toEqual(["sleeve.left.armhole.front", "sleeve.left.armhole.back"]);
    const width = (piece: string) => {
      const edge = garment.pieces.find((one) => one.id === piece)?.edges.find(({ id }) => id === "capFront");
      const back = garment.pieces.find((one) => one.id === piece)?.edges.find(({ id }) => id === "capBack");
      return endOf(edge?.path ?? []).x - startOf(back?.path ?? []).x;
    };
    // 22 mm on the cap line, of which the slashes of a bishop show a little less.
    expect(width("sleeve") - width("sleeveOther")).toBeGreaterThan(18);
    expect(width("sleeve") - width("sleeveOther")).toBeLessThan(22.1);
    expect(garment.joins.some(({ id }) => id === "sleeve.other.sleeve.underarm")).toBe(true);
  });

  it("are told, and one sleeve for both is the way out", () => {
    const found = garment.findings.find(({ code }) => code === "arms-differ");
    expect(found?.remedies.map(({ id }) => id)).toEqual(["one-for-both"]);
    const mended = draftGarment(applyChange(spec, found?.remedies[0]?.change ?? {}));
    expect(mended.findings.map(({ code }) => code)).not.toContain("arms-differ");
    expect(mended.pieces.find(({ id }) => id === "sleeve")?.cut).toMatchObject({ count: 2, mirrored: true });
  });

  it("come back from their file", () => {
    const read = readGarment(writeGarment(spec));
    expect(read.ok && read.spec.otherArm?.side).toBe("left");
    expect(read.ok && read.spec.otherArm?.upperArm).toBeCloseTo(290, 6);
  });
});
