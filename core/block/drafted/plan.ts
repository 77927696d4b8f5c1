import { type Figure, length, type Phrase, phrase } from "../../draft";
import { INCH_MM } from "../../tape";
import type { Side } from "../half";
import type { BlockChoices, BlockMeasures } from "./choices";

/** Where every point of the bodice lies, before a curve is drawn. Millimetres from the side neck level on the centre line. */
export type BlockPlan = {
  readonly neckWidth: number;
  readonly neckDepth: Readonly<Record<Side, number>>;
  /** How far out the shoulder point lies. */
  readonly shoulderOut: number;
  readonly slope: Readonly<Record<Side, number>>;
  readonly chestLevel: number;
  readonly bustLevel: number;
  readonly underbustLevel: number;
  readonly waistLevel: number;
  readonly hipLevel: number;
  readonly hemLevel: number;
  readonly chestQuarter: number;
  readonly waistQuarter: Readonly<Record<Side, number>>;
  readonly hipQuarter: number;
  /** What is added beyond the centre line to be gathered. */
  readonly gathered: Readonly<Record<Side, number>>;
  readonly figures: readonly Figure[];
};

const COMMON = "common practice, no source";

/** From this bust on the neck counts as a large figure's. Where between small and large the step lies is our own choice. */
const LARGE_BUST_MM = 40 * INCH_MM;
const SMALL_NECK_MM = 3 * INCH_MM;
const LARGE_NECK_MM = 3.5 * INCH_MM;
const ROUND_DEPTH_MM = 3 * INCH_MM;
const SCOOP_DEPTH_MM = 6 * INCH_MM;
const BACK_NECK_DEPTH_MM = INCH_MM;
const KNIT_BACK_NECK_DEPTH_MM = 1.5 * INCH_MM;
/** Added to half the armscye girth, and to a sixth of the bust. */
const HALF_ARMSCYE_ADDED_MM = INCH_MM / 2;
const BUST_SIXTH_ADDED_MM = 1.5 * INCH_MM;
/** Hip 21 to 22 in below the shoulder. */
const HIP_LEVEL_MM = 21.5 * INCH_MM;
/** Where the waist lies low, the hip keeps this far below it. Our own limit. */
const LEAST_WAIST_TO_HIP_MM = 5 * INCH_MM;
/** Bust point to under-bust; from memory. */
const UNDERBUST_BELOW_BUST_MM = 3 * INCH_MM;
/** Gathers: the quarter doubled, or a third of it added (a quarter to a half are usual). */
const FULL_GATHERS_SHARE = 1;
const SLIGHT_GATHERS_SHARE = 1 / 3;
/** A gathered back is this much narrower in the half than the front. */
const GATHERED_BACK_LESS_MM = 1.5 * INCH_MM;

/** The rules of the drafted bodice with this body's figures put in (common practice, no source). */
export function planBlock(body: BlockMeasures, choices: BlockChoices): BlockPlan {
  const neck = planNeck(body, choices);
  const chest = chestLevel(body, choices);
  const waistLevel = neck.backDepth.value + body.backLength;
  const hipLevel = Math.max(HIP_LEVEL_MM, waistLevel + LEAST_WAIST_TO_HIP_MM);
  const widths = planWidths(body, choices);
  const shoulderOut = body.shoulderWidth / 2 + choices.shoulderEase;
  const frontDepth =
    choices.neckShape === "v" ? (choices.bodyLength === "hip" ? hipLevel : waistLevel) / 2 : neck.frontDepth.value;
  return {
    neckWidth: neck.width.value,
    neckDepth: { front: frontDepth, back: neck.backDepth.value },
    shoulderOut,
    slope: { front: choices.frontSlope, back: choices.backSlope },
    chestLevel: chest.value,
    bustLevel: body.frontToBust,
    underbustLevel: body.frontToBust + UNDERBUST_BELOW_BUST_MM,
    waistLevel,
    hipLevel,
    hemLevel: choices.bodyLength === "hip" ? hipLevel : waistLevel,
    chestQuarter: widths.chest.value,
    waistQuarter: { front: widths.waist.value, back: widths.waist.value + choices.centreBackShaping },
    hipQuarter: widths.hip.value,
    gathered: gathered(widths.chest.value, choices),
    figures: [
      figure("block.neck.width", "Neck width", neck.width),
      figure("block.neck.backDepth", "Back neck depth", neck.backDepth),
      figure("block.neck.frontDepth", "Front neck depth", {
        value: frontDepth,
        formula: choices.neckShape === "v" ? phrase`half the garment's length, for a V` : neck.frontDepth.formula,
      }),
      figure("block.shoulder.half", "Half shoulder", {
        value: shoulderOut,
        formula:
          choices.shoulderEase === 0
            ? phrase`across shoulders ${length(body.shoulderWidth)} ÷ 2`
            : phrase`across shoulders ${length(body.shoulderWidth)} ÷ 2 + ${length(choices.shoulderEase)} of ease`,
      }),
      figure("block.chestLevel", "Chest line below the shoulder line", chest),
      figure("block.waistLevel", "Waist below the shoulder line", {
        value: waistLevel,
        formula: phrase`back neck depth ${length(neck.backDepth.value)} + nape to waist ${length(body.backLength)}`,
      }),
      figure("block.hipLevel", "Hip below the shoulder line", {
        value: hipLevel,
        formula:
          hipLevel > HIP_LEVEL_MM
            ? phrase`${length(LEAST_WAIST_TO_HIP_MM)} below the waist, which lies low`
            : phrase`${length(HIP_LEVEL_MM)}: ${length(21 * INCH_MM)} to ${length(22 * INCH_MM)} is usual`,
      }),
      figure("block.quarter.chest", "Chest quarter", widths.chest),
      ...(widths.isShaped
        ? [
            figure("block.quarter.waist", "Waist quarter", widths.waist),
            figure("block.quarter.hip", "Hip quarter", widths.hip),
          ]
        : []),
      ...gatheredFigures(widths.chest.value, choices),
    ],
  };
}

