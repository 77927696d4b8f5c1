import { length, phrase } from "../../draft";
import { INCH_MM } from "../../tape";
import type { BlockChoices, BlockMeasures, NeckShape } from "./choices";
import { orTyped, type RuledFigure } from "./ruled-figure";

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

/** The widths and depths of the neck by its rule and its shape. */
export function planNeck(
  body: BlockMeasures,
  { neckRule, neckShape, style, typed }: BlockChoices,
  shoulderOut: number,
) {
  const isLarge = body.bust >= LARGE_BUST_MM;
  const sixth: RuledFigure = { value: body.neckBase / 6, formula: phrase`neck base ${length(body.neckBase)} ÷ 6` };
  const bySize: RuledFigure =
    neckRule === "neck-sixth"
      ? sixth
      : {
          value: isLarge ? LARGE_NECK_MM : SMALL_NECK_MM,
          formula: phrase`${length(isLarge ? LARGE_NECK_MM : SMALL_NECK_MM)} for a ${isLarge ? "large" : "small"} figure, bust ${length(body.bust)}`,
        };
  const width: RuledFigure =
    neckShape === "boat"
      ? {
          value: bySize.value + (shoulderOut - bySize.value) * BOAT_SHARE,
          formula: phrase`half way from the neck, ${length(bySize.value)}, to the shoulder point, for a boat neck`,
        }
      : bySize;
  const round: RuledFigure =
    neckRule === "neck-sixth"
      ? sixth
      : { value: ROUND_DEPTH_MM, formula: phrase`${length(ROUND_DEPTH_MM)} for a round neck` };
  const byShape: Readonly<Partial<Record<NeckShape, RuledFigure>>> = {
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
