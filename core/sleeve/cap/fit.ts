import { findRoot, SOLVED_FINELY_MM, SOLVED_MM, type Solution } from "../../geometry";
import { type CapShape, type CapShapes, halfCapLength } from "./cap-shape";

/** The two seam lengths that a cap has to have, in millimetres: armhole plus ease, front and back. */
export type CapSeams = { readonly front: number; readonly back: number };

/** The cap heights that are accepted, in millimetres. */
export type HeightLimits = { readonly least: number; readonly most: number };

export type FittedCap = {
  readonly height: number;
  readonly frontWidth: number;
  readonly backWidth: number;
  readonly solution: Solution;
};

/** What this armhole and ease can do at all: the widest sleeve has the lowest cap, the narrowest the highest. */
export type FeasibleRange = {
  readonly height: HeightLimits;
  readonly width: { readonly least: number; readonly most: number };
};

/**
 * The half width at which a half cap of this height measures `seam`. Unique, since the seam grows with the width.
 * The seam lies between its slant and the two sides of the slant's right angle, which brackets the width.
 * Throws when the height is not below the seam: no half cap has such a seam.
 */
export function halfWidthFor(shape: CapShape, seam: number, height: number): number {
  if (!(height >= 0 && height < seam)) throw new RangeError(`halfWidthFor: height ${height} is not in [0, ${seam})`);
  const least = seam - height;
  const most = Math.sqrt(seam * seam - height * height);
  return findRoot((width) => halfCapLength(shape, width, height) - seam, least, most, SOLVED_FINELY_MM).value;
}

/** The whole width on the cap line of the cap that has these seams and this height. */
export function widthAtHeight(seams: CapSeams, shapes: CapShapes, height: number): number {
  return halfWidthFor(shapes.front, seams.front, height) + halfWidthFor(shapes.back, seams.back, height);
}

/** The widths for which a cap of these seams exists within the height limits. Null when the seams are shorter than the limits ask. */
export function feasibleRange(seams: CapSeams, shapes: CapShapes, limits: HeightLimits): FeasibleRange | null {
  const most = Math.min(limits.most, seams.front * HIGHEST_SHARE, seams.back * HIGHEST_SHARE);
  if (!(most > limits.least)) return null;
  return {
    height: { least: limits.least, most },
    width: { least: widthAtHeight(seams, shapes, most), most: widthAtHeight(seams, shapes, limits.least) },
  };
}

/** A half cap that rises nearly straight up is none: its seam must be a little longer than it is high. Our own limit. */
const HIGHEST_SHARE = 0.98;

/**
 * Fit first: the one cap whose seams are `seams` and whose width on the cap line is `width`; the crown falls where
 * front and back both come out. Null when the width is outside the feasible range.
 */
export function fitCap(seams: CapSeams, shapes: CapShapes, width: number, range: FeasibleRange): FittedCap | null {
  if (width < range.width.least || width > range.width.most) return null;
  const miss = (height: number) => widthAtHeight(seams, shapes, height) - width;
  const solution = findRoot(miss, range.height.least, range.height.most, SOLVED_MM);
  const height = solution.value;
  return {
    height,
    frontWidth: halfWidthFor(shapes.front, seams.front, height),
    backWidth: halfWidthFor(shapes.back, seams.back, height),
    solution,
  };
}
