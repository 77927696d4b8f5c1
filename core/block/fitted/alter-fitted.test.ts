import { describe, expect, it } from "vitest";
import { type Garment, sketchGarment } from "../../garment";
import { along, endOf, lengthAtHeight, pathLength, startOf } from "../../geometry";
import { applyChange, type GarmentSpec } from "../../spec";
import { CHECK_BODIES, specOfCheck } from "../../testing/check-bodies";
import { ALTERATION_KINDS, ALTERATIONS, type Block, isOfBody, levelOf, measureBlock } from "..";

const KINDS = ALTERATION_KINDS.filter((kind) => isOfBody({ kind, by: 0 }));
const blouses = CHECK_BODIES.filter(({ garment }) => garment === "blouse");

function altered(spec: GarmentSpec, kind: (typeof KINDS)[number], by: number): Garment {
  return sketchGarment(applyChange(spec, { block: { alterations: [{ kind, by }] } }));
}

/** What a tape finds on a block, in millimetres and radians. */
function read(block: Block) {
  const { front, back } = block;
  const widthAt = (half: typeof front, level: number) => {
    const at = (path: typeof half.sideSeam) => along(path, lengthAtHeight(path, level)).point.x;
    return at(half.sideSeam) - (startOf(half.centre).y <= level ? at(half.centre) : 0);
  };
  const hip = Math.min(levelOf(block, "hip") ?? 0, endOf(front.sideSeam).y, endOf(back.sideSeam).y);
  // The back's, at half its depth: the front's turns with its dart.
  const { path } = back.armhole;
  const middle = along(path, lengthAtHeight(path, (startOf(path).y + endOf(path).y) / 2)).point;
  return {
    ...measureBlock(block),
    frontArmhole: front.armhole.length,
    backArmhole: back.armhole.length,
    dart: front.bust?.dart ?? 0,
    bustPoint: (front.bust?.bustPoint.y ?? 0) - startOf(front.shoulder.path).y,
    frontTip: startOf(front.armhole.path).y - startOf(front.shoulder.path).y,
    backTip: startOf(back.armhole.path).y - startOf(back.shoulder.path).y,
    backNeck: (levelOf(block, "waist") ?? 0) - startOf(back.shoulder.path).y,
    waistLevel: (levelOf(block, "waist") ?? 0) - startOf(front.shoulder.path).y,
    frontHem: endOf(front.centre).y - endOf(front.sideSeam).y,
    backHem: endOf(back.centre).y - endOf(back.sideSeam).y,
    backCentre: pathLength(back.centre),
    frontHip: widthAt(front, hip),
    backHip: widthAt(back, hip),
    acrossBack: middle.x,
  };
}
type Read = ReturnType<typeof read>;

/** What each alteration is to change by its amount, times so much, within so many millimetres; everything else is its own affair. */
const CHANGES: Readonly<Record<string, Partial<Record<keyof Read, readonly [times: number, within: number]>>>> = {
  "bust-fullness": { bust: [2, 0.2], waist: [0, 0.2], hip: [0, 0.2] },
  // A shoulder turns about its neck point: its end runs along an arc.
  "shoulder-height": { frontTip: [-1, 1], backTip: [-1, 1], armhole: [0, 0.2], bust: [0, 0.2] },
  "front-armhole-gape": { armhole: [-1, 0.2], bust: [0, 0.2] },
  "back-length": { backNeck: [1, 0.2], bust: [0, 0.2], waist: [0, 0.2] },
  "across-back": { bust: [0, 0.2], armhole: [0, 0.2], acrossBack: [1, 0.4] },
  "across-front": { bust: [0, 0.2], armhole: [0, 0.2] },
  "back-waist-rise": { backHem: [-1, 0.01], backCentre: [-1, 0.1], frontHem: [0, 0.01], bust: [0, 0.7] },
  "front-hem": { frontHem: [1, 0.01], backHem: [0, 0.01], bust: [0, 0.2] },
  // The dart moves a little too, and with it how both halves share.
  "side-seam": { frontHip: [-1, 2.5], backHip: [1, 2.5], bust: [0, 0.2], waist: [0, 0.2], hip: [0, 0.2] },
  "waist-room": { waist: [4, 0.2], bust: [0, 0.2], hip: [0, 0.2] },
  "hip-room": { hip: [4, 0.2], bust: [0, 0.2], waist: [0, 0.2] },
  "shoulder-seam": { frontTip: [1, 1.6], backTip: [-1, 1.6], armhole: [0, 0.2], bust: [0, 0.2] },
  "bust-point": { bustPoint: [1, 1], bust: [0, 0.2] },
  "waist-level": { waistLevel: [1, 0.1], bust: [0, 0.2] },
};

/** Is the block solved as it was asked: nothing held back, widened or left as ease, which would shift by a hair and change what is measured? */
function isAsAsked({ resolved }: Garment): boolean {
  const { block } = resolved;
  return block.source === "drafted" && block.school === "fitted" && block.drafted.ok && block.drafted.told.length === 0;
}

describe("a block whose figures are altered after a fitting", () => {
  it.each(KINDS)(
    "%s changes what it is about by its amount, on every body and both ways, and the seams still match",
    (kind) => {
      const { usual, isTwoWay } = ALTERATIONS[kind];
      const missed: string[] = [];
      let compared = 0;
      for (const body of blouses) {
        const spec = specOfCheck(body);
        const plain = sketchGarment(spec);
        if (!plain.block) throw new Error(`${body.id} has no block`);
        const before = read(plain.block);
        for (const by of isTwoWay ? [usual, -usual] : [usual]) {
          const garment = altered(spec, kind, by);
          const [taken] = garment.alterations;
          if (!garment.block || taken?.leftOut !== null) {
            missed.push(`${body.id} ${by}: ${taken?.leftOut}`);
            continue;
          }
          const after = read(garment.block);
          const isCompared = isAsAsked(plain) && isAsAsked(garment);
          if (isCompared) compared++;
          for (const [name, [times, within]] of Object.entries(isCompared ? (CHANGES[kind] ?? {}) : {})) {
            const grown = Number(after[name as keyof Read]) - Number(before[name as keyof Read]);
            if (!(Math.abs(grown - times * by) <= within)) missed.push(`${body.id} ${by}: ${name} ${grown.toFixed(2)}`);
          }
          if (Math.abs(after.side.front - after.side.back) > 0.1) missed.push(`${body.id} ${by}: sides differ`);
          const faults = (of: Garment) =>
            of.findings.filter(({ severity }) => severity === "fault").map(({ code }) => code);
          const fresh = faults(garment).filter((code) => !faults(plain).includes(code));
          if (fresh.length > 0) missed.push(`${body.id} ${by}: ${fresh.join()}`);
        }
      }
      expect(missed).toEqual([]);
      expect(compared).toBeGreaterThan(8);
    },
  );
});
