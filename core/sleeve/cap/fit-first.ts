import { length, phrase } from "../../draft";
import { type CapFrame, type CapTask, shapesOf, wantedSeams } from "./cap-frame";
import { type FeasibleRange, feasibleRange, fitCap, widthAtHeight } from "./fit";

/** A cap lower than this belongs to a dropped shoulder (0 to 2 in, common practice); 1 in is where set-in sleeves begin here. */
export const LOWEST_CAP_MM = 25.4;

/** What fit first can reach for this armhole and ease: from the lowest cap up to one as high as the armhole is deep. */
export function fitFirstRange(task: CapTask): FeasibleRange | null {
  return feasibleRange(wantedSeams(task), shapesOf(task), { least: LOWEST_CAP_MM, most: task.armhole.depth });
}

/** Is there a cap for this arm and its ease? Known without solving for it. */
export function isInFitFirstRange(task: CapTask): boolean {
  const range = fitFirstRange(task);
  const width = task.upperArm + task.upperArmEase;
  return range !== null && width >= range.width.least && width <= range.width.most;
}

/**
 * Fit first: width = upper arm + ease; the cap height and the crown's place are solved so that the front and the back
 * seam each equal the armhole plus its ease. Our own method. Null when the width is out of range.
 */
export function fitFirst(task: CapTask): CapFrame | null {
  const range = fitFirstRange(task);
  const width = task.upperArm + task.upperArmEase;
  const fitted = range && fitCap(wantedSeams(task), shapesOf(task), width, range);
  if (!fitted) return null;
  const seams = wantedSeams(task);
  return {
    height: fitted.height,
    frontWidth: fitted.frontWidth,
    backWidth: fitted.backWidth,
    figures: [
      {
        id: "sleeve.capHeight",
        label: "Cap height",
        value: fitted.height,
        kind: "length",
        formula: phrase`solved: the one height at which a cap ${length(width)} wide measures ${length(seams.front)} round the front and ${length(seams.back)} round the back`,
        rule: "Fit first",
        source: "solved",
      },
      {
        id: "sleeve.capWidth",
        label: "Width on the cap line",
        value: width,
        kind: "length",
        formula: phrase`upper arm ${length(task.upperArm)} + ease ${length(task.upperArmEase)}`,
        rule: "Fit first",
        source: "geometry",
      },
    ],
    opening: {
      text: phrase`The cap is ${length(fitted.height)} high: at that height its seam fits the armhole and its width fits the arm.`,
    },
    solvers: [{ id: "cap", solution: fitted.solution }],
  };
}

/** Cap height against sleeve width at constant seam: every sleeve that fits this armhole with this ease. Millimetres. */
export type TradeOff = {
  /** From the lowest cap, which is the widest, to the highest. */
  readonly points: readonly { readonly height: number; readonly width: number }[];
};

/** The curve of all caps that fit, in `steps` steps. Null when no cap fits this armhole at all. */
export function tradeOff(task: CapTask, steps: number): TradeOff | null {
  const range = fitFirstRange(task);
  if (!range) return null;
  const { least, most } = range.height;
  const seams = wantedSeams(task);
  const shapes = shapesOf(task);
  return {
    points: Array.from({ length: steps + 1 }, (_, i) => {
      const height = least + ((most - least) * i) / steps;
      return { height, width: widthAtHeight(seams, shapes, height) };
    }),
  };
}
