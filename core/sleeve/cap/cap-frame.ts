import type { Figure, StepRecord } from "../../draft";
import type { NamedSolution } from "../../geometry";
import { CAP_SHAPES, type CapCurve, type CapGuides, type CapShapes, filledShapes, followingShape } from "./cap-shape";
import type { LowerHollows } from "./lower-cap";

/** What a method decides: how high the cap is and how far it reaches to each side of its crown, and by what rule. */
export type CapFrame = {
  readonly height: number;
  readonly frontWidth: number;
  readonly backWidth: number;
  readonly figures: readonly Figure[];
  /** How the cap height is come by at the table; the drawing steps follow it. */
  readonly opening: StepRecord;
  readonly solvers: readonly NamedSolution[];
};
/** Half the armhole laid flat on the cap line to each side of the centre, or as the slant from the crown down to it. */
export type Placement = "flat" | "slant";

/** The armhole and the arm that a cap is drafted for, in millimetres, with every default already taken. */
export type CapTask = {
  readonly armhole: { readonly front: number; readonly back: number; readonly depth: number };
  readonly bust: number;
  readonly upperArm: number;
  readonly capEase: number;
  /** The back's share of the cap ease, 0 to 1. */
  readonly backEaseShare: number;
  readonly upperArmEase: number;
  /** How the curve is drawn, and by what share of itself it is filled or flattened. */
  readonly curve: CapCurve;
  /** How the lower cap follows this armhole, where the curve is drawn by it. */
  readonly lowerHollows: LowerHollows;
  readonly fullnessChange: number;
  /** How far the guide points stand outside the slant, where a hand typed it. */
  readonly guides: CapGuides;
  /** The curve through the typed guide points; null where there are none. */
  readonly guided: CapShapes | null;
  /** How a rule lays the half armhole: its own way, flat on the cap line, or along the slant. */
  readonly placement: Placement | null;
  /** What a chosen or dropped cap is high. */
  readonly chosenHeight: number | null;
  /** Added to a rule's cap height; zero for fit first. */
  readonly capHeightChange: number;
  /** Added to a rule's whole width on the cap line; zero for fit first. */
  readonly capWidthChange: number;
};

/** The seams the cap has to have: armhole plus ease, split between front and back. */
export function wantedSeams(task: CapTask): { readonly front: number; readonly back: number } {
  return {
    front: task.armhole.front + task.capEase * (1 - task.backEaseShare),
    back: task.armhole.back + task.capEase * task.backEaseShare,
  };
}

/** How both halves of this cap bend. */
export function shapesOf(task: CapTask): CapShapes {
  if (task.guided) return filledShapes(task.guided, task.fullnessChange);
  const { front, back } = task.lowerHollows;
  const following = { front: followingShape(front), back: followingShape(back) };
  return filledShapes(task.curve === "armhole" ? following : CAP_SHAPES[task.curve], task.fullnessChange);
}
