import { type Block, type BodiceHalf, type Level, levelOf } from "../block";
import { endOf, lineCubic } from "../geometry";

/** A block of which nothing below the armhole was measured is drawn on, straight down to the waist. */
export function reachingWaist(block: Block, backLength: number): Block {
  if (levelOf(block, "waist") !== null) return block;
  const waist = endOf(block.back.neckline.path).y + backLength;
  const levels: readonly Level[] = [...block.levels, { id: "waist", name: "Waist", y: waist }];
  return { ...block, levels, front: drawnOn(block.front, waist), back: drawnOn(block.back, waist) };
}

function drawnOn(half: BodiceHalf, level: number): BodiceHalf {
  const down = (path: BodiceHalf["centre"]) => {
    const end = endOf(path);
    return end.y >= level ? path : [...path, lineCubic(end, { x: end.x, y: level })];
  };
  return { ...half, sideSeam: down(half.sideSeam), centre: down(half.centre) };
}
