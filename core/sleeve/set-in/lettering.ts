import type { DraftLine } from "../../draft";
import { distance, line, type Point } from "../../geometry";
import type { CapFrame } from "../cap/cap-frame";
import type { SleeveFigures } from "./figures";
import type { SeamNotch } from "./notches";
import type { SleeveOutline } from "./outline";
import type { SetInTask } from "./task";
import type { TwoPiece } from "./two-piece";

/** A crown nearer to the centre line than a pencil line is thick needs no letter of its own. */
const PENCIL_LINE_MM = 0.4;

export function isOffCentre(outline: SleeveOutline): boolean {
  return distance(outline.crown, { x: 0, y: 0 }) > PENCIL_LINE_MM;
}

export function crownLetter(outline: SleeveOutline): string {
  return isOffCentre(outline) ? "E" : "A";
}

export function guide(id: string, from: Point, to: Point): DraftLine {
  return { id, path: line(from, to), kind: "guide" };
}

/** Everything about a drafted sleeve that its steps tell of. */
export type Drawn = {
  readonly task: SetInTask;
  readonly frame: CapFrame;
  readonly outline: SleeveOutline;
  readonly twoPiece: TwoPiece | null;
  readonly notches: readonly SeamNotch[];
  readonly capLength: { readonly front: number; readonly back: number };
  readonly figures: SleeveFigures;
};
