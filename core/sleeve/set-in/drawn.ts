import type { CapFrame } from "./cap-frame";
import type { SleeveFigures } from "./figures";
import type { SeamNotch } from "./notches";
import type { SleeveOutline } from "./outline";
import type { SetInTask } from "./task";
import type { TwoPiece } from "./two-piece";

/** Everything about a drafted sleeve that its steps tell of. */
export type Drawn = {
  readonly task: SetInTask;
  readonly frame: CapFrame;
  readonly outline: SleeveOutline;
  readonly twoPiece: TwoPiece | null;
  readonly notches: readonly SeamNotch[];
  readonly capLength: { readonly front: number; readonly back: number };
  readonly figures: SleeveFigures;
};
