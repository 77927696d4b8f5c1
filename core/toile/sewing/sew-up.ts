import { at } from "../../data";
import { type ArmPose, armOf, HELD_OUT } from "../body/arm";
import { withArm } from "../body/body";
import type { Rest } from "../solver/implicit";
import type { Solver } from "../solver/solver";
import { type Assembly, assembled, dartPairs, type Pair } from "./assembly";
import { ACTS, gripOf, halfHanging, hang, type Progress, runSteps } from "./hang";
import { creasesOf, gapOf, keepPlaces, type OnBody, onBody, ringPairs } from "./on-body";
import type { SewingPlan } from "./plan";
import { GROWN_ON, placeFirst, putOn, putUpGrownOn, turnOverFolds } from "./put-on";
import type { Sewing } from "./sewing";

/** A garment sewn and hung: where every point of every piece is, and how the hanging ended. */
export type Hung = {
  readonly assembly: Assembly;
  readonly local: Float64Array;
  readonly solver: Solver;
  readonly rest: Rest;
  /** The worst seam when it was made one, in metres. */
  readonly widestGap: number;
  /** Pieces that found nothing to hang on. */
  readonly notWorn: readonly number[];
  readonly steps: number;
};

/** Seams that lie together from the start, so that what is drawn together later are tubes already. */
const SEWN_FIRST =
  /^(body\.(side|princess|split|waist)|sleeve\.(underarm|frontSeam|backSeam|lantern|underarmLower)|raglan\.overarm)/;

/** Seams are closed after this share of the time, and drawn tight in the rest. */
const CLOSED_AFTER = 0.8;
/** A seam is closed to so much, in metres. */
const CLOSED = 0.0004;
/** What draws a seam the last millimetres. */
const SLOWLY = { damping: 20, friction: 0, tiePasses: 8 } as const;

/** A half sewn up on the body, its arm still held as it was sewn. */
export type SewnUp = Pick<Hung, "assembly" | "local" | "widestGap" | "notWorn" | "steps"> & {
  readonly ready: OnBody;
  readonly start: ArmPose;
};

/** Sews all pieces of a half up on the body with the arm held out. */
export function* sewUp(sewing: Sewing): Generator<Progress, SewnUp> {
  const { plan, cut, stitches, trunk, cloths, rate } = sewing;
  const isMain = (m: number) => at(plan.pieces, m).role !== "attached";
  const pieceOf = (point: number) => cut.first.findLastIndex((first) => first <= point);
  const local = new Float64Array(at(cut.first, cut.first.length - 1) * 3);
  const start = startPose(plan);
  const arm = armOf(trunk.figures, start);
  const heldOut = withArm(trunk, start);
  placeFirst(sewing, start, local);
  const ofMain = stitches.filter(({ pair }) => pair.every((point) => isMain(pieceOf(point))));
  const sewnFirst = ofMain.filter(({ seam }) => SEWN_FIRST.test(seam)).map(({ pair }) => pair);
  const merged: readonly Pair[] = [...dartPairs(cut), ...sewnFirst];
  const open = ofMain.filter(({ seam }) => !SEWN_FIRST.test(seam) && seam !== GROWN_ON).map(({ pair }) => pair);
  const grip = gripOf(sewing);
  let steps = 0;

  const first = assembled(cut, merged, cloths, isMain);
  const drawn = onBody(first, local, sewing, sewing, open, sewing.elastics, false);
  const sewn = { ...ACTS.sew, ...grip, solid: heldOut, clearance: drawn.clearance };
  const count = Math.round(ACTS.sew.seconds * rate * (sewing.slower ?? 1));
  for (let n = 0; n < count; n++) {
    if (n % 40 === 0) yield { says: "The seams are drawn together", share: 0.05 + (0.3 * n) / count };
    const share = Math.max(0, 1 - (n + 1) / (count * CLOSED_AFTER));
    for (const [t, apart] of drawn.apart.entries()) drawn.ties.rest[t] = apart * share;
    steps += runSteps(drawn.solver, 1, sewn);
  }
  const gaps = () => drawn.apart.reduce((most, _, t) => Math.max(most, gapOf(drawn.ties, drawn.solver.places, t)), 0);
  let widestGap = gaps();
  // What is not closed yet is drawn on, the cloth held back, for as long again.
  for (let n = 0; n < count && widestGap > CLOSED; n += 20) {
    yield { says: "The seams are drawn together", share: 0.35 };
    steps += runSteps(drawn.solver, 20, { ...sewn, ...SLOWLY });
    widestGap = gaps();
  }
  keepPlaces(first, drawn.solver.places, local);

  putUpGrownOn(sewing, local, arm);
  turnOverFolds(sewing, isMain, local, heldOut);
  const worn = putOn(sewing, local, arm, heldOut, pieceOf);
  const notWorn = plan.pieces.flatMap((_, m) => (worn.has(m) ? [] : [m]));
  const { assembly, ready } = readyToHang(sewing, local, worn);
  for (let slice = 0; slice < 4; slice++) {
    yield { says: "It settles", share: 0.35 + 0.02 * slice };
    steps += runSteps(ready.solver, (ACTS.settle.seconds * rate) / 4, {
      ...ACTS.settle,
      ...grip,
      solid: heldOut,
      clearance: ready.clearance,
    });
  }
  keepPlaces(assembly, ready.solver.places, local);
  return { assembly, ready, local, start, widestGap, notWorn, steps };
}

