import { length, type Phrase, percent, phrase, type Source } from "../draft";
import type { Body } from "./measures";

/** A measurement that was not taken: what stands in for it, by what rule. */
export type Estimate = { readonly value: number; readonly rule: Phrase; readonly source: Source };

/** A stand-in figure so that a draft can be looked at before anything is measured: 36 in. */
const BUST_STAND_IN_MM = 914.4;
/**
 * What stands in for a figure by the bust. Bones and arms grow less than a large bust does: beyond `LARGE_BUST_MM` only the second share
 * of what it is more is added. From memory, and so that the estimates of every bust up to 1.8 m stay within their plausible ranges.
 */
type ShareOfBust = { readonly share: number; readonly beyond: number };
const LARGE_BUST_MM = 1000;

function byBust({ share, beyond }: ShareOfBust, bust: number): Estimate {
  const more = Math.max(0, bust - LARGE_BUST_MM);
  return {
    value: share * (bust - more) + beyond * more,
    rule:
      more === 0
        ? phrase`${percent(share)} of bust ${length(bust)}`
        : phrase`${percent(share)} of ${length(LARGE_BUST_MM)} and ${percent(beyond)} of what bust ${length(bust)} is more`,
    source: "stand-in",
  };
}

/** Upper arm ÷ bust runs from 26 to 40 % (plausible range, from memory); a little under its middle stands in. */
const UPPER_ARM_OF_BUST: ShareOfBust = { share: 0.32, beyond: 0.22 };
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
  return byBust(UPPER_ARM_OF_BUST, bust);
}

/** The armhole of a garment, both halves, where it was not taped and the armscye was not either. From memory. */
export function estimateArmhole(bust: number): Estimate {
  return byBust({ share: 0.48, beyond: 0.25 }, bust);
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

/** From what else was measured along the arm, or an adult's. */
export function estimateArmLength({ shoulderToElbow, neckToWrist, shoulderLength }: Body = {}): Estimate {
  if (neckToWrist !== undefined && shoulderLength !== undefined && neckToWrist > shoulderLength) {
    return {
      value: neckToWrist - shoulderLength,
      rule: phrase`neck to wrist ${length(neckToWrist)} − shoulder ${length(shoulderLength)}`,
      source: "geometry",
    };
  }
  if (shoulderToElbow !== undefined) {
    return {
      value: shoulderToElbow / ELBOW_SHARE_OF_ARM,
      rule: phrase`shoulder to elbow ${length(shoulderToElbow)} ÷ ${percent(ELBOW_SHARE_OF_ARM)}`,
      source: "from memory",
    };
  }
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

/** An adult woman's nape to waist: 16 in, from memory. */
const BACK_LENGTH_STAND_IN_MM = 406.4;

/** The figures of a drafted bodice that follow from the bust when they were not taken (from memory). */
const SHARES_OF_BUST = {
  waist: { share: 0.82, beyond: 0.82 },
  hip: { share: 1.06, beyond: 0.9 },
  neckBase: { share: 0.41, beyond: 0.1 },
  shoulderWidth: { share: 0.43, beyond: 0.12 },
  armholeGirth: { share: 0.44, beyond: 0.25 },
  bustSpan: { share: 0.2, beyond: 0.12 },
  frontToBust: { share: 0.29, beyond: 0.1 },
} as const satisfies Readonly<Record<string, ShareOfBust>>;

export function estimateFromBust(id: keyof typeof SHARES_OF_BUST, bust: number): Estimate {
  return byBust(SHARES_OF_BUST[id], bust);
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
const NECK_SHARE_OF_BASE = 0.94;
const NECK_OF_BUST: ShareOfBust = { share: 0.375, beyond: 0.1 };

export function estimateNeck({ neckBase, bust }: Body): Estimate {
  return neckBase === undefined
    ? byBust(NECK_OF_BUST, bust ?? BUST_STAND_IN_MM)
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

type ArmBody = Pick<SleeveBody, "upperArm" | "elbow" | "wrist" | "shoulderToElbow" | "armLength">;

/** The girth of the arm so far below the shoulder point, between what was measured above and below it; up to `capHeight` it is the upper arm's. */
export function limbAt(level: number, capHeight: number, body: ArmBody): number {
  const { upperArm, elbow, wrist, shoulderToElbow, armLength } = body;
  // Two places that were measured at one level have nothing between them: the lower one is there.
  const between = (from: number, to: number, top: number, bottom: number) =>
    bottom === top ? to : from + (to - from) * Math.min(1, Math.max(0, (level - top) / (bottom - top)));
  return level < shoulderToElbow
    ? between(upperArm, elbow, capHeight, shoulderToElbow)
    : between(elbow, wrist, shoulderToElbow, armLength);
}
