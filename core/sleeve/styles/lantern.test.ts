import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { crossesItself, pathLength } from "../../geometry";
import { applyChange } from "../../spec";
import { as, codes, drafted } from "../../testing/styles";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe("a lantern sleeve", () => {
  const anyLantern = fc.record({ seamLevel: size(200, 500), spread: size(0, 500), fall: size(0, 60) });

  it("has a seam whose edges are of one length, and an upper cap that keeps its own", () => {
    const plain = drafted(as("set-in")).sleeve.sleeve.capLength;
    fc.assert(
      fc.property(anyLantern, (lantern) => {
        const { garment, sleeve } = drafted(as("lantern", { lantern }));
        const [upper, lower] = garment.pieces;
        const edge = (piece: typeof upper, id: string) => piece?.edges.find((one) => one.id === id)?.length ?? 0;
        expect(edge(upper, "lanternSeam")).toBeCloseTo(edge(lower, "lanternSeam"), 2);
        expect(edge(lower, "underarmFront")).toBeCloseTo(edge(lower, "underarmBack"), 6);
        expect(pathLength(sleeve.caps.front)).toBeCloseTo(plain.front, 2);
        for (const piece of garment.pieces) expect(crossesItself(piece.outline, 4)).toBe(false);
      }),
      { numRuns: 40 },
    );
  });

  it("has its opening marked above the cuff, and none at its seam", () => {
    const marked = drafted(as("lantern")).garment.pieces.map((piece) =>
      piece.notches.some((one) => one.id === "opening"),
    );
    expect(marked).toEqual([false, true, false]);
  });

  it("without a spread is the plain sleeve cut across", () => {
    const { garment } = drafted(as("lantern", { lantern: { spread: 0, fall: 0 }, hem: { finish: "plain" } }));
    const plain = drafted(as("set-in")).sleeve.sleeve.outline;
    const [upper, lower] = garment.pieces;
    const edge = (piece: typeof upper, id: string) => piece?.edges.find((one) => one.id === id);
    expect(edge(upper, "capFront")?.path).toEqual([plain.capFront]);
    expect(edge(lower, "hem")?.length).toBeCloseTo(2 * plain.frontHem.x, 6);
  });

  it("says so when its seam would lie in the cap or below the hem, and can be put where it is drawn", () => {
    for (const lantern of [{ seamLevel: 80 }, { seamLevel: 880 }, { seamLevel: 500, spread: 650 }]) {
      const spec = as("lantern", { lantern });
      const found = draftGarment(spec).findings.find((finding) => finding.code === "no-room-in-sleeve");
      expect(found?.severity).toBe("fault");
      expect(codes(applyChange(spec, found?.remedies[0]?.change ?? {}))).not.toContain("no-room-in-sleeve");
    }
  });
});
