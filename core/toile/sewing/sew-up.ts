import { at } from "../../data";
import { type ArmPose, armOf, HELD_OUT } from "../body/arm";
import { type Trunk, withArm } from "../body/body";
import type { SheetCloth } from "../solver/sheet";
import type { Conditions, Solid, Solver } from "../solver/solver";
import { type Assembly, assembled, dartPairs, type Pair, type Stitched } from "./assembly";
import type { ElasticLink } from "./elastics";
import { armShares, creasesOf, gapOf, keepPlaces, onBody, type Pieces, ringPairs, type Sampling } from "./on-body";
import type { SewingPlan } from "./plan";
import { GROWN_ON, placeFirst, putOn, putUpGrownOn, turnOverFolds } from "./put-on";
import { poseBetween, turnWithArm } from "./turn-arm";

export type Progress = { readonly says: string; readonly share: number };

export type Sewing = Pieces &
  Sampling & {
    readonly stitches: readonly Stitched[];
    readonly elastics: readonly ElasticLink[];
    readonly trunk: Trunk;
    readonly cloths: readonly SheetCloth[];
    readonly pose: ArmPose;
    /** Sewn so many times as slowly as is usual. */
    readonly slower?: number;
  };

/** A garment sewn and hung: where every point of every piece is, and how the hanging ended. */
export type Hung = {
  readonly assembly: Assembly;
  readonly local: Float64Array;
  readonly solver: Solver;
  /** The worst seam when it was made one, in metres. */
  readonly widestGap: number;
  /** Pieces that found nothing to hang on. */
  readonly left: readonly number[];
  readonly steps: number;
};

/** Seams that lie together from the start, so that what is drawn together later are tubes already. */
const SEWN_FIRST =
  /^(body\.(side|princess|split|waist)|sleeve\.(underarm|frontSeam|backSeam|lantern|underarmLower)|raglan\.overarm)/;

/** Seconds of each act, and what slows the cloth in it. */
const ACTS = {
  sew: { seconds: 0.5, damping: 6, gravity: 1, friction: 0.1, mostSpeed: 2.5 },
  settle: { seconds: 0.16, damping: 5, gravity: 9.81, friction: 0.2, mostSpeed: 3 },
  turn: { seconds: 0.45, damping: 4, gravity: 9.81, friction: 0.1, mostSpeed: 4 },
  hang: { seconds: 0.4, damping: 3, gravity: 9.81, friction: 0.3, mostSpeed: 4 },
  rest: { seconds: 0.2, damping: 14, gravity: 9.81, friction: 0.4, mostSpeed: 1 },
} as const;
type Act = keyof typeof ACTS;

/** The arm goes to a pose in so many steps: further at once it would go through its sleeve. */
const DEGREES_A_STEP = 5;
/** Seams are closed after this share of the time, and drawn tight in the rest. */
const CLOSED_AFTER = 0.8;
/** A seam is closed to so much, in metres. */
const CLOSED = 0.0004;
/** Joules; below it nothing is seen to move. */
export const AT_REST_J = 1e-4;
/** What calms cloth that will not rest by itself. */
const CALMED = { damping: 30, friction: 0.8, mostSpeed: 0.3 } as const;
/** What draws a seam the last millimetres. */
const SLOWLY = { damping: 20, gravity: 0, friction: 0 } as const;
/** Seams that go over the shoulder, and so hold a garment up. */
const HOLDS_UP = /^(body\.shoulder|kimono\.overarm|raglan\.overarm)/;
/** An elastic in its casing holds on to what it lies on. From memory. */
const ELASTIC_FRICTION = 0.9;

/** Sews all pieces up on the body with the arm held out, then takes the arm to its pose and lets the garment hang. */
export function* sewUp(sewing: Sewing): Generator<Progress, Hung> {
  const { plan, cut, stitches, trunk, cloths, pose, rate } = sewing;
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
  const count = Math.round(ACTS.sew.seconds * rate * (sewing.slower ?? 1));
  for (let n = 0; n < count; n++) {
    if (n % 40 === 0) yield { says: "The seams are drawn together", share: 0.05 + (0.3 * n) / count };
    const share = Math.max(0, 1 - (n + 1) / (count * CLOSED_AFTER));
    for (const [t, apart] of drawn.apart.entries()) drawn.ties.rest[t] = apart * share;
    drawn.solver.run(1, {
      ...ACTS.sew,
      ...grip,
      ...(isHeldUp(plan) ? {} : { gravity: 0 }),
      solid: heldOut,
      clearance: drawn.clearance,
    });
    steps++;
  }
  const gaps = () => drawn.apart.reduce((most, _, t) => Math.max(most, gapOf(drawn.ties, drawn.solver.places, t)), 0);
  let widestGap = gaps();
  // What is not closed yet is drawn on, the cloth held back, for as long again.
  for (let n = 0; n < count && widestGap > CLOSED; n += 20) {
    yield { says: "The seams are drawn together", share: 0.35 };
    drawn.solver.run(20, { ...ACTS.sew, ...grip, ...SLOWLY, solid: heldOut, clearance: drawn.clearance });
    steps += 20;
    widestGap = gaps();
  }
  keepPlaces(first, drawn.solver.places, local);

  putUpGrownOn(sewing, local, arm);
  turnOverFolds(sewing, isMain, local, heldOut);
  const worn = putOn(sewing, local, arm, heldOut, pieceOf);
  const left = plan.pieces.flatMap((_, m) => (worn.has(m) ? [] : [m]));
  const ofWorn = stitches.filter(({ pair }) => pair.every((point) => worn.has(pieceOf(point)))).map(({ pair }) => pair);
  const joined = assembled(cut, [...merged, ...ringPairs(sewing), ...ofWorn], cloths, (m) => worn.has(m));
  const assembly = { ...joined, sheet: { ...joined.sheet, creases: creasesOf(joined, sewing, stitches) } };
  const hanging = onBody(assembly, local, sewing, sewing, [], sewing.elastics);
  const act = (name: Act, solid: Solid, seconds: number = ACTS[name].seconds) => {
    steps += spend(hanging.solver, seconds * rate, { ...ACTS[name], ...grip, solid, clearance: hanging.clearance });
  };
  for (let slice = 0; slice < 4; slice++) {
    yield { says: "It settles", share: 0.35 + 0.02 * slice };
    act("settle", heldOut, ACTS.settle.seconds / 4);
  }
  steps += yield* hang(sewing, assembly, hanging.solver, hanging.clearance, start, pose, 0.45);
  keepPlaces(assembly, hanging.solver.places, local);
  return { assembly, local, solver: hanging.solver, widestGap, left, steps };
}

