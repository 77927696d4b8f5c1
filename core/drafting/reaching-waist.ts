import { type Block, type BodiceHalf, SIDES } from "../block";
import { endOf, lineCubic } from "../geometry";

/** A block of which nothing below the armhole was measured is drawn on, straight down to the waist. */
export function reachingWaist(block: Block, backLength: number): Block {
  if (block.levels.some((level) => level.id === "waist")) return block;
  const waist = endOf(block.back.neckline.path).y + backLength;
  const [front, back] = SIDES.map((side) => drawnOn(block[side], waist)) as [BodiceHalf, BodiceHalf];
  return { ...block, front, back };
}

function drawnOn(half: BodiceHalf, level: number): BodiceHalf {
  const down = (path: BodiceHalf["centre"]) => {
    const end = endOf(path);
    return end.y >= level ? path : [...path, lineCubic(end, { x: end.x, y: level })];
  };
  return { ...half, sideSeam: down(half.sideSeam), centre: down(half.centre) };
}
