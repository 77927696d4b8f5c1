import { SIDES, type Side } from "../block";
import { pathLength, SEEN_MM } from "../geometry";
import { type BodiceBase, beyondCentre, isStraight } from "./bodice-base";
import { hasSlit } from "./bodice-pieces";
import type { BodiceChoices } from "./choices";
import type { Panelled } from "./panel";
import { isStraightHem, MOST_RISE_SHARE } from "./shape-hem";

/** What could not be made as it was asked, and was left out or made otherwise. */
export type BodiceFault =
  | { readonly what: "not-on-fold"; readonly side: Side }
  | { readonly what: "not-cut-apart"; readonly side: Side }
  | { readonly what: "hem-not-straight"; readonly hem: "casing" | "plain" }
  | { readonly what: "front-is-made"; readonly asked: string }
  | { readonly what: "zip-beyond-centre"; readonly beyond: number }
  | { readonly what: "stand-too-narrow"; readonly stand: number; readonly beyond: number }
  | { readonly what: "rise-too-high"; readonly rise: number; readonly side: number }
  | { readonly what: "slit-too-long"; readonly slit: number; readonly centre: number };

export function faultsOf(
  halves: BodiceBase["halves"],
  panelled: Readonly<Record<Side, Panelled>>,
  { front, back, hem, hemDepth, hemRise, flare, stand, collarBeyond, frontAsked, slit }: BodiceChoices,
): readonly BodiceFault[] {
  const folded = (side: Side, how: string) => (how === "fold" || how === "slit") && !isStraight(halves[side]);
  const isFolded = hem === "casing" || (hem === "plain" && hemDepth > 0);
  const bottoms = SIDES.flatMap((side) => panelled[side].panels.filter(({ endsAtWaist }) => !endsAtWaist));
  const isBent = bottoms.some(({ bottom }) => !isStraightHem(bottom.flatMap(({ path }) => path)));
  const least = Math.min(...SIDES.map((side) => pathLength(halves[side].side)));
  return [
    ...(folded("front", front) && !halves.front.isEdgeOfCollar
      ? [{ what: "not-on-fold", side: "front" } as const]
      : []),
    ...(folded("back", back) ? [{ what: "not-on-fold", side: "back" } as const] : []),
    ...SIDES.flatMap((side) => (panelled[side].isUncut ? [{ what: "not-cut-apart", side } as const] : [])),
    ...(isFolded && isBent && flare >= 0
      ? [{ what: "hem-not-straight", hem: hem === "casing" ? "casing" : "plain" } as const]
      : []),
    ...(frontAsked !== null && frontAsked !== front ? [{ what: "front-is-made", asked: frontAsked } as const] : []),
    ...(front === "zip" && beyondCentre(halves.front) > SEEN_MM
      ? [{ what: "zip-beyond-centre", beyond: beyondCentre(halves.front) } as const]
      : []),
    ...(front === "buttons" && !halves.front.isEdgeOfCollar && collarBeyond !== null && collarBeyond > stand + SEEN_MM
      ? [{ what: "stand-too-narrow", stand, beyond: collarBeyond } as const]
      : []),
    ...(hem === "curved" && hemRise >= least * MOST_RISE_SHARE
      ? [{ what: "rise-too-high", rise: hemRise, side: least } as const]
      : []),
    ...(back === "slit" && slit > 0 && !hasSlit(halves.back, { back, slit })
      ? [{ what: "slit-too-long", slit, centre: pathLength(halves.back.centre) } as const]
      : []),
  ];
}
