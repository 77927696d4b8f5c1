import type { Point } from "../geometry";

/** A place on the sheet that is dragged to change one of a part's figures. Millimetres. */
export type Handle<Field extends string = string> = {
  readonly name: string;
  readonly at: Point;
  readonly field: Field;
  /** How much the figure grows for each millimetre that the place is dragged to the right, and down. */
  readonly gain: Point;
  /** The figure is how far this place lies, that way, from where it would lie at nothing: it can be drawn as a distance. */
  readonly isDistance?: true;
};
