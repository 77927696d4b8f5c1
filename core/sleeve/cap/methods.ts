import type { CapFrame, CapTask } from "./cap-frame";
import type { CapCurve } from "./cap-shape";
import { bustTwelfth, fiveSixthsDepth, thirdOfArmhole, twoThirdsDepth } from "./depth-and-girth-rules";
import { fitFirst } from "./fit-first";
import { chosenHeight, dropped, shallowKnit } from "./loose-rules";

export const SET_IN_METHODS = [
  "fit-first",
  "bust-twelfth",
  "two-thirds-depth",
  "third-of-armhole",
  "five-sixths-depth",
  "shallow-knit",
  "chosen-height",
  "dropped",
] as const;
export type SetInMethod = (typeof SET_IN_METHODS)[number];

export type MethodEntry = {
  readonly name: string;
  /** One sentence a dressmaker can choose by. */
  readonly summary: string;
  readonly typicalOf: string;
  /** True when the rule lays the armhole, flat or along the slant. */
  readonly laysArmhole: boolean;
  /** True when its height is for the person to choose. */
  readonly takesHeight: boolean;
  /** How its curve is drawn where nobody chose otherwise. */
  readonly usualCurve: CapCurve;
  /** Null when the method has no cap for this task. */
  readonly frame: (task: CapTask) => CapFrame | null;
};

/** Adding a method is a function of its own and a line here. */
const METHODS: Readonly<Record<SetInMethod, MethodEntry>> = {
  "fit-first": {
    name: "Fit first",
    summary: "Solves the cap height so that the cap fits the armhole and the width fits the arm.",
    typicalOf: "our own way",
    laysArmhole: false,
    takesHeight: false,
    usualCurve: "armhole",
    frame: fitFirst,
  },
  "bust-twelfth": {
    name: "Bust twelfth",
    summary: "Cap height a twelfth of the bust and 1/2 in (1.3 cm); half the armhole laid flat to each side.",
    typicalOf: "quick dressmaking",
    laysArmhole: true,
    takesHeight: false,
    usualCurve: "quarters",
    frame: bustTwelfth,
  },
  "two-thirds-depth": {
    name: "Two-thirds depth",
    summary: "Cap height two thirds of the armhole depth; half the upper arm to each side.",
    typicalOf: "quick dressmaking",
    laysArmhole: false,
    takesHeight: false,
    usualCurve: "quarters",
    frame: twoThirdsDepth,
  },
  "third-of-armhole": {
    name: "Third of the armhole",
    summary: "Cap height a third of the armhole; the slants are the front armhole, and the back one and a little.",
    typicalOf: "textbooks",
    laysArmhole: true,
    takesHeight: false,
    usualCurve: "quarters",
    frame: thirdOfArmhole,
  },
  "five-sixths-depth": {
    name: "Five-sixths depth",
    summary:
      "Cap height five sixths of the armhole depth; the slants are the front armhole, and the back one and 10 mm.",
    typicalOf: "textbooks",
    laysArmhole: true,
    takesHeight: false,
    usualCurve: "quarters",
    frame: fiveSixthsDepth,
  },
  "shallow-knit": {
    name: "Shallow knit",
    summary:
      "A low cap whatever the size, raised a little to meet the armhole; half the upper arm to each side, no ease.",
    typicalOf: "jersey",
    laysArmhole: false,
    takesHeight: false,
    usualCurve: "quarters",
    frame: shallowKnit,
  },
  "chosen-height": {
    name: "Chosen height",
    summary: "A cap of the height you choose on a sleeve much wider than the arm.",
    typicalOf: "loose sleeves with elastic",
    laysArmhole: false,
    takesHeight: true,
    usualCurve: "quarters",
    frame: chosenHeight,
  },
  dropped: {
    name: "Dropped",
    summary: "Hardly any cap: the sleeve top lies along the shoulder line and is as wide as the armhole.",
    typicalOf: "oversize",
    laysArmhole: true,
    takesHeight: true,
    usualCurve: "quarters",
    frame: dropped,
  },
};

export function methodOf(method: SetInMethod): MethodEntry {
  return METHODS[method];
}
