import type { ClothHangs } from "../cloth";
import type { ArmPose } from "./body/arm";
import { withArm } from "./body/body";
import type { Assembly } from "./sewing/assembly";
import { liesTurnedDown } from "./sewing/fold";
import { AT_REST_J } from "./sewing/hang";
import { liesRoundArm } from "./sewing/round-arm";
import type { Sewing } from "./sewing/sewing";
import type { Solver } from "./solver/solver";
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
  /** Joules. */
  readonly kineticEnergy: number;
  readonly largestStrain: number;
  /** Is it caught in itself or on the body, or does it slide off, so that nothing it shows would be so on a person? */
  readonly isTangled: boolean;
  /** Has it come to rest? */
  readonly isSettled: boolean;
  readonly points: number;
  readonly triangles: number;
  readonly steps: number;
  /** Plain sentences about what is not worn as it would be sewn. */
  readonly notes: readonly string[];
};

/** Above this strain cloth is caught (measured: 306 to 560 % where it was, 56 % at most where it was not). */
const TANGLED_STRAIN = 1;
/** Joules; a garment that still moves so after it was calmed is sliding off the body. */
const FALLING_J = 1e-3;

/** A half cut out, and where its points are. */
export type HungToile = { readonly sewing: Sewing; readonly local: Float64Array };

/** A half that hangs, and what the solver had to say at the end. */
export type HungHalf = HungToile & {
  readonly assembly: Assembly;
  readonly places: Float64Array;
  readonly strains: Float64Array;
};
export type Ending = {
  readonly solver: Solver;
  readonly widestGap: number;
  readonly notWorn: readonly number[];
  readonly steps: number;
};

/** How it was asked to be worn. */
type Asked = { readonly cloth: ClothHangs; readonly asked: ArmPose; readonly edge: number; readonly rate: number };

export function wornOf(
  { cloth, asked, edge, rate }: Asked,
  { right, left }: { readonly right: HungHalf; readonly left: HungHalf | null },
  { solver, widestGap, notWorn, steps }: Ending,
): Worn {
  const { plan, pose } = right.sewing;
  const halves = [right, ...(left ? [left] : [])];
  const deepest = Math.max(...halves.map(deepestOf));
  const largestStrain = halves.reduce((most, { strains }) => strains.reduce((a, b) => Math.max(a, b), most), 0);
  const kineticEnergy = solver.kineticEnergy();
  const report: Report = {
    widestGap: widestGap * 1000,
    deepest,
    kineticEnergy,
    largestStrain,
    isTangled:
      !(largestStrain < TANGLED_STRAIN) || kineticEnergy > FALLING_J || !halves.map(wornHalf).every(liesRoundArm),
    isSettled: kineticEnergy < AT_REST_J,
    points: halves.reduce((sum, { assembly }) => sum + assembly.sheet.points, 0),
    triangles: halves.reduce((sum, { assembly }) => sum + assembly.sheet.clothOf.length, 0),
    steps,
    notes: [
      ...plan.notes,
      ...(pose.raised > asked.raised
        ? [`The arm is held ${Math.round(pose.raised)}° off the body: nearer it would lie in it.`]
        : []),
      ...notWorn.flatMap((m) => {
        const name = plan.pieces[m]?.piece.name;
        return name ? [`${name} is not worn: the toile has found no edge that it hangs on.`] : [];
      }),
    ],
  };
  return { ...wornHalf(right), left: left && wornHalf(left), cloth, sampling: { edge, rate }, report };
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

/** What is wrong with a toile for which it is tried another way: it is tangled, or its collar has sprung up. */
export function faultsOf({ report, left, ...right }: Worn): number {
  const halves = [right, ...(left ? [left] : [])];
  return (report.isTangled ? 2 : 0) + (halves.every(liesTurnedDown) ? 0 : 1);
}

/** The one with fewer faults; of two alike the less strained. */
export function betterOf(best: Worn | null, other: Worn): Worn {
  if (!best) return other;
  const fewer = faultsOf(best) - faultsOf(other);
  return fewer > 0 || (fewer === 0 && other.report.largestStrain < best.report.largestStrain) ? other : best;
}
