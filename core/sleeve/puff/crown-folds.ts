import { length, phrase, point, type StepRecord } from "../../draft";
import { line, type Path, pathLength, reversePath } from "../../geometry";
import { notchOn, type PieceNotch } from "../../pattern";
import { pleatsFor } from "../set-in";

/** Between two pleats or darts, along the finished seam. From memory. */
const GAP_MM = 12.7;
/** A dart at the crown is sewn so far down. From memory. */
const DART_LENGTH_MM = 63.5;

/** The surplus of a raised crown laid in pleats or sewn in darts, evenly to both sides of the crown. */
export type CrownFolds = {
  readonly way: "pleat" | "dart";
  readonly count: number;
  readonly depth: number;
  readonly notches: readonly PieceNotch[];
  /** The legs of the darts; none of pleats. */
  readonly darts: readonly Path[];
};

/** `caps` run from the crown down; `surplus` is what the folds take up. Null when there is nothing to take up. */
export function crownFolds(
  way: "pleat" | "dart",
  caps: { readonly front: Path; readonly back: Path },
  surplus: number,
): CrownFolds | null {
  if (surplus <= 0) return null;
  const { count, depth } = pleatsFor(surplus);
  const over: Path = [...reversePath(caps.back), ...caps.front];
  const crown = pathLength(caps.back);
  const first = crown - (count * 2 * depth + (count - 1) * GAP_MM) / 2;
  const marks = Array.from({ length: count }, (_, i) => {
    const from = first + i * (2 * depth + GAP_MM);
    const name = `${way}.${i + 1}`;
    return [notchOn(`${name}.from`, over, from), notchOn(`${name}.to`, over, from + 2 * depth)] as const;
  });
  return {
    way,
    count,
    depth,
    notches: marks.flat(),
    darts: way === "dart" ? marks.map(([from, to]) => legs(from, to)) : [],
  };
}

function legs(from: PieceNotch, to: PieceNotch): Path {
  const apex = {
    x: (from.at.x + to.at.x) / 2 + ((from.inwards.x + to.inwards.x) / 2) * DART_LENGTH_MM,
    y: (from.at.y + to.at.y) / 2 + ((from.inwards.y + to.inwards.y) / 2) * DART_LENGTH_MM,
  };
  return [...line(from.at, apex), ...line(apex, to.at)];
}

export function foldStep({ way, count, depth, darts }: CrownFolds, taken: number): StepRecord {
  const many = count === 1 ? `one ${way}` : `${count} ${way}s`;
  const done =
    way === "pleat"
      ? phrase`lay ${many} ${length(depth)} deep, turned away from ${point("Y")}`
      : phrase`sew ${many} ${length(2 * depth)} wide and ${length(DART_LENGTH_MM)} long`;
  return {
    text: phrase`To both sides of ${point("Y")} evenly, ${length(GAP_MM)} apart, ${done}: together they take up ${length(taken)}, and what is left is eased onto the armhole as it was fitted.`,
    lines: darts.map((path, i) => ({ id: `crownDart.${i + 1}`, path, kind: "seam" as const })),
  };
}
