import { change, length, type Phrase, phrase } from "../../draft";
import type { CapFrame, CapTask } from "./cap-frame";

/** The half inch that the rule adds to a twelfth of the bust (common practice, no source). */
const ADDED_MM = 12.7;

/** Cap height by the rule: bust ÷ 12 + 1/2 in, in millimetres (common practice, no source). */
export function bustTwelfthHeight(bust: number): number {
  return bust / 12 + ADDED_MM;
}

/**
 * Bust twelfth: the height from the bust, and half the armhole girth laid flat on the cap line to each side of the
 * centre. Quick dressmaking; common practice, no source. The rule never asks whether the seam then fits.
 */
export function bustTwelfth(task: CapTask): CapFrame {
  const height = bustTwelfthHeight(task.bust) + task.capHeightChange;
  const girth = task.armhole.front + task.armhole.back;
  const halfWidth = (girth + task.capWidthChange) / 2;
  return {
    height,
    frontWidth: halfWidth,
    backWidth: halfWidth,
    figures: [
      {
        id: "sleeve.capHeight",
        label: "Cap height",
        value: height,
        kind: "length",
        formula: phrase`bust ${length(task.bust)} ÷ 12 + ${length(ADDED_MM)}${changed(task.capHeightChange)}`,
        rule: "Bust twelfth",
        source: "common practice, no source",
      },
      {
        id: "sleeve.capWidth",
        label: "Width on the cap line",
        value: halfWidth * 2,
        kind: "length",
        formula: phrase`half the armhole girth ${length(girth)} laid flat to each side${changed(task.capWidthChange)}`,
        rule: "Bust twelfth",
        source: "common practice, no source",
      },
    ],
    opening: {
      text: phrase`The cap is ${length(height)} high: a twelfth of the bust and ${length(ADDED_MM)}${changed(task.capHeightChange)}.`,
    },
    solvers: [],
  };
}

function changed(by: number): Phrase {
  return by === 0 ? [] : phrase`, then ${change(by)} by choice`;
}
