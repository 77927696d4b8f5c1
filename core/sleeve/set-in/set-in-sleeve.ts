import { composeDraft, type Draft } from "../../draft";
import { cubicLength } from "../../geometry";
import { type CapFrame, type NamedSolution, shapesOf } from "./cap-frame";
import { sleeveFigures } from "./figures";
import { methodOf } from "./methods";
import { type SeamNotch, seamNotches } from "./notches";
import { outlineSleeve, type SleeveLengths, type SleeveOutline } from "./outline";
import { sleeveSteps } from "./steps";
import type { SetInTask } from "./task";

export type SetInSleeve = {
  readonly frame: CapFrame;
  readonly outline: SleeveOutline;
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
  const outline = outlineSleeve(frame, shapesOf(task.cap), task.lengths);
  const capLength = { front: cubicLength(outline.capFront), back: cubicLength(outline.capBack) };
  const notches = seamNotches(task.notches, task.lowerEase, task.cap.armhole.front, capLength.front);
  const figures = sleeveFigures(task, frame, outline, capLength);
  return {
    frame,
    outline,
    capLength,
    notches,
    draft: composeDraft(
      "sleeve",
      `Set-in sleeve, ${method.name.toLowerCase()}`,
      sleeveSteps({ task, frame, outline, notches, capLength, figures }),
    ),
    solvers: frame.solvers,
  };
}

function isDrawable(frame: CapFrame, lengths: SleeveLengths): boolean {
  const fallBelowCap = Math.min(lengths.length, lengths.wristLevel) - frame.height;
  return frame.height > 0 && frame.frontWidth > 0 && frame.backWidth > 0 && fallBelowCap >= LEAST_BELOW_CAP_MM;
}
