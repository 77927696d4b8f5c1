import { length, phrase } from "../../draft";
import type { CapFrame, CapTask } from "./cap-frame";
import { ruleFrame } from "./rule-frame";

/** The back's slant is a little longer than its armhole: 5 to 10 mm, the middle of which is taken (textbook, from memory). */
const THIRD_BACK_ADDED_MM = 7.5;
/** The back's slant is 10 mm longer than its armhole (textbook, from memory). */
const FIVE_SIXTHS_BACK_ADDED_MM = 10;

/** Two-thirds depth: ⅔ of the armhole depth high, half the upper arm to each side. Quick dressmaking; common practice, no source. */
export function twoThirdsDepth(task: CapTask): CapFrame {
  return ruleFrame(
    {
      name: "Two-thirds depth",
      source: "common practice, no source",
      height: {
        value: (task.armhole.depth * 2) / 3,
        formula: phrase`armhole depth ${length(task.armhole.depth)} × 2 ÷ 3`,
      },
      width: {
        kind: "arm",
        whole: { value: task.upperArm, formula: phrase`half the upper arm ${length(task.upperArm)} to each side` },
      },
    },
    task,
  );
}

/** Third of the armhole: girth ÷ 3 high; the slants are the front armhole, and the back armhole and a little. Textbooks; from memory. */
export function thirdOfArmhole(task: CapTask): CapFrame {
  const { front, back } = task.armhole;
  return ruleFrame(
    {
      name: "Third of the armhole",
      source: "from memory",
      height: { value: (front + back) / 3, formula: phrase`armhole ${length(front + back)} ÷ 3` },
      width: {
        kind: "armhole",
        front,
        back: back + THIRD_BACK_ADDED_MM,
        usual: "slant",
        laid: phrase`front armhole, and back armhole + ${length(THIRD_BACK_ADDED_MM)},`,
      },
    },
    task,
  );
}

/** Five-sixths depth: 5/6 of the mean armhole depth high; the slants are front armhole, and back armhole + 10 mm. Textbooks; from memory. */
export function fiveSixthsDepth(task: CapTask): CapFrame {
  const { front, back, depth } = task.armhole;
  return ruleFrame(
    {
      name: "Five-sixths depth",
      source: "from memory",
      height: { value: (depth * 5) / 6, formula: phrase`mean armhole depth ${length(depth)} × 5 ÷ 6` },
      width: {
        kind: "armhole",
        front,
        back: back + FIVE_SIXTHS_BACK_ADDED_MM,
        usual: "slant",
        laid: phrase`front armhole, and back armhole + ${length(FIVE_SIXTHS_BACK_ADDED_MM)},`,
      },
    },
    task,
  );
}

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
