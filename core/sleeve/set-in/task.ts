import type { CapTask } from "./cap-frame";
import type { SetInMethod } from "./methods";
import type { SleeveLengths } from "./outline";

/** Everything a set-in sleeve is drafted from, in millimetres, with every default already taken. */
export type SetInTask = {
  readonly method: SetInMethod;
  readonly cap: CapTask;
  readonly lengths: SleeveLengths;
  /** Notch distances from the underarm along the armhole. */
  readonly notches: { readonly front: number; readonly back: number };
};
