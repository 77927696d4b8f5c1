import { length, type Phrase, phrase, type Source } from "../draft";
import type { Estimate } from "./estimates";
import type { Body } from "./measures";

/** Whose proportions stand in for what was not measured. */
export type Proportions = "woman" | "man";

/** Every figure that a fitted block can be solved from when only some were measured, each with its rule. */
export type FittedEstimates = {
  readonly [id in
    | "upperBust"
    | "height"
    | "waist"
    | "hip"
    | "neckBase"
    | "shoulderWidth"
    | "shoulderSlope"
    | "backLength"
    | "frontToBust"
    | "bustSpan"
    | "backWidth"
    | "frontWidth"
    | "upperArm"
    | "armholeGirth"
    | "armholeDepth"
    | "waistToHip"]: Estimate;
};

/** An adult woman's and an adult man's stature, from memory. */
const STATURE_MM: Readonly<Record<Proportions, number>> = { woman: 1650, man: 1780 };
/** A shoulder falls by 20 degrees, from memory. */
const SLOPE_DEGREES = 20;
/** The upper bust of a woman of whom only the bust was read, and the chest of a man, are so much less than the fullest girth; our own. */
const UPPER_BUST_LESS_MM: Readonly<Record<Proportions, number>> = { woman: 52, man: 8 };
/** The arm was measured flexed in the open data set; it is so much less relaxed. Our own, in the middle of 12 to 16. */
const RELAXED_LESS_MM = 14;
/** Across shoulders over the back is longer than the straight breadth of the bones, by so much. Our own, in the middle of 15 to 25. */
const OVER_BREADTH_MM = 20;

const estimate = (value: number, rule: Phrase, source: Source): Estimate => ({ value, rule, source });

/**
 * What stands in for each figure that was not taken, from those that were. Lines over the open data set (Heinz, Peterson, Johnson and Kerk
 * 2003) tell their standard deviation; the others are our own, from a trial. Lengths in millimetres, the slope in degrees.
 */
export function fittedEstimates(body: Body, bust: number, proportions: Proportions): FittedEstimates {
  const isMan = proportions === "man";
  const upperBust = estimateUpperBust(body, bust, proportions);
  const u = body.upperBust ?? upperBust.value;
  const named = isMan ? phrase`chest ${length(u)}` : phrase`upper bust ${length(u)}`;
  const chest = isMan ? bust : u;
  const ofChest = isMan ? phrase`chest ${length(bust)}` : named;
  const ofData = (constant: number, share: number, sd: number): Estimate =>
    estimate(
      constant + share * chest,
      phrase`${length(constant)} + ${String(share)} × ${ofChest}; in the open data set within ${length(sd)} for two in three`,
      "open data set",
    );
  const height = estimate(
    STATURE_MM[proportions],
    phrase`${length(STATURE_MM[proportions])} stands in until it is measured`,
    "stand-in",
  );
  const h = body.height ?? height.value;
  const waist = isMan ? ofData(-32, 0.869, 62) : ofData(-211, 1.057, 39);
  const w = body.waist ?? waist.value;
  const hip = isMan ? hipOf(397, 0.197, 0.452, bust, w, 36, ofChest) : hipOf(364, 0.199, 0.604, u, w, 40, ofChest);
  const arm = isMan ? ofData(19 - RELAXED_LESS_MM, 0.322, 19) : ofData(-27 - RELAXED_LESS_MM, 0.358, 16);
  const upperArm = body.upperArm ?? arm.value;
  const across = estimate(
    100 + OVER_BREADTH_MM + 0.11 * h + 0.096 * u,
    phrase`${length(100 + OVER_BREADTH_MM)} + 0.11 × height ${length(h)} + 0.096 × ${named}; in the open data set within ${length(15)} for two in three`,
    "open data set",
  );
  const shoulders = body.shoulderWidth ?? across.value;
  const cup = bust - u;
  const armscye = estimate(
    25 + 0.25 * u + 0.6 * upperArm,
    phrase`${length(25)} + 0.25 × ${named} + 0.6 × upper arm ${length(upperArm)}`,
    "stand-in",
  );
  const girth = body.armholeGirth ?? armscye.value;
  const ofHip =
    body.frontToHip !== undefined && body.frontToWaist !== undefined && body.frontToHip > body.frontToWaist
      ? estimate(
          body.frontToHip - body.frontToWaist,
          phrase`side neck point to hip ${length(body.frontToHip)} − to waist ${length(body.frontToWaist)}`,
          "geometry",
        )
      : estimate(0.122 * h, phrase`0.122 × height ${length(h)}`, "stand-in");
  return {
    upperBust,
    height,
    waist,
    hip,
    upperArm: arm,
    neckBase: isMan
      ? estimate(190 + 0.225 * bust, phrase`${length(190)} + 0.225 × chest ${length(bust)}`, "stand-in")
      : estimate(180 + 0.215 * u, phrase`${length(180)} + 0.215 × ${named}`, "stand-in"),
    shoulderWidth: across,
    shoulderSlope: estimate(
      SLOPE_DEGREES,
      phrase`${String(SLOPE_DEGREES)}° stands in until it is measured`,
      "from memory",
    ),
    backLength: estimate(0.246 * h, phrase`0.246 × height ${length(h)}`, "stand-in"),
    frontToBust: estimate(
      0.15 * h + (isMan ? 0.03 : 0.42) * cup + 0.11 * (u - 860),
      isMan
        ? phrase`0.15 × height ${length(h)} + 0.11 × (chest ${length(u)} − ${length(860)})`
        : phrase`0.15 × height ${length(h)} + 0.42 × (bust − upper bust) ${length(cup)} + 0.11 × (${named} − ${length(860)})`,
      "stand-in",
    ),
    bustSpan: estimate(60 + 0.135 * bust, phrase`${length(60)} + 0.135 × bust ${length(bust)}`, "stand-in"),
    backWidth: estimate(0.885 * shoulders, phrase`0.885 × across shoulders ${length(shoulders)}`, "stand-in"),
    frontWidth: estimate(
      0.885 * shoulders - 18 + 0.08 * cup,
      phrase`across back − ${length(18)} + 0.08 × (bust − upper bust) ${length(cup)}`,
      "stand-in",
    ),
    armholeGirth: armscye,
    armholeDepth: estimate(0.36 * girth, phrase`0.36 × armscye girth ${length(girth)}`, "stand-in"),
    waistToHip: ofHip,
  };
}

function hipOf(
  constant: number,
  ofChest: number,
  ofWaist: number,
  chest: number,
  waist: number,
  sd: number,
  named: Phrase,
): Estimate {
  return estimate(
    constant + ofChest * chest + ofWaist * waist,
    phrase`${length(constant)} + ${String(ofChest)} × ${named} + ${String(ofWaist)} × waist ${length(waist)}; in the open data set within ${length(sd)} for two in three`,
    "open data set",
  );
}

/** By the under-bust where that was read; else by the bust alone. */
function estimateUpperBust({ underbust }: Body, bust: number, proportions: Proportions): Estimate {
  const less = UPPER_BUST_LESS_MM[proportions];
  if (proportions === "man" || underbust === undefined || underbust >= bust)
    return estimate(bust - less, phrase`bust ${length(bust)} − ${length(less)}`, "stand-in");
  const cup = Math.max(0, 0.58 * (bust - underbust) - 20);
  return estimate(
    bust - cup,
    phrase`bust ${length(bust)} − (0.58 × (bust − under-bust ${length(underbust)}) − ${length(20)})`,
    "stand-in",
  );
}
