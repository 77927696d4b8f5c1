import type { Body, MeasureId } from "./measures";
import { type BodySide, bodyOf, type Taken } from "./measuring";

/** The figures of an arm that a sleeve is drafted from. */
export const ARM_MEASURES = [
  "upperArm",
  "elbow",
  "wrist",
  "hand",
  "armLength",
  "shoulderToElbow",
] as const satisfies readonly MeasureId[];

/** The arm that is thinner or shorter than the one in the body's figures, and on which side it is. Millimetres. */
export type OtherArm = { readonly side: BodySide } & { readonly [id in (typeof ARM_MEASURES)[number]]?: number };

/** Arms that differ by more are not cut by one pattern (1/4 in, common practice, no source). */
const ARMS_DIFFER_MM = 6.35;

/**
 * The body for a garment with its fuller arm, and the other arm where both were measured and differ by more than a quarter inch in any
 * figure; else null, and each figure is the larger of both.
 */
export function armsOf(taken: Taken): { readonly body: Body; readonly otherArm: OtherArm | null } {
  const body = bodyOf(taken);
  const both = ARM_MEASURES.flatMap((id) => {
    const [left, right] = [taken[`${id}.left`], taken[`${id}.right`]];
    return left !== undefined && right !== undefined ? [{ id, left, right }] : [];
  });
  const [first] = both;
  if (!first || both.every(({ left, right }) => Math.abs(left - right) <= ARMS_DIFFER_MM))
    return { body, otherArm: null };
  const side: BodySide = first.left < first.right ? "left" : "right";
  const main: BodySide = side === "left" ? "right" : "left";
  const ofSide = (which: BodySide) => Object.fromEntries(both.map((one) => [one.id, one[which]]));
  return { body: { ...body, ...ofSide(main) }, otherArm: { side, ...ofSide(side) } };
}
