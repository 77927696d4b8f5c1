import type { ArmPose } from "./body/arm";
import type { Trunk } from "./body/body";
import type { Assembly, Cut, Stitched } from "./sewing/assembly";
import type { FoldLine } from "./sewing/fold";
import type { SewingPlan } from "./sewing/plan";

/** One half as it hangs: everything in metres, y up from the neck point, on the wearer's right. */
export type WornHalf = {
  readonly plan: SewingPlan;
  readonly trunk: Trunk;
  readonly pose: ArmPose;
  readonly cut: Cut;
  /** Where each piece is folded over; null for one that is not. */
  readonly folds: readonly (FoldLine | null)[];
  readonly assembly: Assembly;
  readonly places: Float64Array;
  /** The same for every point of every piece, those that are sewn together among them. */
  readonly local: Float64Array;
  /** Across and along the grain of every triangle: 0.01 for 1 %. */
  readonly strains: Float64Array;
  readonly stitches: readonly Stitched[];
};
