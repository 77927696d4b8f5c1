import { type Figure, length, type Phrase, phrase } from "../../draft";
import { INCH_MM } from "../../tape";
import type { Side } from "../half";
import type { BlockChoices, BlockMeasures, NeckShape, TypedFigure } from "./choices";
import { ARMHOLE_INSET_MM } from "./inset";

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

const COMMON = "common practice, no source";

/** From this bust on the neck counts as a large figure's. Where between small and large the step lies is our own choice. */
const LARGE_BUST_MM = 40 * INCH_MM;
const SMALL_NECK_MM = 3 * INCH_MM;
const LARGE_NECK_MM = 3.5 * INCH_MM;
const ROUND_DEPTH_MM = 3 * INCH_MM;
const SCOOP_DEPTH_MM = 6 * INCH_MM;
const BACK_NECK_DEPTH_MM = INCH_MM;
const KNIT_BACK_NECK_DEPTH_MM = 1.5 * INCH_MM;
/** A boat neck reaches half way from the usual neck to the shoulder point, and is 2 in deep in front (from memory). */
const BOAT_DEPTH_MM = 2 * INCH_MM;
const BOAT_SHARE = 0.5;
/** Added to half the armscye girth, and to a sixth of the bust. */
const HALF_ARMSCYE_ADDED_MM = INCH_MM / 2;
const BUST_SIXTH_ADDED_MM = 1.5 * INCH_MM;
/** Hip 21 to 22 in below the shoulder. */
const HIP_LEVEL_MM = 21.5 * INCH_MM;
/** Where the waist lies low, the hip keeps this far below it. Our own limit. */
const LEAST_WAIST_TO_HIP_MM = 5 * INCH_MM;
/** Bust point to under-bust; from memory. */
/** A waist dart closes 1 to 2 in above the hip (common practice, no source). */
const ABOVE_HIP_MM = 1.5 * INCH_MM;
const UNDERBUST_BELOW_BUST_MM = 3 * INCH_MM;
/** Gathers: the quarter doubled, or a third of it added (a quarter to a half are usual). */
const FULL_GATHERS_SHARE = 1;
const SLIGHT_GATHERS_SHARE = 1 / 3;
/** A gathered back is this much narrower in the half than the front. */
const GATHERED_BACK_LESS_MM = 1.5 * INCH_MM;

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
  plan: BlockPlan,
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

type Reckoned = { readonly value: number; readonly formula: Phrase };

function orTyped(typed: number | undefined, rule: Reckoned): Reckoned {
  return typed === undefined ? rule : { value: typed, formula: phrase`as typed; by the rule ${length(rule.value)}` };
}

function figure(id: string, label: string, { value, formula }: Reckoned): Figure {
  return { id, label, value, kind: "length", formula, rule: "Drafted bodice", source: COMMON };
}

function isV({ neckShape }: BlockChoices): boolean {
  return neckShape === "v" || neckShape === "v-hollow";
}

function hasDart({ shaping, style }: BlockChoices): boolean {
  return shaping !== "none" && style !== "dropped";
}

/** The armhole is set in at its middle: 1/2 in at the back, 3/4 in at the front, which is hollower as arms move forward (common practice, no source). */
function usualInset(side: Side): Reckoned {
  return side === "front"
    ? {
        value: ARMHOLE_INSET_MM.front,
        formula: phrase`${length(ARMHOLE_INSET_MM.front)}: ${length(INCH_MM / 2)} to ${length(0.75 * INCH_MM)} in front`,
      }
    : { value: ARMHOLE_INSET_MM.back, formula: phrase`${length(ARMHOLE_INSET_MM.back)} at the back` };
}

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
    bodyLength === "hip"
      ? { value: hip.value, formula: phrase`to the hip` }
      : { value: waist.value, formula: phrase`to the waist` },
  );
  return { bust, underbust, waist, hip, hem };
}

