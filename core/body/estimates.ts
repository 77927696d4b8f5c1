import { length, type Phrase, percent, phrase, type Source } from "../draft";
import type { Body } from "./measures";

/** A measurement that was not taken: what stands in for it, by what rule. */
export type Estimate = { readonly value: number; readonly rule: Phrase; readonly source: Source };

/** A stand-in figure so that a draft can be looked at before anything is measured: 36 in. */
const BUST_STAND_IN_MM = 914.4;
/** Upper arm ÷ bust runs from 26 to 40 % (plausible range, from memory); a little under its middle stands in. */
const UPPER_ARM_SHARE_OF_BUST = 0.32;
/** Elbow (bent) ÷ upper arm: from memory. */
const ELBOW_SHARE_OF_UPPER_ARM = 0.95;
/** Upper arm ÷ forearm: middle of the 1.04–1.39 seen in 260 women (Heinz et al. 2003). */
const UPPER_ARM_TO_FOREARM = 1.18;
/** wrist ≈ 53.8 mm + 0.407 × forearm: least squares over the same 260 women. */
const WRIST_OVER_FOREARM = { constant: 53.8, slope: 0.407 };
/** An adult woman's arm, shoulder point to wrist: 23 in, from memory. */
const ARM_LENGTH_STAND_IN_MM = 584.2;
/** Shoulder-to-elbow is 50 to 65 % of the arm (plausible range, from memory); its middle stands in. */
const ELBOW_SHARE_OF_ARM = 0.575;

export function estimateBust(): Estimate {
  return {
    value: BUST_STAND_IN_MM,
    rule: phrase`${length(BUST_STAND_IN_MM)} stands in until the bust is measured`,
    source: "stand-in",
  };
}

export function estimateUpperArm(bust: number): Estimate {
  return {
    value: bust * UPPER_ARM_SHARE_OF_BUST,
    rule: phrase`${percent(UPPER_ARM_SHARE_OF_BUST)} of bust ${length(bust)}`,
    source: "stand-in",
  };
}

export function estimateElbow(upperArm: number): Estimate {
  return {
    value: upperArm * ELBOW_SHARE_OF_UPPER_ARM,
    rule: phrase`${percent(ELBOW_SHARE_OF_UPPER_ARM)} of upper arm ${length(upperArm)}`,
    source: "from memory",
  };
}

export function estimateWrist(upperArm: number): Estimate {
  const forearm = upperArm / UPPER_ARM_TO_FOREARM;
  return {
    value: WRIST_OVER_FOREARM.constant + WRIST_OVER_FOREARM.slope * forearm,
    rule: phrase`${length(WRIST_OVER_FOREARM.constant)} + 0.407 × forearm, the forearm taken as upper arm ${length(upperArm)} ÷ 1.18`,
    source: "open data set",
  };
}

export function estimateArmLength(): Estimate {
  return {
    value: ARM_LENGTH_STAND_IN_MM,
    rule: phrase`${length(ARM_LENGTH_STAND_IN_MM)} stands in until the arm is measured`,
    source: "stand-in",
  };
}

export function estimateShoulderToElbow(armLength: number): Estimate {
  return {
    value: armLength * ELBOW_SHARE_OF_ARM,
    rule: phrase`${percent(ELBOW_SHARE_OF_ARM)} of arm length ${length(armLength)}`,
    source: "from memory",
  };
}

/** A body in which every figure that a plain sleeve is drafted from is there. */
export type SleeveBody = Body & {
  readonly [id in "bust" | "upperArm" | "elbow" | "wrist" | "armLength" | "shoulderToElbow"]: number;
};
