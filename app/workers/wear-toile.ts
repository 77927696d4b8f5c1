import { sketchGarment } from "@core/garment/index";
import type { GarmentSpec } from "@core/spec/index";
import {
  type ArmPose,
  buffersOf,
  COARSE,
  FINE,
  type NotWorn,
  type Progress,
  pictureOf,
  type Report,
  raisedReads,
  readsOf,
  type ToilePicture,
  type WearOptions,
  type Worn,
  type WornFinding,
  type WornRead,
  wear,
  wearFrom,
  wornFindings,
} from "@core/toile/index";
import { transfer } from "comlink";

/** A worn toile for the screen: what is drawn, what was read off it, and how the solver ended. */
export type Shown = {
  readonly picture: ToilePicture;
  readonly reads: readonly WornRead[];
  readonly findings: readonly WornFinding[];
  readonly report: Report;
  readonly pose: ArmPose;
  readonly isFine: boolean;
};

/** Progress from 0 to 1, and the toile as soon as there is one: a coarse one first. */
export type Tell = {
  readonly progress: (says: string, share: number) => void;
  readonly shown: (shown: Shown) => void;
};

let hanging: Worn | null = null;
/** The same garment with the arm down, for what raising it does. */
let down: Worn | null = null;

/**
 * Wears the garment, coarse at once and then fine; from where the last one hangs, if it is of the same pieces. Ends with a sentence where there is
 * nothing to wear.
 */
export async function wearGarment(
  spec: GarmentSpec,
  pose: ArmPose,
  progress: (says: string, share: number) => void | Promise<void>,
  show: (shown: Shown) => void | Promise<void>,
): Promise<string | null> {
  const garment = sketchGarment(spec);
  const from = hanging;
  const again = from && wearFrom(from, garment, { ...COARSE, pose });
  const coarse = await followed(again ?? wear(garment, { ...COARSE, pose }), progress, 0, 0.4);
  const first =
    again && "report" in coarse && coarse.report.isTangled
      ? await followed(wear(garment, { ...COARSE, pose }), progress, 0, 0.4)
      : coarse;
  if ("why" in first) return first.why;
  await show(shownOf(first, garment, spec, false));
  if (first.report.isTangled) return null;
  const options: WearOptions = { ...FINE, pose };
  const finer = wearFrom(first, garment, options);
  const fine = finer ? await followed(finer, progress, 0.4, 1) : first;
  if ("why" in fine) return fine.why;
  const best = fine.report.isTangled ? first : fine;
  hanging = best;
  if (pose.raised < RAISED_FROM) down = best;
  await show(shownOf(best, garment, spec, best === fine));
  return null;
}

/** From here on an arm is raised, in degrees. */
const RAISED_FROM = 30;

async function followed(
  steps: Generator<Progress, Worn | NotWorn>,
  progress: (says: string, share: number) => void | Promise<void>,
  from: number,
  to: number,
): Promise<Worn | NotWorn> {
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
    await progress(value.says, from + (to - from) * value.share);
  }
}

function shownOf(worn: Worn, garment: ReturnType<typeof sketchGarment>, spec: GarmentSpec, isFine: boolean): Shown {
  const picture = pictureOf(worn);
  const isRaised = worn.pose.raised >= RAISED_FROM;
  const reads = [...readsOf(worn), ...(isRaised && down ? raisedReads(down, worn) : [])];
  const taken = (path: string) => {
    const value = garment.defaults.find((one) => one.path === path)?.value;
    return typeof value === "number" ? value : null;
  };
  const findings = wornFindings(worn, reads, {
    upperArmEase: spec.sleeve?.upperArmEase ?? taken("sleeve.upperArmEase"),
    fall: spec.collar?.fall ?? taken("collar.fall"),
  });
  const shown: Shown = { picture, reads, findings, report: worn.report, pose: worn.pose, isFine };
  return transfer(shown, [...buffersOf(picture)]);
}
