import { describe, expect, it } from "vitest";
import { measureBlock, usualEase } from "../block";
import { sewnSleeve } from "../drafting";
import { draftGarment } from "../garment";
import { boxOf, curvature } from "../geometry";
import { bodyOfCheck, CHECK_BODIES } from "../testing/check-bodies";
import { IS_THOROUGH } from "../testing/thorough";
import { bodyOf, women } from "../testing/women";
import { STARTING_POINTS, startedFrom } from ".";

/** Every body that a starting point is to suit as it is: made-up ones that differ much, and women of an open data set. */
const BODIES = [
  ...CHECK_BODIES.filter(({ garment }, i) => garment === "blouse" && (IS_THOROUGH || i % 2 === 0)).map((check) => ({
    id: check.id,
    body: bodyOfCheck(check),
    isMan: check.body.sex === "man",
  })),
  ...women
    .filter((_, i) => IS_THOROUGH || i % 52 === 3)
    .map((woman, i) => ({ id: `woman ${i}`, body: bodyOf(woman), isMan: false })),
];
const SHIRTS = ["work-shirt", "shirt-dress"];
const FITTED = ["blouse", "jacket"];
const MOST_SWING_MM = 63.5;

function made(id: string, { body, isMan }: (typeof BODIES)[number]) {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, body);
  if (!spec) throw new Error(id);
  return draftGarment({ ...spec, proportions: isMan ? "man" : "woman" });
}

describe("what a starting point gives by default, on very different bodies", () => {
  it.each(["blouse", "jacket", "raglan-coat"])(
    "%s: no collar's end is swung out by more than 2 1/2 in (common practice, no source)",
    (id) => {
      for (const who of BODIES) {
        const at = made(id, who).collar?.drawing.outer?.at;
        expect(Math.abs(at ?? Number.NaN), who.id).toBeLessThanOrEqual(MOST_SWING_MM);
      }
    },
  );

  it.each(SHIRTS)("%s: no stand is higher than 60 mm on paper", (id) => {
    for (const who of BODIES) {
      const stand = made(id, who).pieces.find((piece) => piece.id === "collarStand");
      const { top, bottom } = boxOf([stand?.outline ?? []]);
      expect(bottom - top, who.id).toBeLessThanOrEqual(60);
    }
  });

  it.each(FITTED)(
    "%s: the cap is 0.55 to 0.9 of the armhole's depth, where the arm is of a size with it (common practice, no source)",
    (id) => {
      for (const who of BODIES) {
        const garment = made(id, who);
        const sleeve = sewnSleeve(garment);
        const { upperArm, armholeGirth } = garment.resolved.body;
        if (!sleeve || !garment.block || upperArm / (armholeGirth ?? upperArm * 1.4) > 0.76) continue;
        const share = sleeve.sleeve.frame.height / garment.block.depth;
        expect(share, who.id).toBeGreaterThan(0.55);
        expect(share, who.id).toBeLessThan(0.9);
      }
    },
  );

  it.each(["blouse", "jacket", "work-shirt", "shirt-dress", "t-shirt", "raglan-coat"])(
    "%s: the block has the room of its garment at the bust on its own line",
    (id) => {
      for (const who of BODIES) {
        const { block, resolved } = made(id, who);
        const from = resolved.block;
        if (!block || from.source !== "drafted" || from.school !== "fitted") throw new Error(`${id} ${who.id}`);
        const bust = measureBlock(block).bust ?? Number.NaN;
        const wanted = usualEase(from.garment, resolved.cloth.kind, resolved.body.bust).bust;
        expect(Math.abs(bust - resolved.body.bust - wanted), who.id).toBeLessThan(2);
      }
    },
  );

  it.each(["fitted", "quick", "readings"])(
    "no back neck of a block by %s is a hairpin: it bends one way, nowhere tighter than 15 mm",
    (way) => {
      for (const who of BODIES) {
        const begun = made("work-shirt", who).spec;
        const block =
          way === "readings"
            ? { source: "readings" as const, armhole: {} }
            : { source: "drafted" as const, school: way };
        const garment = draftGarment({ ...begun, block } as typeof begun);
        const path = garment.block?.back.neckline.path ?? [];
        const bends = path.flatMap((cubic) => Array.from({ length: 99 }, (_, i) => curvature(cubic, (i + 0.5) / 99)));
        expect(bends.length, who.id).toBeGreaterThan(0);
        expect(Math.max(...bends.map(Math.abs)), who.id).toBeLessThan(1 / 15);
        const signs = new Set(bends.filter((bend) => Math.abs(bend) > 1e-5).map(Math.sign));
        expect(signs.size, who.id).toBe(1);
      }
    },
  );
});
