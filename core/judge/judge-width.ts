import type { Cloth } from "../cloth";
import { length, phrase } from "../draft";
import type { SetInSleeve, SetInTask } from "../sleeve/set-in";
import type { Finding, Remedy } from "./finding";

/** Ease over the upper arm beyond the cloth's usual most by more than this reads as baggy. Our own limit. */
const BAGGY_BEYOND_MM = 60;

/** The width on the cap line against the upper arm and the ease usual for the cloth. */
export function judgeWidth(task: SetInTask, sleeve: SetInSleeve, cloth: Cloth): readonly Finding[] {
  const width = sleeve.frame.frontWidth + sleeve.frame.backWidth;
  const ease = width - task.cap.upperArm;
  const { least, most } = cloth.upperArmEase;
  if (ease < least - 0.5) return [binds(task, ease, least, cloth)];
  if (ease > most + BAGGY_BEYOND_MM) return [baggy(task, ease, most, cloth)];
  return [];
}

function binds(task: SetInTask, ease: number, least: number, cloth: Cloth): Finding {
  return {
    code: "sleeve-binds",
    severity: "warning",
    station: "sleeve",
    message: phrase`The sleeve has ${length(ease)} of ease over the upper arm; ${cloth.name.toLowerCase()} wants at least ${length(least)}.`,
    reason: phrase`It binds round the arm, and lifts the whole garment when the arm is raised.`,
    numbers: { ease, least },
    remedies: [widthRemedy(task, ease, least, "widen-sleeve")],
  };
}

function baggy(task: SetInTask, ease: number, most: number, cloth: Cloth): Finding {
  return {
    code: "sleeve-baggy",
    severity: "note",
    station: "sleeve",
    message: phrase`The sleeve has ${length(ease)} of ease over the upper arm; up to ${length(most)} is usual in ${cloth.name.toLowerCase()}.`,
    reason: phrase`It hangs loose, and the low cap that goes with it folds under the arm. That may be what you want.`,
    numbers: { ease, most },
    remedies: [widthRemedy(task, ease, most, "narrow-sleeve")],
  };
}

/** At constant seam for fit first, whose solver then raises or lowers the cap; by hand for a rule. */
function widthRemedy(task: SetInTask, ease: number, to: number, id: string): Remedy {
  const byRule = { capWidthChange: task.cap.capWidthChange + (to - ease) };
  return {
    id,
    label: phrase`Make the ease ${length(to)}`,
    change: { sleeve: task.method === "fit-first" ? { upperArmEase: to } : byRule },
  };
}
