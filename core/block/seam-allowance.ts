import type { ReadingPath } from "./readings";

/** What a reading along the cut edge gains or loses on the way to the stitching line, by reading, in millimetres. */
export type ReadingOffsets = Readonly<Record<ReadingPath, number>>;

/**
 * From the cut edge to the stitching line, for an allowance of `allowance` all round and a fold at the centre. The cut edge is
 * parallel to the stitching line, and the corners at shoulder and side are square, so every reading moves by an exact
 * amount: a curve that turns by θ is shorter by allowance × θ on its hollow side, and longer by one allowance at each end
 * that crosses a seam. `shoulderAngle` in radians; source: geometry of parallel curves.
 */
export function stitchingLineOffsets(allowance: number, shoulderAngle: number): ReadingOffsets {
  const sin = Math.sin(shoulderAngle);
  const cos = Math.cos(shoulderAngle);
  const armhole = allowance * (Math.PI / 2 + shoulderAngle - 2);
  const neckline = allowance * (Math.PI / 2 - shoulderAngle - 1);
  const neckDepth = allowance * (1 - cos - sin);
  return {
    "armhole.front": armhole,
    "armhole.back": armhole,
    "armhole.depth": allowance * (1 + sin - cos),
    "shoulder.length": -2 * allowance,
    "shoulder.slope": -2 * allowance * sin,
    "neckline.width": allowance * (cos - sin),
    "neckline.frontDepth": neckDepth,
    "neckline.backDepth": neckDepth,
    "neckline.frontLength": neckline,
    "neckline.backLength": neckline,
  };
}
