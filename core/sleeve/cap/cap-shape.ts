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

export type CapShapes = { readonly front: CapShape; readonly back: CapShape };

/**
 * How the curve is found: by the guide points with which a hand draws it, at the quarters of the slant or at its middle only,
 * or with a lower cap that follows the armhole's own lower curve.
 */
export type CapCurve = "armhole" | "quarters" | "middle";
/** A curve that is the same for every armhole. */
export type GuidedCurve = Exclude<CapCurve, "armhole">;

/**
 * The front lower cap is hollower, the back is fuller (common practice, no source). At a usual size (half width 7 in, cap
 * 5 in) the quarters curve stands about 1/2 in outside the slant at its upper quarter and 1/2 in inside at its lower quarter,
 * less at the front and more at the back above, the reverse below; the middle curve stands between
 * 1/2 and 1 in outside the slant's middle at the back, and on it at the front.
 */
export const CAP_SHAPES: Readonly<Record<GuidedCurve, CapShapes>> = {
  quarters: {
    front: { crownFullness: 0.47, underarmHollow: 0.53 },
    back: { crownFullness: 0.56, underarmHollow: 0.44 },
  },
  middle: {
    front: { crownFullness: 0.5, underarmHollow: 0.5 },
    back: { crownFullness: 0.66, underarmHollow: 0.34 },
  },
};

/** The places on the slant at which a hand can say how far the cap stands outside it. */
export const GUIDES = ["upper", "middle", "lower"] as const;
export type Guide = (typeof GUIDES)[number];

/** Millimetres square to the slant, outside it positive; what is left out is as usual for the curve. */
export type HalfGuides = { readonly [guide in Guide]?: number | undefined };
export type CapGuides = { readonly front: HalfGuides; readonly back: HalfGuides };

/** How far a curve may be flattened towards its slant, and filled towards its corners, from what it is. Our own limits. */
export const FULLNESS_CHANGE = { least: -0.6, most: 0.6 } as const;
const LONGEST_HANDLE = 0.95;

/** The shape with this hollow at the underarm; what is hollowed out below stands out above, as in both families of guide points. */
export function followingShape(underarmHollow: number): CapShape {
  return { crownFullness: 1 - underarmHollow, underarmHollow };
}

/** The two shapes, filled by a share of what they are; a negative share flattens them. */
export function filledShapes(shapes: CapShapes, fullnessChange: number): CapShapes {
  if (fullnessChange === 0) return shapes;
  return { front: filled(shapes.front, fullnessChange), back: filled(shapes.back, fullnessChange) };
}

function filled(shape: CapShape, by: number): CapShape {
  const handle = (share: number) => Math.min(LONGEST_HANDLE, share * (1 + by));
  return { crownFullness: handle(shape.crownFullness), underarmHollow: handle(shape.underarmHollow) };
}

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
