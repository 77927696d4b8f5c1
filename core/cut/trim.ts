import { areaD, FillRule, intersectD, unionD } from "clipper2-ts";
import type { Point } from "../geometry";

/** A thousandth of a millimetre: coordinates are whole numbers of it while lines are trimmed. */
const PLACES = 3;
export const TRIMMED_TO_MM = 10 ** -PLACES;

/**
 * What a ring encloses once where its loops are cut off: what runs the right way round counts, an inverted loop does not. The largest part;
 * and how much of the area lies apart from it. Null where nothing is enclosed.
 */
export function trimmed(ring: readonly Point[]): { readonly ring: readonly Point[]; readonly apart: number } | null {
  const parts = unionD([[...ring]], [], FillRule.Positive, PLACES)
    .map((part) => ({ part, area: areaD(part) }))
    .sort((a, b) => b.area - a.area);
  const [largest, ...rest] = parts;
  if (!largest || largest.area <= 0) return null;
  return {
    ring: largest.part.map(({ x, y }) => ({ x, y })),
    apart: rest.reduce((sum, { area }) => sum + Math.abs(area), 0),
  };
}

/** The part of a ring that lies within another. The largest, where there are several. */
export function within(ring: readonly Point[], other: readonly Point[]): readonly Point[] | null {
  const [largest] = intersectD([[...ring]], [[...other]], FillRule.NonZero, PLACES).sort((a, b) => areaD(b) - areaD(a));
  return largest ? largest.map(({ x, y }) => ({ x, y })) : null;
}

/** How much of two outlines lies over each other, in square millimetres: nothing for outlines that only touch. */
export function overlapOf(one: readonly Point[], other: readonly Point[]): number {
  return intersectD([[...one]], [[...other]], FillRule.NonZero, PLACES).reduce(
    (sum, part) => sum + Math.abs(areaD(part)),
    0,
  );
}
