import type { SeamKind } from "../../pattern";
import { type ArmPose, HELD_OUT } from "../body/arm";
import { withArm } from "../body/body";
import type { Rest } from "../solver/implicit";
import type { Conditions, Solver } from "../solver/solver";
import type { Solid } from "../solver/surroundings";
import type { Assembly } from "./assembly";
import { armShares } from "./on-body";
import type { SewingPlan } from "./plan";
import { turnDownFolds } from "./put-on";
import type { Sewing } from "./sewing";
import { poseBetween, turnWithArm } from "./turn-arm";

export type Progress = { readonly says: string; readonly share: number };

/** Seconds of each act, and what slows the cloth in it. Nothing weighs while it is sewn: what is open would fall off. */
export const ACTS = {
  sew: { seconds: 0.5, damping: 6, gravity: 0, friction: 0.1, mostSpeed: 2.5 },
  settle: { seconds: 0.16, damping: 20, gravity: 9.81, friction: 0.2, mostSpeed: 0.8 },
  turn: { seconds: 0.45, damping: 4, gravity: 9.81, friction: 0.1, mostSpeed: 4 },
  lay: { seconds: 0.12, damping: 40, gravity: 9.81, friction: 0.3, mostSpeed: 0.25 },
} as const;

/**
 * The large steps in which cloth comes to rest, in seconds, the last one again and again; of the first ones all is taken, of the others a
 * share, since at the whole two places swing to and fro.
 */
const LARGE_STEPS = [
  0.01, 0.01, 0.014, 0.014, 0.02, 0.02, 0.03, 0.03, 0.05, 0.05, 0.05, 0.1, 0.1, 0.1, 0.2, 0.2, 0.2, 0.3,
];
const WHOLE_UNTIL_S = 0.016;
const TAKEN_SHARE = 0.7;
/** So many at least, and at most: what is not at rest then is said to be only nearly so. */
const STEPS_TO_REST = { least: 20, most: 40 } as const;
/** At rest: less pulls at all points together than three times the weight, and a step moves a point by less than this, in millimetres, as a mean. */
const AT_REST = { residual: 3, moveMm: 0.05 } as const;
export const isAtRest = ({ residual, move }: Rest) => residual < AT_REST.residual && move < AT_REST.moveMm;
/** Cloth on the body and what is worn under it (from memory). */
const FRICTION = 0.4;

/** The arm goes to a pose in so many steps: further at once it would go through its sleeve. */
const DEGREES_A_STEP = 5;
/** Seams that go over the shoulder, and so hold a garment up. */
const HOLDS_UP: readonly SeamKind[] = ["shoulder", "dart"];
/**
 * A gathered casing with its elastic digs in and holds. More than a coefficient between two surfaces: what one pass a step loses of the elastic's
 * pull is in it. Set so that an edge off the shoulder stays about where it was drafted.
 */
const ELASTIC_FRICTION = 4;

/** Cloth that hangs on a body: one half, or both. */
export type Hanging = {
  readonly solver: Solver;
  readonly clearance: Float64Array;
  readonly rate: number;
  readonly slower: number;
  readonly grip: Partial<Conditions>;
  /** The body with its arms in a pose. */
  readonly solidAt: (pose: ArmPose) => Solid;
  /** Takes the sleeves along as the arms go from one pose to another. */
  readonly turn: (from: ArmPose, to: ArmPose) => void;
  /** Turns collars and lapels down, as whoever has put a garment on does: while it settles they may have sprung up. */
  readonly turnDown: (solid: Solid) => void;
};

/** A half by itself. */
export function halfHanging(sewing: Sewing, assembly: Assembly, solver: Solver, clearance: Float64Array): Hanging {
  const { trunk, rate, slower = 1 } = sewing;
  const shares = armShares(sewing, assembly, trunk.figures);
  return {
    solver,
    clearance,
    rate,
    slower,
    grip: gripOf(sewing),
    solidAt: (pose) => withArm(trunk, pose),
    turn: (from, to) => turnWithArm(solver.places, shares, trunk.figures, from, to),
    turnDown: (solid) => turnDownFolds(sewing, assembly, solver, solid),
  };
}

/** A way from pose to pose; what is hung for the first time is turned down once the arm is there. */
export type Way = { readonly from: ArmPose; readonly to: ArmPose; readonly isFirst: boolean };

/** How many steps hanging took, and how near to rest it came. */
export type HangingEnd = { readonly steps: number; readonly rest: Rest };

/** Takes the arms to their pose and lets the cloth hang until it rests. */
export function* hang(hanging: Hanging, { from, to, isFirst }: Way, begun: number): Generator<Progress, HangingEnd> {
  const { solver, clearance, rate, slower, grip, solidAt } = hanging;
  const turn = Math.max(
    Math.abs(to.raised - from.raised),
    Math.abs(to.elbow - from.elbow),
    Math.abs(to.forward - from.forward),
  );
  const count = Math.ceil(turn / DEGREES_A_STEP);
  const most = Math.ceil(Math.abs(HELD_OUT.raised) / DEGREES_A_STEP);
  const share = (of: number) => begun + (1 - begun) * of;
  let before = from;
  let steps = 0;
  for (let k = 1; k <= count; k++) {
    yield { says: "The arm moves", share: share((0.4 * k) / count) };
    const next = poseBetween(from, to, k / count);
    hanging.turn(before, next);
    before = next;
    steps += runSteps(solver, (ACTS.turn.seconds * rate * slower) / most, {
      ...ACTS.turn,
      // What an elastic holds up rides on an arm that moves, and would fall off it meanwhile.
      ...(grip.friction === undefined ? {} : { gravity: 0 }),
      solid: solidAt(next),
      clearance,
    });
  }
  const posed = solidAt(to);
  if (isFirst) {
    hanging.turnDown(posed);
    steps += runSteps(solver, ACTS.lay.seconds * rate, { ...ACTS.lay, ...grip, solid: posed, clearance });
  }
  const { least, most: last } = STEPS_TO_REST;
  const conditions = { solid: posed, clearance, friction: grip.friction ?? FRICTION };
  let rest: Rest = { residual: Number.POSITIVE_INFINITY, move: Number.POSITIVE_INFINITY };
  let hung = 0;
  for (let n = 0; n < last && (n < least || !isAtRest(rest)); n++) {
    yield n < least
      ? { says: "It hangs", share: share(0.4 + (0.5 * n) / least) }
      : { says: "It comes to rest", share: share(0.9 + (0.09 * (n - least)) / (last - least)) };
    const seconds = LARGE_STEPS[Math.min(n, LARGE_STEPS.length - 1)] ?? 0;
    hung += seconds;
    rest = solver.settle(seconds, hung <= WHOLE_UNTIL_S ? 1 : TAKEN_SHARE, conditions);
    steps++;
  }
  return { steps, rest };
}

export function runSteps(solver: Solver, steps: number, conditions: Conditions): number {
  const whole = Math.max(1, Math.round(steps));
  solver.run(whole, conditions);
  return whole;
}

/** What is held up by an elastic alone does not slide while it is put on. */
export function gripOf({ elastics, plan }: Pick<Sewing, "elastics" | "plan">): Partial<Conditions> {
  return elastics.length > 0 && !isHeldUp(plan) ? { friction: ELASTIC_FRICTION } : {};
}

const isHeldUp = ({ seams }: SewingPlan) => seams.some(({ kind }) => HOLDS_UP.includes(kind));
