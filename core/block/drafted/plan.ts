import { type Figure, length, type Phrase, phrase } from "../../draft";
import { INCH_MM } from "../../tape";
import type { Side } from "../half";
import type { BlockChoices, BlockMeasures, TypedFigure } from "./choices";
import { planNeck } from "./plan-neck";
import { gatheredFigures, hasDart, planDart, planGathers, planWidths } from "./plan-widths";
import { figure, orTyped, type RuledFigure } from "./ruled-figure";

/** The armhole is set in at its middle: 1/2 in at the back, 3/4 in at the front, which is hollower as arms move forward (common practice, no source). */
const ARMHOLE_INSET_MM = { back: 12.7, front: 19.05 } as const;

/** Where every point of the bodice lies, before a curve is drawn. Millimetres from the side neck level on the centre line. */
export type BlockPlan = {
  readonly neckWidth: Readonly<Record<Side, number>>;
  /** How far the side neck point lies below the level that everything is measured from: above it where the back stands higher. */
  readonly neckLevel: Readonly<Record<Side, number>>;
  readonly neckDepth: Readonly<Record<Side, number>>;
  /** How far out the shoulder point lies. */
  readonly shoulderOut: number;
  readonly inset: Readonly<Record<Side, number>>;
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
  /** How wide the waist dart is at the waist, and under the bust where it is fitted there; of both, how much lies towards the centre. */
  readonly dart: {
    readonly inner: number;
    readonly outer: number;
    readonly underbust: number | null;
    readonly aboveHip: number;
  };
  /** What is added beyond the centre line to be gathered. */
  readonly gathered: Readonly<Record<Side, number>>;
  readonly figures: readonly Figure[];
};

/** Added to half the armscye girth, and to a sixth of the bust. */
const HALF_ARMSCYE_ADDED_MM = INCH_MM / 2;
const BUST_SIXTH_ADDED_MM = 1.5 * INCH_MM;
/** Hip 21 to 22 in below the shoulder. */
const HIP_LEVEL_MM = 21.5 * INCH_MM;
/** Where the waist lies low, the hip keeps this far below it. Our own limit. */
const LEAST_WAIST_TO_HIP_MM = 5 * INCH_MM;
/** Bust point to under-bust; from memory. */
const UNDERBUST_BELOW_BUST_MM = 3 * INCH_MM;

/** The rules of the drafted bodice with this body's figures put in; a figure that was typed stands in place of its rule (common practice, no source). */
export function planBlock(body: BlockMeasures, choices: BlockChoices): BlockPlan {
  const { typed } = choices;
  const shoulderOut = body.shoulderWidth / 2 + choices.shoulderEase;
  const neck = planNeck(body, choices, shoulderOut);
  const chest = orTyped(typed.chestLevel, chestLevel(body, choices));
  const levels = planLevels(body, choices, neck.backDepth.value);
  const widths = planWidths(body, choices);
  const frontDepth = orTyped(
    typed.frontNeckDepth,
    isV(choices)
      ? { value: levels.hem.value / 2, formula: phrase`half the garment’s length, for a V` }
      : neck.frontDepth,
  );
  const gathers = planGathers(widths.chest.value, choices);
  const inset = {
    front: orTyped(typed.frontInset, usualInset("front")),
    back: orTyped(typed.backInset, usualInset("back")),
  };
  const dart = planDart(body, choices, widths.chest.value);
  return {
    neckWidth: { front: neck.frontWidth.value, back: neck.backWidth.value },
    neckLevel: { front: 0, back: -choices.backHigher },
    neckDepth: { front: frontDepth.value, back: neck.backDepth.value },
    shoulderOut,
    inset: { front: inset.front.value, back: inset.back.value },
    slope: { front: choices.frontSlope, back: choices.backSlope },
    chestLevel: chest.value,
    bustLevel: levels.bust.value,
    underbustLevel: levels.underbust.value,
    waistLevel: levels.waist.value,
    hipLevel: levels.hip.value,
    hemLevel: levels.hem.value,
    chestQuarter: widths.chest.value,
    waistQuarter: { front: widths.waist.value, back: widths.waist.value + choices.centreBackShaping },
    hipQuarter: widths.hip.value,
    dart: {
      inner: dart.inner.value,
      outer: choices.dartIntake - dart.inner.value,
      underbust: dart.underbust?.value ?? null,
      aboveHip: dart.aboveHip.value,
    },
    gathered: { front: gathers.front.value, back: gathers.back.value },
    figures: [
      figure("block.neck.width", "Neck width", neck.backWidth),
      figure("block.neck.frontWidth", "Front neck width", neck.frontWidth),
      figure("block.neck.backDepth", "Back neck depth", neck.backDepth),
      figure("block.neck.frontDepth", "Front neck depth", frontDepth),
      figure("block.shoulder.half", "Half shoulder", {
        value: shoulderOut,
        formula:
          choices.shoulderEase === 0
            ? phrase`across shoulders ${length(body.shoulderWidth)} ÷ 2`
            : phrase`across shoulders ${length(body.shoulderWidth)} ÷ 2 + ${length(choices.shoulderEase)} of ease`,
      }),
      figure("block.inset.front", "Front armhole set in", inset.front),
      figure("block.inset.back", "Back armhole set in", inset.back),
      figure("block.chestLevel", "Chest line below the shoulder line", chest),
      figure("block.bustLevel", "Bust below the shoulder line", levels.bust),
      figure("block.underbustLevel", "Under-bust below the shoulder line", levels.underbust),
      figure("block.waistLevel", "Waist below the shoulder line", levels.waist),
      figure("block.hipLevel", "Hip below the shoulder line", levels.hip),
      figure("block.length", "Length", levels.hem),
      figure("block.quarter.chest", "Chest quarter", widths.chest),
      ...(widths.isShaped
        ? [
            figure("block.quarter.waist", "Waist quarter", widths.waist),
            figure("block.quarter.hip", "Hip quarter", widths.hip),
          ]
        : []),
      ...(hasDart(choices)
        ? [
            figure("block.dart.inner", "Waist dart towards the centre", dart.inner),
            figure("block.dart.aboveHip", "Waist dart closes above the hip", dart.aboveHip),
          ]
        : []),
      ...(dart.underbust ? [figure("block.dart.underbust", "Dart under the bust", dart.underbust)] : []),
      ...gatheredFigures(widths.chest.value, gathers, choices),
    ],
  };
}