/** The garment where it hung before, cut anew: the arm goes from where it was held to its pose, and the cloth comes to rest again. */
export function* hangAgain(sewing: Sewing, local: Float64Array, before: ArmPose): Generator<Progress, Hung> {
  const { cut, cloths, stitches } = sewing;
  const pairs = [...dartPairs(cut), ...ringPairs(sewing), ...stitches.map(({ pair }) => pair)];
  const joined = assembled(cut, pairs, cloths, () => true);
  const assembly = { ...joined, sheet: { ...joined.sheet, creases: creasesOf(joined, sewing, stitches) } };
  const { solver, clearance } = onBody(assembly, local, sewing, sewing, [], sewing.elastics);
  const steps = yield* hang(sewing, assembly, solver, clearance, before, sewing.pose, 0.1);
  keepPlaces(assembly, solver.places, local);
  return { assembly, local, solver, widestGap: 0, left: [], steps };
}

/** Takes the arm to its pose and lets the cloth hang until it rests; the steps that it took. */
function* hang(
  sewing: Sewing,
  assembly: Assembly,
  solver: Solver,
  clearance: Float64Array,
  from: ArmPose,
  to: ArmPose,
  begun: number,
): Generator<Progress, number> {
  const { trunk, rate } = sewing;
  const grip = gripOf(sewing);
  const shares = armShares(sewing, assembly, trunk.figures);
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
    turnWithArm(solver.places, shares, trunk.figures, before, next);
    before = next;
    const solid = withArm(trunk, next);
    steps += spend(solver, (ACTS.turn.seconds * rate * (sewing.slower ?? 1)) / most, {
      ...ACTS.turn,
      ...grip,
      solid,
      clearance,
    });
  }
  const posed = withArm(trunk, to);
  for (const name of ["hang", "rest"] as const) {
    for (let slice = 0; slice < 6; slice++) {
      yield { says: "It hangs", share: share((name === "hang" ? 0.4 : 0.75) + 0.04 * slice) };
      steps += spend(solver, (ACTS[name].seconds * rate) / 6, { ...ACTS[name], ...grip, solid: posed, clearance });
    }
  }
  // What still moves is calmed, for as long again at most.
  for (let n = 0; n < 8 && solver.kineticEnergy() > AT_REST_J / 2; n++) {
    yield { says: "It comes to rest", share: share(0.99) };
    steps += spend(solver, (ACTS.rest.seconds * rate) / 2, {
      ...ACTS.rest,
      ...grip,
      ...CALMED,
      solid: posed,
      clearance,
    });
  }
  return steps;
}

function spend(solver: Solver, steps: number, conditions: Conditions): number {
  const whole = Math.max(1, Math.round(steps));
  solver.run(whole, conditions);
  return whole;
}

/** Goes anything over the shoulder? What does not falls until its elastic is drawn together. */
const isHeldUp = ({ seams }: SewingPlan) => seams.some(({ id }) => HOLDS_UP.test(id));

/** What is held up by an elastic alone does not slide while it is put on. */
function gripOf({ elastics, plan }: Pick<Sewing, "elastics" | "plan">): Partial<Conditions> {
  return elastics.length > 0 && !isHeldUp(plan) ? { friction: ELASTIC_FRICTION } : {};
}

/** A sleeve in one with the bodice begins with the arm as far out as it was cut. */
function startPose({ pieces }: SewingPlan): ArmPose {
  const over = pieces.find(({ role }) => role === "flat")?.piece.edges.find(({ id }) => id === "overArm");
  const [from, to] = [over?.path[0]?.[0], over?.path.at(-1)?.[3]];
  if (!from || !to) return HELD_OUT;
  const fall = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  return { raised: 90 - fall - BELOW_CUT, forward: 0, elbow: 0 };
}

/** The arm lies in the middle of its sleeve, so much lower than the line over it. Degrees. */
const BELOW_CUT = 6;
