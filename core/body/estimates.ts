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

/** Waist and hip ÷ bust, stand-ins; the shoulder, neck and armscye shares lie inside their plausible ranges (from memory). */
const WAIST_SHARE_OF_BUST = 0.82;
const HIP_SHARE_OF_BUST = 1.06;
const NECK_BASE_SHARE_OF_BUST = 0.41;
const SHOULDER_SHARE_OF_BUST = 0.43;
const ARMSCYE_SHARE_OF_BUST = 0.44;
const BUST_SPAN_SHARE_OF_BUST = 0.2;
const BUST_LEVEL_SHARE_OF_BUST = 0.29;
/** An adult woman's nape to waist: 16 in, from memory. */
const BACK_LENGTH_STAND_IN_MM = 406.4;

/** The figures of a drafted bodice that follow from the bust when they were not taken. */
const SHARES_OF_BUST = {
  waist: WAIST_SHARE_OF_BUST,
  hip: HIP_SHARE_OF_BUST,
  neckBase: NECK_BASE_SHARE_OF_BUST,
  shoulderWidth: SHOULDER_SHARE_OF_BUST,
  armholeGirth: ARMSCYE_SHARE_OF_BUST,
  bustSpan: BUST_SPAN_SHARE_OF_BUST,
  frontToBust: BUST_LEVEL_SHARE_OF_BUST,
} as const;

export function estimateFromBust(id: keyof typeof SHARES_OF_BUST, bust: number): Estimate {
  const share = SHARES_OF_BUST[id];
  return { value: bust * share, rule: phrase`${percent(share)} of bust ${length(bust)}`, source: "stand-in" };
}

export function estimateBackLength(): Estimate {
  return {
    value: BACK_LENGTH_STAND_IN_MM,
    rule: phrase`${length(BACK_LENGTH_STAND_IN_MM)} stands in until the back is measured`,
    source: "stand-in",
  };
}

/** Round both arms at the off-shoulder line over the bust: a stand-in. */
const AROUND_SHOULDERS_OVER_BUST_MM = 76.2;

export function estimateAroundShoulders(bust: number): Estimate {
  return {
    value: bust + AROUND_SHOULDERS_OVER_BUST_MM,
    rule: phrase`bust ${length(bust)} + ${length(AROUND_SHOULDERS_OVER_BUST_MM)}`,
    source: "stand-in",
  };
}

/** Mid-neck over neck base, and over bust: stand-ins (from memory). */
const NECK_SHARE_OF_BASE = 0.92;
const NECK_SHARE_OF_BUST = 0.375;

export function estimateNeck({ neckBase, bust }: Body): Estimate {
  return neckBase === undefined
    ? {
        value: (bust ?? BUST_STAND_IN_MM) * NECK_SHARE_OF_BUST,
        rule: phrase`${percent(NECK_SHARE_OF_BUST)} of bust ${length(bust ?? BUST_STAND_IN_MM)}`,
        source: "stand-in",
      }
    : {
        value: neckBase * NECK_SHARE_OF_BASE,
        rule: phrase`${percent(NECK_SHARE_OF_BASE)} of neck base ${length(neckBase)}`,
        source: "from memory",
      };
}

/** A body in which every figure that a plain sleeve is drafted from is there. */
export type SleeveBody = Body & {
  readonly [id in "bust" | "upperArm" | "elbow" | "wrist" | "armLength" | "shoulderToElbow"]: number;
};