/** Where each figure that may be typed comes from on a plan: its value, and the rule that gave it. */
export function typedFigureOf(
  plan: Pick<BlockPlan, "figures" | "gathered">,
  name: TypedFigure,
): { readonly value: number; readonly rule: Phrase } | null {
  const found = plan.figures.find(({ id }) => id === FIGURE_OF[name]);
  if (!found) return null;
  const value =
    name === "frontGathers" ? plan.gathered.front : name === "backGathers" ? plan.gathered.back : found.value;
  return { value, rule: found.formula };
}

const FIGURE_OF: Readonly<Record<TypedFigure, string>> = {
  frontNeckWidth: "block.neck.frontWidth",
  backNeckWidth: "block.neck.width",
  frontNeckDepth: "block.neck.frontDepth",
  backNeckDepth: "block.neck.backDepth",
  frontInset: "block.inset.front",
  backInset: "block.inset.back",
  chestLevel: "block.chestLevel",
  bustLevel: "block.bustLevel",
  underbustLevel: "block.underbustLevel",
  waistLevel: "block.waistLevel",
  hipLevel: "block.hipLevel",
  length: "block.length",
  dartInner: "block.dart.inner",
  dartAboveHip: "block.dart.aboveHip",
  frontGathers: "block.gathered.front",
  backGathers: "block.gathered.back",
};

function isV({ neckShape }: BlockChoices): boolean {
  return neckShape === "v" || neckShape === "v-hollow";
}

/** The armhole is set in at its middle: 1/2 in at the back, 3/4 in at the front, which is hollower as arms move forward (common practice, no source). */
function usualInset(side: Side): RuledFigure {
  return side === "front"
    ? {
        value: ARMHOLE_INSET_MM.front,
        formula: phrase`${length(ARMHOLE_INSET_MM.front)}: ${length(INCH_MM / 2)} to ${length(0.75 * INCH_MM)} in front`,
      }
    : { value: ARMHOLE_INSET_MM.back, formula: phrase`${length(ARMHOLE_INSET_MM.back)} at the back` };
}

/** The levels down the body; every one may be typed, and those below it follow. */
function planLevels(body: BlockMeasures, { typed, bodyLength }: BlockChoices, backDepth: number) {
  const bust = orTyped(typed.bustLevel, {
    value: body.frontToBust,
    formula: phrase`neck to bust point ${length(body.frontToBust)}`,
  });
  const underbust = orTyped(typed.underbustLevel, {
    value: bust.value + UNDERBUST_BELOW_BUST_MM,
    formula: phrase`${length(UNDERBUST_BELOW_BUST_MM)} below the bust`,
  });
  const waist = orTyped(typed.waistLevel, {
    value: backDepth + body.backLength,
    formula: phrase`back neck depth ${length(backDepth)} + nape to waist ${length(body.backLength)}`,
  });
  const lowest = waist.value + LEAST_WAIST_TO_HIP_MM;
  const hip = orTyped(typed.hipLevel, {
    value: Math.max(HIP_LEVEL_MM, lowest),
    formula:
      lowest > HIP_LEVEL_MM
        ? phrase`${length(LEAST_WAIST_TO_HIP_MM)} below the waist, which lies low`
        : phrase`${length(HIP_LEVEL_MM)}: ${length(21 * INCH_MM)} to ${length(22 * INCH_MM)} is usual`,
  });
  const hem = orTyped(
    typed.length,
    bodyLength === "waist"
      ? { value: waist.value, formula: phrase`to the waist` }
      : { value: hip.value, formula: phrase`to the hip` },
  );
  return { bust, underbust, waist, hip, hem };
}

function chestLevel(body: BlockMeasures, { armholeRule }: BlockChoices): RuledFigure {
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
