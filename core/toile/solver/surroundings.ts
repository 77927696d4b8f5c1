/** A solid that cloth lies on: writes the outward normal to `normal` and gives how far the place is outside, in metres. */
export type Solid = (x: number, y: number, z: number, normal: Float64Array) => number;

/** Pairs of points that are drawn together, and lengths that are no longer than they may be. */
export type Ties = {
  /** Two points each. */
  readonly points: Int32Array;
  /** How far apart they may be now, in metres: changed from outside while a seam closes. */
  readonly rest: Float64Array;
  /** Newtons a metre at which a tie holds; infinite for a stitch. */
  readonly stiffness: Float64Array;
};

/** Cloth lies so far off the body: about its thickness and what is worn under it. Metres. */
export const USUAL_CLEARANCE = 0.0015;
