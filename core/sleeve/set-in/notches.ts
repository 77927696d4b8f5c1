import { type Block, lengthToLevel } from "../../block";

/** Where a notch stands on the armhole and on the cap, measured along each seam from the underarm, in millimetres. */
export type SeamNotch = {
  readonly id: "front" | "back" | "backSecond" | "shoulder";
  readonly name: string;
  readonly seam: "armhole.front" | "armhole.back";
  readonly bodyAt: number;
  readonly partAt: number;
};

/** The back notch is double, so that front and back cannot be confused (common practice, no source). */
export const DOUBLE_NOTCH_GAP_MM = 10;

/**
 * With only an armhole measured there is no across-front or across-back line to take the level from; a third of the
 * depth above the underarm stands in for it (from memory).
 */
export const NOTCH_LEVEL_SHARE_OF_DEPTH = 1 / 3;

/** The usual notch distances from the underarm along the armhole, front and back. */
export function usualNotches(block: Block): { readonly front: number; readonly back: number } {
  const level = block.depth * NOTCH_LEVEL_SHARE_OF_DEPTH;
  return { front: lengthToLevel(block.front, level), back: lengthToLevel(block.back, level) };
}

/** Between these shares of the cap a notch stands, whatever ease is asked for below it: `judgeLowerEase` tells when it is moved. Our own limits. */
const LEAST_CAP_SHARE = 0.02;
const MOST_CAP_SHARE = 0.9;

/** Where a notch stands on a cap of this length that is asked for so far up it. */
export function onCap(asked: number, cap: number): number {
  return Math.min(cap * MOST_CAP_SHARE, Math.max(cap * LEAST_CAP_SHARE, asked));
}

/**
 * The notches on both edges. A notch stands as far up the cap as up the armhole, plus the ease given below it; the shoulder
 * notch takes up the whole cap front.
 */
export function seamNotches(
  places: { readonly front: number; readonly back: number },
  lowerEase: { readonly front: number; readonly back: number },
  armholeFront: number,
  cap: { readonly front: number; readonly back: number },
): readonly SeamNotch[] {
  const second = places.back + DOUBLE_NOTCH_GAP_MM;
  const front = onCap(places.front + lowerEase.front, cap.front);
  const back = onCap(places.back + lowerEase.back, cap.back);
  return [
    { id: "front", name: "Front notch", seam: "armhole.front", bodyAt: places.front, partAt: front },
    { id: "back", name: "Back notch, lower", seam: "armhole.back", bodyAt: places.back, partAt: back },
    {
      id: "backSecond",
      name: "Back notch, upper",
      seam: "armhole.back",
      bodyAt: second,
      partAt: back + DOUBLE_NOTCH_GAP_MM,
    },
    { id: "shoulder", name: "Shoulder notch", seam: "armhole.front", bodyAt: armholeFront, partAt: cap.front },
  ];
}
