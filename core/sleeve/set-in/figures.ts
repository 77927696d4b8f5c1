import { type Figure, length, phrase } from "../../draft";
import { distance } from "../../geometry";
import { type CapFrame, wantedSeams } from "./cap-frame";
import type { SleeveOutline } from "./outline";
import type { SetInTask } from "./task";

export type SleeveFigures = Readonly<
  Record<
    "slantFront" | "slantBack" | "capFront" | "capBack" | "capEase" | "surplus" | "finishedLength" | "hemWidth",
    Figure
  >
>;

/** What the finished draft measures, beside the two figures that its method decided. */
export function sleeveFigures(
  task: SetInTask,
  frame: CapFrame,
  outline: SleeveOutline,
  capLength: { readonly front: number; readonly back: number },
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
    finishedLength: measured(
      "sleeve.finishedLength",
      "Finished length",
      task.lengths.length,
      phrase`crown level to hem`,
    ),
    hemWidth: measured(
      "sleeve.hemWidth",
      "Width at the hem",
      outline.frontHem.x - outline.backHem.x,
      phrase`straight across the hem`,
    ),
  };
}
