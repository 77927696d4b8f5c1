import { composeDraft, type Draft, type StepRecord } from "../../draft";
import { cubicLength, mapPath, type NamedSolution, type Path } from "../../geometry";
import { type CapFrame, shapesOf } from "../cap/cap-frame";
import type { CapShapes } from "../cap/cap-shape";
import { methodOf } from "../cap/methods";
import { sleeveFigures } from "./figures";
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
  if (!frame || whyNotDrawable(frame, task) !== null) return null;
  // The seams of a two-piece sleeve bend at the elbow: it has no use for a dart there.
  const lengths = task.twoPiece ? { ...task.lengths, elbowDart: 0 } : task.lengths;
  const outline = outlineSleeve(frame, shapesOf(task.cap), lengths);
  const capLength = { front: cubicLength(outline.capFront), back: cubicLength(outline.capBack) };
  const notches = seamNotches(task.notches, task.lowerEase, task.cap.armhole.front, capLength);
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

/** What is in the way of drawing a sleeve on this frame: the cap itself, its length, or a hem narrower than any; null for nothing. */
export function whyNotDrawable(
  frame: CapFrame,
  { method, lengths, slashes }: SetInTask,
): "no-cap" | "too-short" | "hem-too-narrow" | null {
  // A cap that somebody chose may be none at all: a straight top is how many make a dropped sleeve.
  const isHigh = methodOf(method).takesHeight ? frame.height >= 0 : frame.height > 0;
  if (!isHigh || !(frame.frontWidth > 0) || !(frame.backWidth > 0)) return "no-cap";
  if (Math.min(lengths.length, lengths.wristLevel) - frame.height < LEAST_BELOW_CAP_MM) return "too-short";
  return hemAcross(frame, lengths) < leastHem(frame, slashes) ? "hem-too-narrow" : null;
}

/** No arm goes through less, not a doll's. Our own limit. */
const LEAST_HEM_MM = 40;
/** What is slashed from the crown down needs so much hem to each side of the crown. Our own limit. */
const BESIDE_CROWN_MM = 25;

/** The narrowest hem that a sleeve on this frame can have. */
export function leastHem({ frontWidth, backWidth }: CapFrame, slashes: boolean): number {
  const offCentre = Math.abs(backWidth - frontWidth) / 2;
  return Math.max(LEAST_HEM_MM, slashes ? 2 * (offCentre + BESIDE_CROWN_MM) : 0);
}

/** The sleeve across its hem, and across the elbow where that is narrower still. */
function hemAcross(frame: CapFrame, lengths: SleeveLengths): number {
  const { frontHem, elbow } = outlineSleeve(frame, STRAIGHT, { ...lengths, elbowDart: 0, turnUp: 0 });
  return 2 * Math.min(frontHem.x, elbow?.front.x ?? frontHem.x);
}

/** The curve of the cap has no part in what lies below it. */
const STRAIGHT: CapShapes = {
  front: { crownFullness: 0.5, underarmHollow: 0.5 },
  back: { crownFullness: 0.5, underarmHollow: 0.5 },
};

/** The cap seam from the back underarm over the crown to the front, with the cap line at height nothing: for laying caps over each other. */
export function capOnCapLine({ outline, frame }: SetInSleeve): Path {
  const [a, b, c, d] = outline.capBack;
  const path: Path = [[d, c, b, a], outline.capFront];
  return mapPath(path, (p) => ({ x: p.x, y: p.y - frame.height }));
}
