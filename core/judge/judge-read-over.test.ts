import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment, type Garment } from "../garment";
import { pathLength } from "../geometry";
import { applyChange, type GarmentSpec } from "../spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { bodyOfCheck, CHECK_BODIES } from "../testing/check-bodies";

const started = (id: string): GarmentSpec => {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(id);
  return spec;
};
const withRead = (spec: GarmentSpec, read: object, body = spec.body): GarmentSpec =>
  ({ ...spec, body, block: { ...spec.block, read } }) as GarmentSpec;
const edgeOf = ({ pieces }: Garment, piece: string, edge: string) => {
  const found = pieces.find(({ id }) => id === piece)?.edges.find(({ id }) => id === edge);
  return found ? pathLength(found.path) : Number.NaN;
};
const seamOf = ({ seams }: Garment, id: string) => seams.find((seam) => seam.id === id);
const codesOf = ({ findings }: Garment) => findings.map(({ code }) => code);

describe("an armhole and a neckline read over a drafted block", () => {
  const shirt = started("work-shirt");

  it("fit sleeve and collar to the readings, while front and back stay whole", () => {
    const plain = draftGarment(shirt);
    const { front, back } = plain.block ?? { front: null, back: null };
    const read = {
      frontArmhole: (front?.armhole.length ?? 0) + 9,
      backArmhole: (back?.armhole.length ?? 0) - 4,
      frontNeckline: (front?.neckline.length ?? 0) + 6,
      backNeckline: (back?.neckline.length ?? 0) + 2,
    };
    const over = draftGarment(withRead(shirt, read));
    expect(seamOf(over, "armhole.front")?.bodyLength).toBeCloseTo(read.frontArmhole, 3);
    expect(seamOf(over, "armhole.back")?.bodyLength).toBeCloseTo(read.backArmhole, 3);
    const cap = over.seams.filter(({ id }) => id.startsWith("armhole")).reduce((sum, { ease }) => sum + ease, 0);
    const plainCap = plain.seams.filter(({ id }) => id.startsWith("armhole")).reduce((sum, { ease }) => sum + ease, 0);
    expect(cap).toBeCloseTo(plainCap, 2);
    expect(seamOf(over, "neckline")?.bodyLength).toBeCloseTo((seamOf(plain, "neckline")?.bodyLength ?? 0) + 8, 2);
    for (const [piece, edge] of [
      ["front", "armhole"],
      ["back", "armhole"],
      ["back", "neckline"],
      ["front", "side"],
    ] as const)
      expect(edgeOf(over, piece, edge)).toBeCloseTo(edgeOf(plain, piece, edge), 6);
    expect(codesOf(over)).toEqual(expect.arrayContaining(["armhole-read-over", "neckline-read-over"]));
    expect(codesOf(plain)).not.toContain("armhole-read-over");
  });

  it.each(CHECK_BODIES)("are taken into the block of $id by a remedy", (check) => {
    const body = bodyOfCheck(check);
    const plain = draftGarment({ ...shirt, body });
    const read = {
      frontArmhole: (plain.block?.front.armhole.length ?? 0) + 5,
      frontNeckline: (plain.block?.front.neckline.length ?? 0) + 4,
    };
    const over = draftGarment(withRead(shirt, read, body));
    const taken = over.findings
      .flatMap(({ remedies }) => remedies)
      .filter(({ id }) => id.startsWith("take-in-"))
      .reduce((spec, { change }) => applyChange(spec, change), over.spec);
    const after = draftGarment(taken);
    expect(codesOf(after)).not.toContain("armhole-read-over");
    const girth = ({ block }: Garment) => (block?.front.armhole.length ?? 0) + (block?.back.armhole.length ?? 0);
    const neck = ({ block }: Garment) => (block?.front.neckline.length ?? 0) + (block?.back.neckline.length ?? 0);
    expect(girth(after)).toBeCloseTo(girth(plain) + 5, 0);
    expect(neck(after)).toBeCloseTo(neck(plain) + 4, 0);
  });

  it("are taken into a block by the quick rules too", () => {
    const quick = { ...shirt, block: { source: "drafted", school: "quick" } } as GarmentSpec;
    const plain = draftGarment(quick);
    const read = { backArmhole: (plain.block?.back.armhole.length ?? 0) + 8 };
    const over = draftGarment(withRead(quick, read));
    const way = over.findings.flatMap(({ remedies }) => remedies).find(({ id }) => id === "take-in-armhole");
    expect(way).toBeDefined();
    const { block } = draftGarment(applyChange(over.spec, way?.change ?? {}));
    const girth = (block?.front.armhole.length ?? 0) + (block?.back.armhole.length ?? 0);
    expect(girth).toBeCloseTo((plain.block?.front.armhole.length ?? 0) + read.backArmhole, 2);
  });

  it("are told where nothing is fitted to them", () => {
    const raglan = withRead(started("raglan-coat"), { frontArmhole: 250, frontNeckline: 140 });
    expect(codesOf(draftGarment(raglan))).toEqual(
      expect.arrayContaining(["armhole-read-in-vain", "neckline-read-in-vain"]),
    );
    const impossible = withRead(shirt, { frontNeckline: 900 });
    expect(codesOf(draftGarment(impossible))).toContain("neckline-read-fits-none");
  });

  it("never break what any sleeve and collar keep to", () => {
    const off = fc.integer({ min: -25, max: 40 });
    const plain = draftGarment(shirt);
    fc.assert(
      fc.property(off, off, (armhole, neckline) => {
        const over = draftGarment(
          withRead(shirt, {
            backArmhole: (plain.block?.back.armhole.length ?? 0) + armhole,
            backNeckline: (plain.block?.back.neckline.length ?? 0) + neckline / 4,
          }),
        );
        for (const { converged } of over.solvers.map(({ solution }) => solution)) expect(converged).toBe(true);
        expect(seamOf(over, "neckline")?.partLength).toBeCloseTo(seamOf(over, "neckline")?.bodyLength ?? 0, 1);
      }),
      { numRuns: 12 },
    );
  });
});
