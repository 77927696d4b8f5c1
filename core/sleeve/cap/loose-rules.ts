import { length, phrase } from "../../draft";
import { findRoot, SOLVED_MM } from "../../geometry";
import { INCH_MM } from "../../tape";
import { type CapFrame, type CapTask, shapesOf, wantedSeams } from "./cap-frame";
import { halfCapLength } from "./cap-shape";
import { ruleFrame } from "./rule-frame";

/** Caps of 4 to 5 in whatever the size (common practice, no source). */
const SHALLOWEST_MM = 4 * INCH_MM;
const SHALLOW_MOST_MM = 5 * INCH_MM;
/** 6 in on a loose shirt-dress sleeve (common practice, no source). */
const CHOSEN_HEIGHT_MM = 6 * INCH_MM;
/** A dropped cap is 0 to 2 in high (common practice, no source); its middle stands first. */
const DROPPED_HEIGHT_MM = INCH_MM;

/**
 * Shallow knit: half the upper arm to each side without ease, a cap of 4 in raised until its curve meets the armhole, to 5 in
 * at most; what is then still missing is stretched in. Jersey; common practice, no source.
 */
export function shallowKnit(task: CapTask): CapFrame {
  const half = task.upperArm / 2;
  const shapes = shapesOf(task);
  const seams = wantedSeams(task);
  const miss = (height: number) =>
    halfCapLength(shapes.front, half, height) + halfCapLength(shapes.back, half, height) - seams.front - seams.back;
  const root = findRoot(miss, SHALLOWEST_MM, SHALLOW_MOST_MM, SOLVED_MM);
  const height = root.converged ? root.value : miss(SHALLOWEST_MM) > 0 ? SHALLOWEST_MM : SHALLOW_MOST_MM;
  return ruleFrame(
    {
      name: "Shallow knit",
      source: "common practice, no source",
      height: {
        value: height,
        formula: root.converged
          ? phrase`from ${length(SHALLOWEST_MM)} raised until the curve meets the armhole`
          : height === SHALLOWEST_MM
            ? phrase`${length(SHALLOWEST_MM)}, with which the curve is already as long as the armhole`
            : phrase`${length(SHALLOW_MOST_MM)}, the most; the rest would be stretched in`,
      },
      width: {
        kind: "arm",
        whole: {
          value: task.upperArm,
          formula: phrase`half the upper arm ${length(task.upperArm)} to each side, no ease`,
        },
      },
    },
    task,
  );
}

/** Chosen height: a fixed cap, 6 in unless chosen, and the upper arm with its ease, 4 in unless chosen. Loose sleeves with elastic; common practice, no source. */
export function chosenHeight(task: CapTask): CapFrame {
  return ruleFrame(
    {
      name: "Chosen height",
      source: "common practice, no source",
      height: {
        value: task.chosenHeight ?? CHOSEN_HEIGHT_MM,
        formula:
          task.chosenHeight === null ? phrase`${length(CHOSEN_HEIGHT_MM)}, usual on a loose sleeve` : phrase`as chosen`,
      },
      width: {
        kind: "arm",
        whole: {
          value: task.upperArm + task.upperArmEase,
          formula: phrase`upper arm ${length(task.upperArm)} + ease ${length(task.upperArmEase)}`,
        },
      },
    },
    task,
  );
}

/** Dropped: 0 to 2 in high, the armhole laid flat. The sleeve of a dropped shoulder; common practice, no source. */
export function dropped(task: CapTask): CapFrame {
  const { front, back } = task.armhole;
  return ruleFrame(
    {
      name: "Dropped",
      source: "common practice, no source",
      height: {
        value: task.chosenHeight ?? DROPPED_HEIGHT_MM,
        formula:
          task.chosenHeight === null
            ? phrase`${length(DROPPED_HEIGHT_MM)}: none to ${length(2 * INCH_MM)} is usual`
            : phrase`as chosen`,
      },
      width: { kind: "armhole", front, back, usual: "flat", laid: phrase`the armhole` },
    },
    task,
  );
}
