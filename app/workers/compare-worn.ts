import { sketchGarment } from "@core/garment/index";
import type { GarmentSpec } from "@core/spec/index";
import {
  bodyOf,
  COARSE,
  type LineDrawing,
  lineDrawing,
  type NotWorn,
  type Progress,
  pictureOf,
  readsOf,
  type ToldRead,
  type Worn,
  wear,
  wearFrom,
} from "@core/toile/index";

/** One of two garments as it is worn; or why it is not, in sentences. */
export type WornSide =
  | { readonly isWorn: true; readonly drawing: LineDrawing; readonly reads: readonly ToldRead[] }
  | { readonly isWorn: false; readonly why: readonly string[] };

export type WornBoth = { readonly under: WornSide; readonly over: WornSide };

/**
 * Both garments worn on one body, that which the second is drafted for, at one mesh and the second from where the first hangs: what differs is what
 * the change did.
 */
export async function compareWorn(
  under: GarmentSpec,
  over: GarmentSpec,
  progress: (share: number) => void | Promise<void>,
): Promise<WornBoth> {
  const [before, after] = [sketchGarment(under), sketchGarment(over)];
  const body = bodyOf(after);
  const options = { ...COARSE, ...(body ? { on: body } : {}) };
  const first = follow(wear(before, options), (share) => void progress(share / 2));
  const steps = ("why" in first ? null : wearFrom(first, after, options)) ?? wear(after, options);
  const second = follow(steps, (share) => void progress(0.5 + share / 2));
  return { under: sideOf(first), over: sideOf(second) };
}

function follow(steps: Generator<Progress, Worn | NotWorn>, progress: (share: number) => void): Worn | NotWorn {
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
    progress(value.share);
  }
}

function sideOf(worn: Worn | NotWorn): WornSide {
  if ("why" in worn) return { isWorn: false, why: [worn.why] };
  const { faults } = worn.report;
  if (faults.length > 0) return { isWorn: false, why: faults.map(({ says }) => says) };
  return { isWorn: true, drawing: lineDrawing(pictureOf(worn)), reads: readsOf(worn) };
}
