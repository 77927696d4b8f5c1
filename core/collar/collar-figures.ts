import { type Figure, length, type Phrase, phrase } from "../draft";

/** A length that is measured on the finished draft. */
export function measuredFigure(id: string, label: string, value: number, formula: Phrase): Figure {
  return { id, label, value, kind: "length", formula, rule: "Measured on the draft", source: "geometry" };
}

/** How long the seam at the neck is, of the half; told from what it is put together. */
export function neckSeamFigure(value: number, formula: Phrase): Figure {
  return measuredFigure("collar.neckSeam", "Neck seam of the collar, half", value, formula);
}

/** Of a collar that runs along the whole neckline, and on along a button stand. */
export function alongNeckline({
  back,
  front,
  beyond,
}: {
  readonly back: number;
  readonly front: number;
  readonly beyond: number;
}): Phrase {
  return phrase`back neck ${length(back)} + front neck ${length(front)}${beyond > 0 ? phrase` + button stand ${length(beyond)}` : ""}`;
}

/** Of a collar that is cut in one with the front. */
export const BACK_NECK_ONLY = phrase`the back neckline; in front the collar is in one with the front`;

/** The under collar is so much smaller all along its free edges, so that the seam rolls under (from memory). Millimetres. */
export const UNDER_SMALLER_MM = 2.5;

/** A lapel, turned back, keeps an inch inside the armhole (common practice, no source). */
export const LEAST_CLEARANCE_MM = 25.4;

/** How far below the front neck a lapel's tip lies (common practice, no source). Millimetres. */
export const USUAL_DROP_MM = 12.7;