type Reckoned = { readonly value: number; readonly formula: Phrase };

function figure(id: string, label: string, { value, formula }: Reckoned): Figure {
  return { id, label, value, kind: "length", formula, rule: "Drafted bodice", source: COMMON };
}

function planNeck(body: BlockMeasures, { neckRule, neckShape, style }: BlockChoices) {
  const isLarge = body.bust >= LARGE_BUST_MM;
  const sixth: Reckoned = { value: body.neckBase / 6, formula: phrase`neck base ${length(body.neckBase)} ÷ 6` };
  const width: Reckoned =
    neckRule === "neck-sixth"
      ? sixth
      : {
          value: isLarge ? LARGE_NECK_MM : SMALL_NECK_MM,
          formula: phrase`${length(isLarge ? LARGE_NECK_MM : SMALL_NECK_MM)} for a ${isLarge ? "large" : "small"} figure, bust ${length(body.bust)}`,
        };
  const round: Reckoned =
    neckRule === "neck-sixth"
      ? sixth
      : { value: ROUND_DEPTH_MM, formula: phrase`${length(ROUND_DEPTH_MM)} for a round neck` };
  const backDepth = style === "knit" ? KNIT_BACK_NECK_DEPTH_MM : BACK_NECK_DEPTH_MM;
  return {
    width,
    frontDepth:
      neckShape === "scoop" ? { value: SCOOP_DEPTH_MM, formula: phrase`${length(SCOOP_DEPTH_MM)} for a scoop` } : round,
    backDepth: {
      value: backDepth,
      formula: phrase`${length(backDepth)}, usual for a ${style === "knit" ? "knit" : "woven"}`,
    },
  };
}

function chestLevel(body: BlockMeasures, { armholeRule }: BlockChoices): Reckoned {
  switch (armholeRule) {
    case "half-armscye":
      return {
        value: body.armholeGirth / 2 + HALF_ARMSCYE_ADDED_MM,
        formula: phrase`armscye girth ${length(body.armholeGirth)} ÷ 2 + ${length(HALF_ARMSCYE_ADDED_MM)}`,
      };
    case "bust-quarter":
      return { value: body.bust / 4, formula: phrase`bust ${length(body.bust)} ÷ 4` };
    case "bust-sixth":
      return {
        value: body.bust / 6 + BUST_SIXTH_ADDED_MM,
        formula: phrase`bust ${length(body.bust)} ÷ 6 + ${length(BUST_SIXTH_ADDED_MM)}`,
      };
  }
}

/** A dropped shoulder hangs straight from the largest girth; the others follow the body in at the waist. */
function planWidths(body: BlockMeasures, choices: BlockChoices) {
  const isShaped = choices.style !== "dropped";
  const quarter = (name: string, girth: number, ease: number, intake: number): Reckoned => ({
    value: girth / 4 + ease + intake,
    formula: phrase`${name} ${length(girth)} ÷ 4 + ease ${length(ease)}${intake > 0 ? phrase` + dart ${length(intake)}` : []}`,
  });
  if (!isShaped) {
    const largest = Math.max(body.bust, body.waist, body.hip);
    const chest = quarter("largest of bust, waist and hip,", largest, choices.chestEase, 0);
    return { isShaped, chest, waist: chest, hip: chest };
  }
  const intake = choices.shaping === "none" ? 0 : choices.dartIntake;
  return {
    isShaped,
    chest: quarter("bust", body.bust, choices.chestEase, 0),
    waist: quarter("waist", body.waist, choices.waistEase, intake),
    hip: quarter("hip", body.hip, choices.hipEase, 0),
  };
}

function gatherShare({ gathers }: BlockChoices): number {
  return gathers === "full" ? FULL_GATHERS_SHARE : gathers === "slight" ? SLIGHT_GATHERS_SHARE : 0;
}

function gathered(chestQuarter: number, choices: BlockChoices): Record<Side, number> {
  const front = chestQuarter * gatherShare(choices);
  return { front, back: Math.max(0, front - (front > 0 ? GATHERED_BACK_LESS_MM : 0)) };
}

function gatheredFigures(chestQuarter: number, choices: BlockChoices): readonly Figure[] {
  if (choices.gathers === "none") return [];
  const { front, back } = gathered(chestQuarter, choices);
  return [
    figure("block.gathered.front", "Front half with its gathers", {
      value: chestQuarter + front,
      formula: phrase`chest quarter ${length(chestQuarter)} + ${length(front)} to gather`,
    }),
    figure("block.gathered.back", "Back half with its gathers", {
      value: chestQuarter + back,
      formula: phrase`chest quarter ${length(chestQuarter)} + ${length(back)} to gather, the back ${length(GATHERED_BACK_LESS_MM)} narrower`,
    }),
  ];
}
