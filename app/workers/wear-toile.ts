import { sketchGarment } from "@core/garment/index";
import type { GarmentSpec } from "@core/spec/index";
import {
  type ArmPose,
  buffersOf,
  COARSE,
  FINE,
  type FitGoalId,
  type FitResult,
  type FitTry,
  fitIt,
  HANGING,
  type NotWorn,
  type Progress,
  pictureOf,
  type Report,
  raisedReads,
  readsOf,
  type ToilePicture,
  type ToldRead,
  type TradePoint,
  tradeCap,
  type Worn,
  type WornFinding,
  wear,
  wearFrom,
  wornFindings,
} from "@core/toile/index";
import { transfer } from "comlink";

/** A worn toile for the screen: what is drawn, what was read off it, and how the solver ended. */
export type Shown = {
  readonly picture: ToilePicture;
  readonly reads: readonly ToldRead[];
  readonly findings: readonly WornFinding[];
  readonly report: Report;
  readonly pose: ArmPose;
  readonly isFine: boolean;
};

/** Progress from 0 to 1, and the toile as soon as there is one: a coarse one first. */
export type Tell = {
  readonly progress: (says: string, share: number) => void | Promise<void>;
  readonly shown: (shown: Shown) => void | Promise<void>;
};

let hanging: Worn | null = null;
/** A garment with the arm down, coarse, for what raising it does: to be compared with the same garment at the same mesh alone. */
let down: { readonly of: string; readonly worn: Worn } | null = null;
/** How often it was asked for a toile: whoever is not the last any more ends. */
let asked = 0;

/** Ends what is being hung; the toile that hung before stays, to go on from. */
export function stopWearing(): void {
  asked++;
}

/**
 * Wears the garment, coarse at once and then fine; from where the last one hangs, if it is of the same pieces. Ends with a sentence where there is
 * nothing to wear, and early where it is stopped or asked for another toile.
 */
export async function wearGarment(spec: GarmentSpec, pose: ArmPose, tell: Tell): Promise<string | null> {
  const own = ++asked;
  const follow = followerOf(tell, () => own === asked);
  const garment = sketchGarment(spec);
  const of = JSON.stringify(spec);
  const isRaised = pose.raised >= RAISED_FROM;
  if (isRaised && down?.of !== of) {
    const lowered = { ...COARSE, pose: { ...pose, raised: HANGING.raised } };
    const before = await follow((hanging && wearFrom(hanging, garment, lowered)) ?? wear(garment, lowered), 0, 0.2);
    if (!before || "why" in before) return before?.why ?? null;
    if (!hasFault(before)) {
      down = { of, worn: before };
      hanging = before;
    }
  }
  const again = hanging && wearFrom(hanging, garment, { ...COARSE, pose });
  const coarse = await follow(again ?? wear(garment, { ...COARSE, pose }), 0, 0.4);
  const first =
    again && coarse && "report" in coarse && hasFault(coarse)
      ? await follow(wear(garment, { ...COARSE, pose }), 0, 0.4)
      : coarse;
  if (!first || "why" in first) return first?.why ?? null;
  const lifts = isRaised && down?.of === of ? raisedReads(down.worn, first) : [];
  await tell.shown(shownOf(first, garment, spec, lifts, false));
  if (hasFault(first)) return null;
  hanging = first;
  if (!isRaised) down = { of, worn: first };
  const finer = wearFrom(first, garment, { ...FINE, pose });
  const fine = finer && (await follow(finer, 0.4, 1));
  if (!fine || "why" in fine) return fine?.why ?? null;
  if (!hasFault(fine)) hanging = fine;
  await tell.shown(shownOf(hasFault(fine) ? first : fine, garment, spec, lifts, !hasFault(fine)));
  return null;
}

/** How far the looking is, and what was tried. */
export type TellTries = (says: string, share: number, tries: readonly FitTry[]) => void | Promise<void>;

/**
 * Looks for the figure with which the toile that hangs reads what is asked (see fitIt), coarse and in its pose. Null where nothing hangs, or where it is
 * stopped or asked for another toile meanwhile; what hangs stays.
 */
export async function fitGarment(
  spec: GarmentSpec,
  goal: FitGoalId,
  target: number,
  tell: TellTries,
): Promise<FitResult | null> {
  if (!hanging) return null;
  const steps = fitIt(hanging, sketchGarment(spec), goal, target, { ...COARSE, pose: hanging.pose });
  return lookedFor(steps, ({ says, share, tries }) => void tell(says, share, tries));
}

/** How far the trying is, and the caps that were worn. */
export type TellCaps = (says: string, share: number, points: readonly TradePoint[]) => void | Promise<void>;

/** Other caps of the same armhole, worn from the toile that hangs (see tradeCap). Null as by fitGarment. */
export async function tryCaps(spec: GarmentSpec, tell: TellCaps): Promise<readonly TradePoint[] | null> {
  if (!hanging) return null;
  const steps = tradeCap(hanging, sketchGarment(spec), COARSE);
  return lookedFor(steps, ({ says, share, points }) => void tell(says, share, points));
}

/** Goes through the steps of a search; ends with null once another toile is asked for, or none. */
async function lookedFor<Told, Found>(
  steps: Generator<Told, Found>,
  tell: (told: Told) => void,
): Promise<Found | null> {
  const own = ++asked;
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
    tell(value);
    await breath();
    if (own !== asked) return null;
  }
}

const hasFault = ({ report }: Worn): boolean => report.faults.length > 0;

/** From here on an arm is raised, in degrees. */
const RAISED_FROM = 30;

/** Goes through the steps of a toile and tells how far they are; ends with null once nobody wants it any more. */
function followerOf(tell: Tell, isWanted: () => boolean) {
  return async (
    steps: Generator<Progress, Worn | NotWorn>,
    from: number,
    to: number,
  ): Promise<Worn | NotWorn | null> => {
    for (;;) {
      const { value, done } = steps.next();
      if (done) return value;
      void tell.progress(value.says, from + (to - from) * value.share);
      await breath();
      if (!isWanted()) return null;
    }
  };
}

const waiting: (() => void)[] = [];
const bell = new MessageChannel();
bell.port1.onmessage = () => waiting.shift()?.();

/** A moment in which the worker hears what it is asked meanwhile. */
function breath(): Promise<void> {
  return new Promise((resolve) => {
    waiting.push(resolve);
    bell.port2.postMessage(null);
  });
}

/** `lifts`: what raising the arm did, read off the coarse toiles. */
function shownOf(
  worn: Worn,
  garment: ReturnType<typeof sketchGarment>,
  spec: GarmentSpec,
  lifts: readonly ToldRead[],
  isFine: boolean,
): Shown {
  const picture = pictureOf(worn);
  const reads = [...readsOf(worn), ...(worn.report.faults.length > 0 ? [] : lifts)];
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
