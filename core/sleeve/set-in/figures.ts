import { type Figure, length, phrase } from "../../draft";
import { distance, type Path, pathLength } from "../../geometry";
import { type CapFrame, wantedSeams } from "../cap/cap-frame";
import type { SleeveLengths, SleeveOutline } from "./outline";
import type { SetInTask } from "./task";
import { hemOfPart, type TwoPiece } from "./two-piece";

export type SleeveFigures = Readonly<
  Record<
    "slantFront" | "slantBack" | "capFront" | "capBack" | "capEase" | "surplus" | "finishedLength" | "hemWidth",
    Figure
  >
> & { readonly frontSeam: Figure | null; readonly backSeam: Figure | null };

/** What the finished draft measures, beside the two figures that its method decided. */
export function sleeveFigures(
  task: SetInTask,
  frame: CapFrame,
  outline: SleeveOutline,
  capLength: { readonly front: number; readonly back: number },
  twoPiece: TwoPiece | null,
): SleeveFigures {
  const { front, back } = task.cap.armhole;
  const wanted = wantedSeams(task.cap);
  const measured = (id: string, label: string, value: number, formula: Figure["formula"]): Figure => ({
    id,
    label,
    value,
    kind: "length",
    formula,
    rule: "Measured on the draft",
    source: "geometry",
  });
  const slant = (id: string, label: string, width: number) =>
    measured(id, label, Math.hypot(width, frame.height), phrase`√(${length(width)}² + ${length(frame.height)}²)`);
  const whole = capLength.front + capLength.back;
  const seam = (id: string, label: string, path: Path) =>
    measured(id, label, pathLength(path), phrase`length of the seam from cap to hem, the same on top and under sleeve`);
  return {
    slantFront: slant("sleeve.slant.front", "Front slant", distance(outline.crown, { x: outline.frontEnd.x, y: 0 })),
    slantBack: slant("sleeve.slant.back", "Back slant", distance(outline.crown, { x: outline.backEnd.x, y: 0 })),
    capFront: measured(
      "sleeve.cap.front",
      "Front cap seam",
      capLength.front,
      phrase`length of the front cap curve; wanted ${length(wanted.front)}`,
    ),
    capBack: measured(
      "sleeve.cap.back",
      "Back cap seam",
      capLength.back,
      phrase`length of the back cap curve; wanted ${length(wanted.back)}`,
    ),
    capEase: measured(
      "sleeve.capEase",
      "Cap ease",
      whole - front - back,
      phrase`cap seam ${length(whole)} − armhole ${length(front + back)}`,
    ),
    surplus: measured(
      "sleeve.surplus",
      "Surplus over the wanted ease",
      whole - front - back - task.cap.capEase,
      phrase`cap seam ${length(whole)} − armhole ${length(front + back)} − wanted ease ${length(task.cap.capEase)}`,
    ),
    frontSeam: twoPiece && seam("sleeve.frontSeam", "Front seam", twoPiece.top.frontSeam),
    backSeam: twoPiece && seam("sleeve.backSeam", "Back seam", twoPiece.top.backSeam),
    finishedLength: measured(
      "sleeve.finishedLength",
      "Finished length",
      finishedLength(task.lengths),
      isAsCut(task.lengths)
        ? phrase`crown level to hem`
        : phrase`cut ${length(task.lengths.length)} + finish of the hem ${length(task.lengths.finishDepth)} − fall ${length(task.lengths.fall)}`,
    ),
    hemWidth: measured(
      "sleeve.hemWidth",
      "Width at the hem",
      hemWidthOf(outline, twoPiece),
      twoPiece ? phrase`across the hems of top and under sleeve together` : phrase`straight across the hem`,
    ),
  };
}

/** The girth of the sleeve at its hem. */
export function hemWidthOf(outline: SleeveOutline, twoPiece: TwoPiece | null): number {
  if (!twoPiece) return distance(outline.frontHem, outline.backHem);
  const { top, under } = twoPiece;
  return pathLength(hemOfPart(top)) + pathLength(hemOfPart(under));
}

function isAsCut({ finishDepth, fall }: SleeveLengths): boolean {
  return finishDepth === 0 && fall === 0;
}

/** From the crown to the end of the cuff, as it is worn. */
export function finishedLength({ length: cut, finishDepth, fall }: SleeveLengths): number {
  return cut + finishDepth - fall;
}

/** A pleat at the crown takes up twice its depth; half an inch deep is usual (common practice, no source). */
const PLEAT_DEPTH_MM = 12.7;

/** How many pleats of the usual depth take up a surplus, and how deep each then is, in millimetres. */
export function pleatsFor(surplus: number): { readonly count: number; readonly depth: number } {
  const count = Math.max(1, Math.round(surplus / (2 * PLEAT_DEPTH_MM)));
  return { count, depth: surplus / (2 * count) };
}
