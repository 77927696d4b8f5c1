import { type Figure, length, phrase } from "../../draft";
import { INCH_MM } from "../../tape";
import type { Side } from "../half";
import type { BlockChoices, BlockMeasures } from "./choices";
import { figure, orTyped, type RuledFigure } from "./ruled-figure";

/** A waist dart closes 1 to 2 in above the hip (common practice, no source). */
const ABOVE_HIP_MM = 1.5 * INCH_MM;
/** Gathers: the quarter doubled, or a third of it added (a quarter to a half are usual). */
const FULL_GATHERS_SHARE = 1;
const SLIGHT_GATHERS_SHARE = 1 / 3;
/** A gathered back is this much narrower in the half than the front. */
const GATHERED_BACK_LESS_MM = 1.5 * INCH_MM;

export function hasDart({ shaping, style }: BlockChoices): boolean {
  return shaping !== "none" && style !== "dropped";
}

/** The waist dart: shared evenly between its legs, and under the bust as wide as what the block holds too much there. */
export function planDart({ underbust }: BlockMeasures, choices: BlockChoices, chestQuarter: number) {
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

/** A dropped shoulder hangs straight from the largest girth; the others follow the body in at the waist. */
export function planWidths(body: BlockMeasures, choices: BlockChoices) {
  const isShaped = choices.style !== "dropped";
  const quarter = (name: string, girth: number, ease: number, intake: number): RuledFigure => ({
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

export function planGathers(chestQuarter: number, choices: BlockChoices): Readonly<Record<Side, RuledFigure>> {
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

/** How much of each half is gathered: as typed, or by the rule. */
export function usualGathers(chestQuarter: number, choices: BlockChoices): Readonly<Record<Side, number>> {
  const { front, back } = planGathers(chestQuarter, choices);
  return { front: front.value, back: back.value };
}

export function gatheredFigures(
  chestQuarter: number,
  { front, back }: Readonly<Record<Side, RuledFigure>>,
  choices: BlockChoices,
): readonly Figure[] {
  if (choices.gathers === "none") return [];
  const half = (side: Side, { value, formula }: RuledFigure) =>
    figure(`block.gathered.${side}`, `${side === "front" ? "Front" : "Back"} half with its gathers`, {
      value: chestQuarter + value,
      formula: phrase`chest quarter ${length(chestQuarter)} + ${length(value)} to gather: ${formula}`,
    });
  return [half("front", front), half("back", back)];
}
