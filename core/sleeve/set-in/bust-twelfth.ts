import { length, phrase } from "../../draft";
import type { CapFrame, CapTask } from "./cap-frame";
import { ruleFrame } from "./rule-frame";

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
  const girth = task.armhole.front + task.armhole.back;
  const isSlanted = task.placement === "slant";
  return ruleFrame(
    {
      name: "Bust twelfth",
      source: "common practice, no source",
      height: {
        value: bustTwelfthHeight(task.bust),
        formula: phrase`bust ${length(task.bust)} ÷ 12 + ${length(ADDED_MM)}`,
      },
      width: {
        kind: "armhole",
        front: isSlanted ? task.armhole.front : girth / 2,
        back: isSlanted ? task.armhole.back : girth / 2,
        usual: "flat",
        laid: phrase`half the armhole girth ${length(girth)}`,
      },
    },
    task,
  );
}
