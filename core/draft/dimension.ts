import type { Path, Point } from "../geometry";

/** Where a figure lies on the draft. Millimetres of the sheet. */
export type DimensionPlace =
  /** A straight distance: what stays, and what the figure moves. */
  | { readonly as: "distance"; readonly from: Point; readonly to: Point }
  /** The length of an edge. */
  | { readonly as: "edge"; readonly path: Path }
  /** A figure that acts at a place and is no distance that could be drawn there. */
  | { readonly as: "place"; readonly at: Point };

/**
 * A figure of the draft where it acts. Rank 1 is shown at rest, 2 and 3 when a hand comes near or the sheet is looked at closer. `types` is
 * the path of the field that is typed there, null for what is only measured; `value` in millimetres is what is written, the field's own
 * figure or, of an ease, the width that it gives.
 */
export type Dimension = {
  readonly id: string;
  readonly label: string;
  readonly value: number;
  readonly types: string | null;
  readonly rank: 1 | 2 | 3;
  readonly place: DimensionPlace;
  /** The piece or half that it lies on, by its id. */
  readonly on: string | null;
};
