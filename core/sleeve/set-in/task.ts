import type { CapTask } from "../cap/cap-frame";
import type { SetInMethod } from "../cap/methods";
import type { SleeveLengths } from "./outline";
import type { TwoPieceChoices } from "./two-piece";

/** A surplus can be gathered, pleated or darted at the crown, a puff by choice; what is missing, stretched in, in knit only. */
export type SurplusWay = "gather" | "pleat" | "dart" | "stretch";

/** The sleeve in one piece, or cut into a top and an under sleeve. */
export type SleeveCut = "one-piece" | "two-piece";
/** Below the cap the sides bend at the elbow, or are ruled straight. */
export type SleeveSide = "bent" | "straight";

/** Everything a set-in sleeve is drafted from, in millimetres, with every default already taken. */
export type SetInTask = {
  /** What is done with what the cap is longer or shorter by, where that is wanted. */
  readonly surplus: SurplusWay | null;
  readonly method: SetInMethod;
  /** Ease given below the notches, front and back; the rest of a half's ease lies above. */
  readonly lowerEase: { readonly front: number; readonly back: number };
  readonly cap: CapTask;
  readonly lengths: SleeveLengths;
  /** Is a style going to slash it from the crown to the hem? */
  readonly slashes: boolean;
  /** Null for a sleeve in one piece. */
  readonly twoPiece: TwoPieceChoices | null;
  /** Notch distances from the underarm along the armhole. */
  readonly notches: { readonly front: number; readonly back: number };
};