function planNeck(body: BlockMeasures, { neckRule, neckShape, style, typed }: BlockChoices, shoulderOut: number) {
  const isLarge = body.bust >= LARGE_BUST_MM;
  const sixth: Reckoned = { value: body.neckBase / 6, formula: phrase`neck base ${length(body.neckBase)} ÷ 6` };
  const bySize: Reckoned =
    neckRule === "neck-sixth"
      ? sixth
      : {
          value: isLarge ? LARGE_NECK_MM : SMALL_NECK_MM,
          formula: phrase`${length(isLarge ? LARGE_NECK_MM : SMALL_NECK_MM)} for a ${isLarge ? "large" : "small"} figure, bust ${length(body.bust)}`,
        };
  const width: Reckoned =
    neckShape === "boat"
      ? {
          value: bySize.value + (shoulderOut - bySize.value) * BOAT_SHARE,
          formula: phrase`half way from the neck, ${length(bySize.value)}, to the shoulder point, for a boat neck`,
        }
      : bySize;
  const round: Reckoned =
    neckRule === "neck-sixth"
      ? sixth
      : { value: ROUND_DEPTH_MM, formula: phrase`${length(ROUND_DEPTH_MM)} for a round neck` };
  const byShape: Readonly<Partial<Record<NeckShape, Reckoned>>> = {
    scoop: { value: SCOOP_DEPTH_MM, formula: phrase`${length(SCOOP_DEPTH_MM)} for a scoop` },
    boat: { value: BOAT_DEPTH_MM, formula: phrase`${length(BOAT_DEPTH_MM)} for a boat neck` },
  };
  const backDepth = style === "knit" ? KNIT_BACK_NECK_DEPTH_MM : BACK_NECK_DEPTH_MM;
  return {
    frontWidth: orTyped(typed.frontNeckWidth, width),
    backWidth: orTyped(typed.backNeckWidth, width),
    frontDepth: byShape[neckShape] ?? round,
    backDepth: orTyped(typed.backNeckDepth, {
      value: backDepth,
      formula: phrase`${length(backDepth)}, usual for a ${style === "knit" ? "knit" : "woven"}`,
    }),
  };
}

/** The waist dart: shared evenly between its legs, and under the bust as wide as what the block holds too much there. */
function planDart({ underbust }: BlockMeasures, choices: BlockChoices, chestQuarter: number) {
  const { dartIntake, typed, chestEase } = choices;
  const inner = orTyped(typed.dartInner, {
    value: dartIntake / 2,
    formula: phrase`half of the dart’s ${length(dartIntake)}`,
  });
  const aboveHip = orTyped(typed.dartAboveHip, {
    value: ABOVE_HIP_MM,
    formula: phrase`${length(INCH_MM)} to ${length(2 * INCH_MM)}`,
  });
  if (choices.underbust === "free" || underbust === null || !hasDart(choices))
    return { inner, aboveHip, underbust: null };
  const held = chestQuarter - chestEase - underbust / 4;
  return {
    inner,
    aboveHip,
    underbust: {
      value: Math.max(0, held),
      formula: phrase`chest quarter ${length(chestQuarter)} − ease ${length(chestEase)} − under-bust ${length(underbust)} ÷ 4`,
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

function gatherShare({ gathers }: Pick<BlockChoices, "gathers">): number {
  return gathers === "full" ? FULL_GATHERS_SHARE : gathers === "slight" ? SLIGHT_GATHERS_SHARE : 0;
}

function planGathers(chestQuarter: number, choices: BlockChoices): Readonly<Record<Side, Reckoned>> {
  const share = gatherShare(choices);
  const front = orTyped(choices.typed.frontGathers, {
    value: chestQuarter * share,
    formula: phrase`${choices.gathers === "full" ? "as much again as" : "a third of"} the chest quarter ${length(chestQuarter)}`,
  });
  const back = orTyped(choices.typed.backGathers, {
    value: Math.max(0, front.value - (front.value > 0 ? GATHERED_BACK_LESS_MM : 0)),
    formula: phrase`as the front, less ${length(GATHERED_BACK_LESS_MM)}`,
  });
  return choices.gathers === "none" ? { front: { ...front, value: 0 }, back: { ...back, value: 0 } } : { front, back };
}

function gatheredFigures(
  chestQuarter: number,
  { front, back }: Readonly<Record<Side, Reckoned>>,
  choices: BlockChoices,
): readonly Figure[] {
  if (choices.gathers === "none") return [];
  const half = (side: Side, { value, formula }: Reckoned) =>
    figure(`block.gathered.${side}`, `${side === "front" ? "Front" : "Back"} half with its gathers`, {
      value: chestQuarter + value,
      formula: phrase`chest quarter ${length(chestQuarter)} + ${length(value)} to gather: ${formula}`,
    });
  return [half("front", front), half("back", back)];
}