/** Takes the arm of what is sewn up to its pose, and lets the garment hang. */
export function* hangFirst(sewing: Sewing, sewn: SewnUp): Generator<Progress, Hung> {
  const { assembly, ready, local, start } = sewn;
  const hanging = halfHanging(sewing, assembly, ready.solver, ready.clearance);
  const { steps, rest } = yield* hang(hanging, { from: start, to: sewing.pose, isFirst: true }, 0.45);
  keepPlaces(assembly, ready.solver.places, local);
  return { ...sewn, rest, solver: ready.solver, steps: sewn.steps + steps };
}

/** The garment where it hung before, cut anew: the arm goes from where it was held to its pose, and the cloth comes to rest again. */
export function* hangAgain(sewing: Sewing, local: Float64Array, before: ArmPose): Generator<Progress, Hung> {
  const { assembly, ready } = readyToHang(sewing, local);
  const hanging = halfHanging(sewing, assembly, ready.solver, ready.clearance);
  const { steps, rest } = yield* hang(hanging, { from: before, to: sewing.pose, isFirst: false }, 0.1);
  keepPlaces(assembly, ready.solver.places, local);
  return { assembly, local, rest, solver: ready.solver, widestGap: 0, notWorn: [], steps };
}

/** All that is worn made one, its folds creased, where its pieces are. */
export function readyToHang(sewing: Sewing, local: Float64Array, worn?: ReadonlySet<number>) {
  const { cut, cloths, stitches } = sewing;
  const isWorn = (m: number) => worn?.has(m) ?? true;
  const pieceOf = (point: number) => cut.first.findLastIndex((first) => first <= point);
  const ofWorn = stitches.filter(({ pair }) => pair.every((point) => isWorn(pieceOf(point)))).map(({ pair }) => pair);
  const joined = assembled(cut, [...dartPairs(cut), ...ringPairs(sewing), ...ofWorn], cloths, isWorn);
  const assembly = { ...joined, sheet: { ...joined.sheet, creases: creasesOf(joined, sewing, stitches) } };
  return { assembly, ready: onBody(assembly, local, sewing, sewing, [], sewing.elastics) };
}

/** A sleeve in one with the bodice begins with the arm as far out as it was cut. */
function startPose({ pieces }: SewingPlan): ArmPose {
  const over = pieces.find(({ role }) => role === "flat")?.piece.edges.find((one) => one.role === "overarm");
  const [from, to] = [over?.path[0]?.[0], over?.path.at(-1)?.[3]];
  if (!from || !to) return HELD_OUT;
  const fall = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  return { raised: 90 - fall - BELOW_CUT, forward: 0, elbow: 0 };
}

/** The arm lies in the middle of its sleeve, so much lower than the line over it. Degrees. */
const BELOW_CUT = 6;
