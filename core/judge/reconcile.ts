import { type Cloth, clothOf } from "../cloth";
import { length, type Phrase, percent, phrase } from "../draft";
import { findRoot, SOLVED_MM } from "../geometry";
import {
  FULLNESS_CHANGE,
  halfCapLength,
  isInFitFirstRange,
  methodOf,
  pleatsFor,
  type SetInSleeve,
  type SetInTask,
  shapesOf,
  wantedSeams,
} from "../sleeve/set-in";
import type { SpecChange } from "../spec";
import type { Remedy } from "./finding";

/** A knit is stretched in by no more (common practice, no source). */
export const MOST_STRETCH_SHARE = 0.03;

/** Every honest way to bring a cap that is off to its armhole, computed for this client; those that cannot be are left out. */
export function reconcile(task: SetInTask, sleeve: SetInSleeve, cloth: Cloth): readonly Remedy[] {
  const surplus = surplusOf(task, sleeve);
  return [
    draftByFitFirst(task, cloth),
    changeHeight(task, sleeve),
    changeWidth(task, sleeve),
    changeCurve(task, sleeve),
    ...(surplus > 0 ? [pleat(surplus), gather(task, surplus)] : [stretch(task, surplus, cloth)]),
    keepSurplus(task, surplus),
  ].filter((way) => way !== null);
}

/** What the cap is longer by than the armhole with its wanted ease, in millimetres. */
export function surplusOf(task: SetInTask, sleeve: SetInSleeve): number {
  return sleeve.capLength.front + sleeve.capLength.back - wholeSeam(task);
}

function wholeSeam({ cap }: SetInTask): number {
  const { front, back } = wantedSeams(cap);
  return front + back;
}

/** What a way sets, and that whatever was done with a surplus before is done no more. */
function way(id: string, label: Phrase, sleeve: NonNullable<SpecChange["sleeve"]>): Remedy {
  return { id, label, change: { sleeve: { surplus: undefined, ...sleeve } } };
}

export function draftByFitFirst(task: SetInTask, cloth: Cloth): Remedy | null {
  if (task.method === "fit-first") return null;
  const upperArmEase = (cloth.upperArmEase.least + cloth.upperArmEase.most) / 2;
  const { usualCurve } = methodOf("fit-first");
  if (!isInFitFirstRange({ ...task.cap, curve: usualCurve, upperArmEase })) return null;
  return way(
    "use-fit-first",
    phrase`Draft it by Fit first: the arm with ${length(upperArmEase)} of ease, and a cap that fits`,
    { method: "fit-first", curve: undefined, upperArmEase, capHeightChange: 0, capWidthChange: 0 },
  );
}

function wholeCap(task: SetInTask, frontWidth: number, backWidth: number, height: number): number {
  const shapes = shapesOf(task.cap);
  return halfCapLength(shapes.front, frontWidth, height) + halfCapLength(shapes.back, backWidth, height);
}

/** Raise or lower the cap at the width it has until the whole seam comes out. */
function changeHeight(task: SetInTask, { frame }: SetInSleeve): Remedy | null {
  const miss = (height: number) => wholeCap(task, frame.frontWidth, frame.backWidth, height) - wholeSeam(task);
  const root = findRoot(miss, 1, wholeSeam(task), SOLVED_MM);
  if (!root.converged) return null;
  const by = root.value - frame.height;
  return way(
    by < 0 ? "lower-cap" : "raise-cap",
    phrase`${by < 0 ? "Lower" : "Raise"} the cap by ${length(Math.abs(by))}, to ${length(root.value)}`,
    { capHeightChange: task.cap.capHeightChange + by },
  );
}

/** Widen or narrow the sleeve at the height it has until the whole seam comes out. */
function changeWidth(task: SetInTask, { frame }: SetInSleeve): Remedy | null {
  const width = frame.frontWidth + frame.backWidth;
  const miss = (factor: number) =>
    wholeCap(task, frame.frontWidth * factor, frame.backWidth * factor, frame.height) - wholeSeam(task);
  const root = findRoot(miss, 0.01, wholeSeam(task) / width, SOLVED_MM);
  if (!root.converged) return null;
  const by = width * (root.value - 1);
  return way(
    by < 0 ? "narrow-sleeve" : "widen-sleeve",
    phrase`${by < 0 ? "Narrow" : "Widen"} the sleeve by ${length(Math.abs(by))} on the cap line, to ${length(width + by)}`,
    { capWidthChange: task.cap.capWidthChange + by },
  );
}

/** Flatten or fill the curve between the same crown and cap line until the whole seam comes out. */
function changeCurve(task: SetInTask, { frame }: SetInSleeve): Remedy | null {
  if (task.method === "fit-first" || task.method === "shallow-knit") return null;
  const miss = (fullnessChange: number) => {
    const shapes = shapesOf({ ...task.cap, fullnessChange });
    return (
      halfCapLength(shapes.front, frame.frontWidth, frame.height) +
      halfCapLength(shapes.back, frame.backWidth, frame.height) -
      wholeSeam(task)
    );
  };
  const root = findRoot(miss, FULLNESS_CHANGE.least, FULLNESS_CHANGE.most, SOLVED_MM);
  if (!root.converged) return null;
  const isFlatter = root.value < task.cap.fullnessChange;
  return way(
    isFlatter ? "flatten-curve" : "fill-curve",
    phrase`${isFlatter ? "Flatten" : "Fill"} the curve, its handles ${percent(Math.abs(root.value))} ${root.value < 0 ? "shorter" : "longer"} than usual`,
    { fullnessChange: root.value },
  );
}

function pleat(surplus: number): Remedy {
  const { count, depth } = pleatsFor(surplus);
  return way(
    "pleat-surplus",
    phrase`Pleat it at the crown: ${count === 1 ? "one pleat" : `${count} pleats`} ${length(depth)} deep`,
    { surplus: "pleat" },
  );
}

function gather(task: SetInTask, surplus: number): Remedy {
  const between = task.cap.armhole.front + task.cap.armhole.back - task.notches.front - task.notches.back;
  const ratio = (between + task.cap.capEase + surplus) / between;
  return way("gather-surplus", phrase`Gather it at the crown, a puff: ${ratio.toFixed(2)} to 1 between the notches`, {
    surplus: "gather",
  });
}

function stretch(task: SetInTask, surplus: number, cloth: Cloth): Remedy | null {
  const share = -surplus / (task.cap.armhole.front + task.cap.armhole.back);
  if (cloth.kind !== clothOf("knit").kind || share > MOST_STRETCH_SHARE) return null;
  return way("stretch-in", phrase`Stretch it in: ${length(-surplus)}, ${percent(share)} of the armhole`, {
    surplus: "stretch",
  });
}

function keepSurplus(task: SetInTask, surplus: number): Remedy {
  const capEase = task.cap.capEase + surplus;
  return way(
    "keep-surplus",
    capEase > 0
      ? phrase`Keep it as ease: ${length(capEase)} to ease in`
      : phrase`Keep it: ${length(-capEase)} to stretch in`,
    { capEase },
  );
}
