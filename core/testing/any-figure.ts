import fc from "fast-check";
import type { Bounds } from "../spec";

/** How far from usual a garment's figures go. */
export type Reach = "usual" | "some-extreme" | "extreme";

/** A figure of a field: usual ones, or any that its bounds allow, their ends more often than chance would. */
export function figure(reach: Reach, bounds: Bounds, usual: Bounds): fc.Arbitrary<number> {
  const within = (range: Bounds) => evenly(range).map((mm) => rounded(mm, range));
  const ordinary = within(usual);
  if (reach === "usual") return ordinary;
  const any = fc.oneof(
    { weight: 3, arbitrary: within(bounds) },
    { weight: 1, arbitrary: fc.constantFrom(bounds.least, bounds.most) },
  );
  return fc.oneof({ weight: reach === "extreme" ? 2 : 12, arbitrary: ordinary }, { weight: 2, arbitrary: any });
}

const PLACES = 100_000;

/** Any place between two figures, each as likely as another: a double by its bits would lie near nothing too often. */
export function evenly({ least, most }: Bounds): fc.Arbitrary<number> {
  return fc
    .integer({ min: 0, max: PLACES })
    .map((place) => Math.min(most, Math.max(least, least + ((most - least) * place) / PLACES)));
}

/** Half of the figures are whole ones, as people write them. */
function rounded(mm: number, { least, most }: Bounds): number {
  const round = Math.round(mm * 10) / 10;
  return Math.round(mm * 1000) % 2 === 0 && round >= least && round <= most ? round : mm;
}
