import { type CapTask, shapesOf, wantedSeams } from "./cap-frame";
import { widthAtHeight } from "./fit";
import { fitFirstRange } from "./fit-first";

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
