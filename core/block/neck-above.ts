import { lineCubic, mapCubic, startOf } from "../geometry";
import { type BodiceHalf, curve, shoulderAngleOf } from "./half";
import { necklineHalf, USUAL_FULLNESS } from "./neckline-curve";

/**
 * The half with its neck at the centre no lower than `level`, in millimetres below the side neck level, drawn as a usual round one where it
 * was lower: for a garment that is cut straight across there, and so leaves nothing of its neck.
 */
export function withNeckAbove(half: BodiceHalf, level: number): BodiceHalf {
  const from = startOf(half.centre);
  if (from.y <= level) return half;
  const neck = startOf(half.neckline.path);
  const drawn = necklineHalf(neck.x - from.x, level - neck.y, USUAL_FULLNESS[half.side], shoulderAngleOf(half));
  return {
    ...half,
    neckline: curve([mapCubic(drawn, (p) => ({ x: p.x + from.x, y: p.y + neck.y }))]),
    centre: [lineCubic({ x: from.x, y: level }, from), ...half.centre],
  };
}
