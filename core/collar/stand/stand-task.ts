import type { CollarChoiceOf, StandSchool } from "../collar-fields";

export type FrontEnd = CollarChoiceOf<"frontEnd">;

/** What a stand collar is drafted from, every default taken. Half garment, in millimetres. */
export type StandTask = {
  readonly school: StandSchool;
  /** The block's neckline, and how far the collar runs on beyond the centre front onto a button stand. */
  readonly neckline: { readonly back: number; readonly front: number; readonly beyond: number };
  readonly height: number;
  /** Mid-neck girth, and what the upper edge is to be longer. */
  readonly neck: number;
  readonly ease: number;
  /** Of a bowed band: how far its end lies off the level, and how much of it is level at the centre back. */
  readonly bow: number;
  readonly level: number;
  /** Of a band with a front rise: how far its end lies off the level. */
  readonly rise: number;
  readonly frontEnd: FrontEnd;
  readonly roundness: number;
  /** How wide the button is that is sewn on at the centre front; null where the ends meet there, or close otherwise. */
  readonly button: number | null;
};
