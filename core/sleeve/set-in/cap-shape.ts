import { type Cubic, cubicLength } from "../../geometry";

/**
 * How one half of a cap bends between the crown and the end of the cap line. Both handles lie level, so the seam
 * is level at the crown and at the underarm; a single cubic between them turns exactly once on the way, which is
 * what a hand calls a fair cap.
 *
 * Width and height only stretch the shape. A stretch keeps it fair, and makes the seam strictly longer with more
 * height and with more width, so a fit either exists and is the only one, or provably does not exist.
 */
export type CapShape = {
  /** Length of the handle at the crown as a share of the half width: more fills the crown. In (0, 1). */
  readonly crownFullness: number;
  /** Length of the handle at the underarm as a share of the half width: more hollows the lower cap. In (0, 1). */
  readonly underarmHollow: number;
};

/**
 * The front lower cap is hollower, the back is fuller. Chosen so that at a usual size (half width 7 in, cap 5 in) the
 * seam stands about 1/2 in outside the slant at its upper quarter and 1/2 in inside at its lower quarter, less at
 * the front and more at the back above, the reverse below: the guide points of common practice (no source).
 */
export const FRONT_SHAPE: CapShape = { crownFullness: 0.47, underarmHollow: 0.53 };
export const BACK_SHAPE: CapShape = { crownFullness: 0.56, underarmHollow: 0.44 };

/** A half cap from the crown at (0, 0) to the end of the cap line at (width, height). */
export function halfCap(shape: CapShape, width: number, height: number): Cubic {
  return [
    { x: 0, y: 0 },
    { x: shape.crownFullness * width, y: 0 },
    { x: (1 - shape.underarmHollow) * width, y: height },
    { x: width, y: height },
  ];
}

export function halfCapLength(shape: CapShape, width: number, height: number): number {
  return cubicLength(halfCap(shape, width, height));
}
