import { bustTwelfth } from "./bust-twelfth";
import type { CapFrame, CapTask } from "./cap-frame";
import { fitFirst } from "./fit-first";

export const SET_IN_METHODS = ["fit-first", "bust-twelfth"] as const;
export type SetInMethod = (typeof SET_IN_METHODS)[number];

export type MethodEntry = {
  readonly name: string;
  /** One sentence a dressmaker can choose by. */
  readonly summary: string;
  /** Null when the method has no cap for this task. */
  readonly frame: (task: CapTask) => CapFrame | null;
};

/** Adding a method is a file of its own and a line here. */
const METHODS: Readonly<Record<SetInMethod, MethodEntry>> = {
  "fit-first": {
    name: "Fit first",
    summary: "Solves the cap height so that the cap fits the armhole and the width fits the arm.",
    frame: fitFirst,
  },
  "bust-twelfth": {
    name: "Bust twelfth",
    summary: "Cap height a twelfth of the bust and half an inch; half the armhole laid flat to each side.",
    frame: bustTwelfth,
  },
};

export function methodOf(method: SetInMethod): MethodEntry {
  return METHODS[method];
}
