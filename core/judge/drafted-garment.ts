import type { AssembledGarment, BuiltBlock, CollarAttempt, SleeveAttempt } from "../drafting";
import type { NamedSolution } from "../geometry";
import type { DefaultTaken, ResolvedSpec } from "../resolve";
import type { GarmentSpec } from "../spec";
import type { Finding } from "./finding";

/** A garment as it was drafted, for whoever judges it. Millimetres. */
export type DraftedGarment = {
  readonly spec: GarmentSpec;
  readonly resolved: ResolvedSpec;
  /** Every default as it was taken in the end. */
  readonly defaults: readonly DefaultTaken[];
  readonly built: BuiltBlock;
  /** Null where no sleeve is wanted, or there is no block for one. */
  readonly sleeve: SleeveAttempt | null;
  readonly collar: CollarAttempt | null;
  readonly together: AssembledGarment;
  readonly solvers: readonly NamedSolution[];
  /** What drafting did not foresee, as findings of the stations where it happened. */
  readonly unforeseen: readonly Finding[];
};
