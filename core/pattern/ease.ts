import { at } from "../data";
import { SAME_MM } from "../geometry";
/**
 * Where the ease lies along a seam: the ease taken in per millimetre of armhole, as straight pieces between knots.
 * Distances run along the body's edge from the underarm.
 */
export type EaseProfile = readonly EaseKnot[];
export type EaseKnot = { readonly at: number; readonly density: number };

/** Ease fades out over this length before the shoulder point (common practice, no source). */
export const FADE_AT_SHOULDER_MM = 10;
/** It sets in gradually above the notch; our own figure, about a thumb's breadth. */
const ONSET_AT_NOTCH_MM = 25;
/** On a short section onset and fade may together take no more than two thirds of it. */
const MOST_SHARE_OF_SECTION = 1 / 3;

/**
 * The profile of a seam with `ease` in all, `lowerEase` of it below its notch. Each part rises, runs level and fades, above the
 * notch towards the shoulder. Its integral is the ease exactly; a negative ease is a stretch.
 */
export function easeProfile(notchAt: number, seamLength: number, ease: number, lowerEase = 0): EaseProfile {
  const section = seamLength - notchAt;
  const onset = Math.min(ONSET_AT_NOTCH_MM, section * MOST_SHARE_OF_SECTION);
  const fade = Math.min(FADE_AT_SHOULDER_MM, section * MOST_SHARE_OF_SECTION);
  // A notch at the very end of a seam leaves no stretch for ease.
  const density = section > SAME_MM ? (ease - lowerEase) / (section - (onset + fade) / 2) : 0;
  const above: EaseProfile = [
    { at: notchAt + onset, density },
    { at: seamLength - fade, density },
    { at: seamLength, density: 0 },
  ];
  if (lowerEase === 0) return [{ at: 0, density: 0 }, { at: notchAt, density: 0 }, ...above];
  const edge = Math.min(ONSET_AT_NOTCH_MM, notchAt * MOST_SHARE_OF_SECTION);
  const below = notchAt > SAME_MM ? lowerEase / (notchAt - edge) : 0;
  return [
    { at: 0, density: 0 },
    { at: edge, density: below },
    { at: notchAt - edge, density: below },
    { at: notchAt, density: 0 },
    ...above,
  ];
}

/** The ease taken in between the underarm and the place, in millimetres. */
export function easeUpTo(profile: EaseProfile, place: number): number {
  let sum = 0;
  for (let i = 1; i < profile.length; i++) {
    const from = at(profile, i - 1);
    const to = at(profile, i);
    if (place <= from.at || to.at === from.at) break;
    const end = Math.min(place, to.at);
    const atEnd = from.density + ((to.density - from.density) * (end - from.at)) / (to.at - from.at);
    sum += ((from.density + atEnd) / 2) * (end - from.at);
  }
  return sum;
}

/** The place on the part's edge that is sewn to `bodyAt` on the body's edge, both from the underarm. */
export function partAt(profile: EaseProfile, bodyAt: number): number {
  return bodyAt + easeUpTo(profile, bodyAt);
}
