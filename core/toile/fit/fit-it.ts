import { namesOf } from "../../data";
import { type Garment, sketchGarment } from "../../garment";
import { applyChange, type SpecChange } from "../../spec";
import { readsOf } from "../reads/reads";
import type { Progress } from "../sewing/hang";
import type { WearOptions } from "../task";
import { wear, wearFrom } from "../wear";
import type { Worn } from "../worn";
import { FIT_GOALS, type FitFigure, type FitGoal, type FitGoalId } from "./goals";

/** A value of the figure that was worn, and what was read then; null where the toile had a fault, or there was nothing to wear. Millimetres. */
export type FitTry = { readonly value: number; readonly read: number | null };

/** What came of it. `nearest` is the try that came nearest to what was asked. */
export type FitResult = {
  readonly goal: FitGoalId;
  readonly target: number;
  readonly figure: FitFigure;
  readonly tries: readonly FitTry[];
  readonly nearest: FitTry | null;
  /** The draft with the figure of `nearest`; null where that is the one it has. */
  readonly change: SpecChange | null;
  readonly outcome: "met" | "met-already" | "end-of-range" | "does-not-follow" | "too-many-tries" | "not-read";
};

/** Told on the way: how far it is, and every try. */
export type FitProgress = Progress & { readonly tries: readonly FitTry[] };

/** As near as this a goal is met: no read is surer. */
export const WITHIN_MM = 2;
const MOST_TRIES = 8;
/** A figure is not cut more finely than this. */
const FINEST_MM = 0.25;
/** A read that moves by less than this share of what it should does not follow its figure. */
const FOLLOWS = 0.1;

/**
 * Looks for the value of a goal's figure with which the toile reads what is asked, to within WITHIN_MM. Every try is worn from `base`, or
 * sewn up anew where its collar is another, in one pose and mesh, so that none rests on where another came to lie; the figure is bracketed, and never tried beyond its range. A generator: at most eight tries.
 */
export function* fitIt(
  base: Worn,
  garment: Garment,
  goal: FitGoalId,
  target: number,
  options: WearOptions,
): Generator<FitProgress, FitResult> {
  const asked: FitGoal = FIT_GOALS[goal];
  const figure = asked.figureOf(garment);
  if (!figure) throw new RangeError(`fitIt: this garment has no figure for ${goal}`);
  const tries: FitTry[] = [];
  const wornAt = function* (value: number): Generator<FitProgress, number | null> {
    const read = yield* readAt(value, tries.length / MOST_TRIES);
    tries.push({ value, read });
    return read === null ? null : read - target;
  };
  const readAt = function* (value: number, share: number): Generator<FitProgress, number | null> {
    const changed = value === figure.now ? garment : changedBy(garment, asked.change(garment, value));
    if (!changed.block) return null;
    const steps = wearFrom(base, changed, options) ?? wear(changed, options);
    for (;;) {
      const { value: told, done } = steps.next();
      if (done) return "why" in told ? null : (readsOf(told).find(({ id }) => id === asked.read)?.value ?? null);
      yield { says: told.says, share: share + told.share / MOST_TRIES, tries: [...tries] };
    }
  };
  const end = (outcome: FitResult["outcome"]): FitResult => {
    const nearest = nearestOf(tries, target);
    const isNew = nearest !== null && nearest.value !== figure.now;
    const change = isNew ? asked.change(garment, nearest.value) : null;
    return { goal, target, figure, tries, nearest, change, outcome };
  };

  const first = yield* wornAt(figure.now);
  if (first === null) return end("not-read");
  if (Math.abs(first) <= WITHIN_MM) return end("met-already");
  let [near, off] = [figure.now, first];
  /** On the other side of what is asked; null as long as none was found. */
  let across: { readonly value: number; readonly off: number } | null = null;
  let slope = asked.moves;
  /** Beyond this on either side nothing could be worn. */
  let { least, most } = figure;
  while (tries.length < MOST_TRIES) {
    const next: number = across
      ? between(near, off, across.value, across.off)
      : Math.min(most, Math.max(least, near - off / slope));
    if (Math.abs(next - near) < FINEST_MM) return end(across ? "too-many-tries" : "end-of-range");
    const found = yield* wornAt(next);
    if (found === null) {
      // What cannot be worn is beyond what can: half as far is tried.
      if (next > near) most = (near + next) / 2;
      else least = (near + next) / 2;
      if (across) across = null;
      continue;
    }
    if (Math.abs(found) <= WITHIN_MM) return end("met");
    const moved = (found - off) / (next - near);
    if (!across && moved * asked.moves < FOLLOWS * asked.moves ** 2) return end("does-not-follow");
    if (Math.sign(found) === Math.sign(off)) {
      // It moves less than was thought: further next time, by no more than twice as far.
      if (!across) slope = Math.sign(asked.moves) * Math.max(Math.abs(moved), Math.abs(slope) / 2);
      [near, off] = [next, found];
    } else if (across && Math.sign(found) === Math.sign(across.off)) across = { value: next, off: found };
    else {
      across = { value: near, off };
      [near, off] = [next, found];
    }
  }
  return end("too-many-tries");
}

/** Between the two sides, where a straight line through both meets what is asked, but well inside: a read that jumps is halved. */
function between(near: number, off: number, across: number, offAcross: number): number {
  const share = off / (off - offAcross);
  return near + (across - near) * Math.min(1 - INSIDE, Math.max(INSIDE, share));
}

const INSIDE = 0.15;

function changedBy(garment: Garment, change: SpecChange): Garment {
  return sketchGarment(applyChange(garment.spec, change), garment);
}

function nearestOf(tries: readonly FitTry[], target: number): FitTry | null {
  const off = ({ read }: FitTry) => (read === null ? Number.POSITIVE_INFINITY : Math.abs(read - target));
  return tries.reduce<FitTry | null>(
    (best, one) => (off(one) < (best ? off(best) : Number.POSITIVE_INFINITY) ? one : best),
    null,
  );
}

/** The goals that this garment has a figure for, of those that were read off its toile. */
export function goalsOf(garment: Garment, reads: readonly { readonly id: string; readonly value: number }[]) {
  return namesOf(FIT_GOALS).flatMap((id) => {
    const goal: FitGoal = FIT_GOALS[id];
    const read = reads.find((one) => one.id === goal.read);
    const figure = read && goal.figureOf(garment);
    return read && figure ? [{ id, goal, figure, read: read.value }] : [];
  });
}
