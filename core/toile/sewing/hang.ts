import type { SeamKind } from "../../pattern";
import { type ArmPose, HELD_OUT } from "../body/arm";
import { withArm } from "../body/body";
import type { Conditions, Solid, Solver } from "../solver/solver";
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
  hang: { seconds: 0.4, damping: 3, gravity: 9.81, friction: 0.3, mostSpeed: 4 },
  rest: { seconds: 0.2, damping: 14, gravity: 9.81, friction: 0.4, mostSpeed: 1 },
} as const;

/**
 * Seconds for what has hung already in larger triangles: only its smaller folds are still to come. Measured on four garments, arm down and raised,
 * beside three seconds of hanging: no length that is read differs by half a millimetre.
 */
const HUNG_BEFORE = { hang: 0.24, rest: 0.14 } as const;

/** The arm goes to a pose in so many steps: further at once it would go through its sleeve. */
const DEGREES_A_STEP = 5;
/** Joules; below it nothing is seen to move. */
export const AT_REST_J = 1e-4;
/** What calms cloth that will not rest by itself; the damping doubles from one time to the next, till every step begins at rest. */
const CALMED = { damping: 30, friction: 0.8, mostSpeed: 0.3 } as const;
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
  readonly hasHung: boolean;
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
  const { trunk, rate, slower = 1, hasHung = false } = sewing;
  const shares = armShares(sewing, assembly, trunk.figures);
  return {
    solver,
    clearance,
    rate,
    slower,
    hasHung,
    grip: gripOf(sewing),
    solidAt: (pose) => withArm(trunk, pose),
    turn: (from, to) => turnWithArm(solver.places, shares, trunk.figures, from, to),
    turnDown: (solid) => turnDownFolds(sewing, assembly, solver, solid),
  };
}

/** A way from pose to pose; what is hung for the first time is turned down once the arm is there. */
export type Way = { readonly from: ArmPose; readonly to: ArmPose; readonly isFirst: boolean };

/** Takes the arms to their pose and lets the cloth hang until it rests; the steps that it took. */
export function* hang(hanging: Hanging, { from, to, isFirst }: Way, begun: number): Generator<Progress, number> {
  const { solver, clearance, rate, slower, hasHung, grip, solidAt } = hanging;
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
  for (const name of ["hang", "rest"] as const) {
    const seconds = hasHung ? HUNG_BEFORE[name] : ACTS[name].seconds;
    for (let slice = 0; slice < 6; slice++) {
      yield { says: "It hangs", share: share((name === "hang" ? 0.4 : 0.75) + 0.04 * slice) };
      steps += runSteps(solver, (seconds * rate) / 6, { ...ACTS[name], ...grip, solid: posed, clearance });
    }
  }
  // What still moves is calmed, for as long again at most.
  for (let n = 0; n < 8 && solver.kineticEnergy() > AT_REST_J / 2; n++) {
    yield { says: "It comes to rest", share: share(0.99) };
    steps += runSteps(solver, (ACTS.rest.seconds * rate) / 2, {
      ...ACTS.rest,
      ...grip,
      ...CALMED,
      damping: Math.min(rate, CALMED.damping * 2 ** n),
      solid: posed,
      clearance,
    });
  }
  return steps;
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
