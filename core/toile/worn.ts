import type { ClothHangs } from "../cloth";
import type { ArmPose } from "./body/arm";
import { withArm } from "./body/body";
import { faultsOfToile, type WornFault } from "./faults";
import type { Assembly } from "./sewing/assembly";
import { isAtRest } from "./sewing/hang";
import type { Sewing } from "./sewing/sewing";
import type { Rest } from "./solver/implicit";
import type { WornHalf } from "./worn-half";

/** A garment as it hangs: its right half, and the left one where its sleeve is another. */
export type Worn = WornHalf & {
  /** The left half, mirrored to the right; null where it is the mirror image of the right one. */
  readonly left: WornHalf | null;
  readonly cloth: ClothHangs;
  readonly sampling: { readonly edge: number; readonly rate: number };
  readonly report: Report;
};

export type Report = {
  /** How far apart the two edges of the worst seam still were when they were made one, in millimetres. */
  readonly widestGap: number;
  /** How far inside the body the deepest point lies, in millimetres. */
  readonly deepest: number;
  /** How near to rest it came. */
  readonly rest: Rest;
  /** Of a thousand places the one that is stretched most: 0.01 for 1 %. */
  readonly largestStrain: number;
  /** Why nothing that it shows would be so on a person; none for a toile that is worn as it would be. */
  readonly faults: readonly WornFault[];
  /** Has it come to rest? */
  readonly isSettled: boolean;
  readonly points: number;
  readonly triangles: number;
  readonly steps: number;
  /** Plain sentences about what is not worn as it would be sewn. */
  readonly notes: readonly string[];
};

/** One triangle in so many may be caught between arm and trunk. */
const ONE_IN = 1000;

/** A half cut out, and where its points are. */
export type HungToile = { readonly sewing: Sewing; readonly local: Float64Array };

/** A half that hangs, and what the solver had to say at the end. */
export type HungHalf = HungToile & {
  readonly assembly: Assembly;
  readonly places: Float64Array;
  readonly strains: Float64Array;
};
export type Ending = {
  readonly rest: Rest;
  readonly widestGap: number;
  readonly notWorn: readonly number[];
  readonly steps: number;
};

/** How it was asked to be worn. */
type Asked = { readonly cloth: ClothHangs; readonly asked: ArmPose; readonly edge: number; readonly rate: number };

export function wornOf(
  { cloth, asked, edge, rate }: Asked,
  { right, left }: { readonly right: HungHalf; readonly left: HungHalf | null },
  { rest, widestGap, notWorn, steps }: Ending,
): Worn {
  const { plan, pose } = right.sewing;
  const halves = [right, ...(left ? [left] : [])];
  const deepest = Math.max(...halves.map(deepestOf));
  const largestStrain = Math.max(...halves.map(({ strains }) => mostButFew(strains)));
  const report: Report = {
    widestGap: widestGap * 1000,
    deepest,
    rest,
    largestStrain,
    faults: faultsOfToile({
      halves: halves.map(wornHalf),
      notWorn: notWorn.flatMap((m) => plan.pieces[m]?.piece.name ?? []),
      largestStrain,
      rest,
      widestGap: widestGap * 1000,
    }),
    isSettled: isAtRest(rest),
    points: halves.reduce((sum, { assembly }) => sum + assembly.sheet.points, 0),
    triangles: halves.reduce((sum, { assembly }) => sum + assembly.sheet.clothOf.length, 0),
    steps,
    notes: [
      ...plan.notes,
      ...(pose.raised > asked.raised
        ? [`The arm is held ${Math.round(pose.raised)}° off the body: nearer it would lie in it.`]
        : []),
    ],
  };
  return { ...wornHalf(right), left: left && wornHalf(left), cloth, sampling: { edge, rate }, report };
}

/** The largest of all but one in a thousand. */
function mostButFew(strains: Float64Array): number {
  const sorted = strains.toSorted();
  return sorted[Math.max(0, sorted.length - 1 - Math.ceil(sorted.length / ONE_IN))] ?? 0;
}

function wornHalf({ sewing, assembly, places, local, strains }: HungHalf): WornHalf {
  const { plan, trunk, pose, cut, folds, stitches } = sewing;
  return { plan, trunk, pose, cut, folds, stitches, assembly, places, local, strains };
}

/** How far inside the body the deepest point lies, in millimetres: the body itself, without what softens its armpit. */
function deepestOf({ sewing: { trunk, pose }, places }: HungHalf): number {
  const solid = withArm(trunk, pose, 1e-6);
  const normal = new Float64Array(3);
  let deepest = 0;
  for (let q = 0; q < places.length; q += 3)
    deepest = Math.max(deepest, -1000 * solid(places[q] ?? 0, places[q + 1] ?? 0, places[q + 2] ?? 0, normal));
  return deepest;
}

/** The one with fewer faults; of two alike the less strained. */
export function betterOf(best: Worn | null, other: Worn): Worn {
  if (!best) return other;
  const fewer = best.report.faults.length - other.report.faults.length;
  return fewer > 0 || (fewer === 0 && other.report.largestStrain < best.report.largestStrain) ? other : best;
}
