import { composeDraft, type Draft, type StepRecord } from "../../draft";
import { cubicLength } from "../../geometry";
import { type CapFrame, type NamedSolution, shapesOf } from "./cap-frame";
import { sleeveFigures } from "./figures";
import { methodOf } from "./methods";
import { type SeamNotch, seamNotches } from "./notches";
import { outlineSleeve, type SleeveLengths, type SleeveOutline } from "./outline";
import { CUT_STEP, CUT_TWO_STEP, sleeveSteps } from "./steps";
import type { SetInTask } from "./task";
import { cutInTwo, type TwoPiece } from "./two-piece";

export type SetInSleeve = {
  readonly frame: CapFrame;
  readonly outline: SleeveOutline;
  /** The same sleeve cut in two; null for one in one piece. */
  readonly twoPiece: TwoPiece | null;
  /** What is done at the table, but for the cutting; the draft is composed of it. */
  readonly acts: readonly StepRecord[];
  /** Those of them that mark the notches. */
  readonly notchActs: readonly StepRecord[];
  readonly cutting: StepRecord;
  readonly draft: Draft;
  readonly notches: readonly SeamNotch[];
  /** Measured again along the finished curves, not taken from the solver. */
  readonly capLength: { readonly front: number; readonly back: number };
  readonly solvers: readonly NamedSolution[];
};

/** The shortest piece of sleeve below the cap line that is still a sleeve. Our own limit. */
export const LEAST_BELOW_CAP_MM = 20;

/** Drafts the sleeve. Null when the method has no cap for this task, or the sleeve would end inside its cap. */
export function draftSetInSleeve(task: SetInTask): SetInSleeve | null {
  const method = methodOf(task.method);
  const frame = method.frame(task.cap);
  if (!frame || !isDrawable(frame, task.lengths)) return null;
  // The seams of a two-piece sleeve bend at the elbow: it has no use for a dart there.
  const lengths = task.twoPiece ? { ...task.lengths, elbowDart: 0 } : task.lengths;
  const outline = outlineSleeve(frame, shapesOf(task.cap), lengths);
  const capLength = { front: cubicLength(outline.capFront), back: cubicLength(outline.capBack) };
  const notches = seamNotches(task.notches, task.lowerEase, task.cap.armhole.front, capLength.front);
  const twoPiece = task.twoPiece && cutInTwo(outline, task.lengths, task.twoPiece);
  const figures = sleeveFigures(task, frame, outline, capLength, twoPiece);
  const { acts, notchActs } = sleeveSteps({ task, frame, outline, twoPiece, notches, capLength, figures });
  const cutting = twoPiece ? CUT_TWO_STEP : CUT_STEP;
  return {
    frame,
    outline,
    twoPiece,
    capLength,
    notches,
    acts,
    notchActs,
    cutting,
    draft: composeDraft(
      "sleeve",
      `${twoPiece ? "Two-piece set-in sleeve" : "Set-in sleeve"}, ${method.name.toLowerCase()}`,
      [...acts, cutting],
    ),
    solvers: frame.solvers,
  };
}

function isDrawable(frame: CapFrame, lengths: SleeveLengths): boolean {
  const fallBelowCap = Math.min(lengths.length, lengths.wristLevel) - frame.height;
  return frame.height > 0 && frame.frontWidth > 0 && frame.backWidth > 0 && fallBelowCap >= LEAST_BELOW_CAP_MM;
}
