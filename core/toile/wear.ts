import { type ClothHangs, hangsOf } from "../cloth";
import type { Garment } from "../garment";
import { edgesThatCross } from "../geometry";
import { type ArmPose, HANGING } from "./body/arm";
import { type Trunk, trunkOf, withArm } from "./body/body";
import { clearOfTrunk } from "./body/clear-arm";
import { figuresOf } from "./body/figure";
import { ofEachArm } from "./sewing/arms";
import type { Assembly } from "./sewing/assembly";
import { liesTurnedDown } from "./sewing/fold";
import { AT_REST_J, type Progress } from "./sewing/hang";
import { type SewingPlan, sewingPlan } from "./sewing/plan";
import { liesRoundArm } from "./sewing/round-arm";
import { type Hung, hangAgain, hangFirst, type SewnUp, sewUp } from "./sewing/sew-up";
import { laidAs, type Sewing, sewingOf } from "./sewing/sewing";
import { hangWhole } from "./sewing/whole";
import type { Solver } from "./solver/solver";
import type { WornHalf } from "./worn-half";

export type WearOptions = {
  /** The usual edge of a triangle, in millimetres. */
  readonly edge: number;
  /** Steps a second. */
  readonly rate: number;
  readonly pose?: ArmPose;
};

/** A toile at once, and one to read. */
export const COARSE = { edge: 26, rate: 900 } as const;
export const FINE = { edge: 16, rate: 1800 } as const;

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

/** Why there is nothing to wear, in a plain sentence. */
export type NotWorn = { readonly why: string };

/** Above this strain cloth is caught (measured: 306 to 560 % where it was, 56 % at most where it was not). */
const TANGLED_STRAIN = 1;
/** Joules; a garment that still moves so after it was calmed is sliding off the body. */
const FALLING_J = 1e-3;

/**
 * Sews the garment up round its body and lets it hang. A generator: every value is how far it has come, and the last is the worn garment, or why
 * there is none. The same garment gives the same places.
 */
export function* wear(garment: Garment, options: WearOptions): Generator<Progress, Worn | NotWorn> {
  const task = taskOf(garment, options, null);
  if ("why" in task) return task;
  yield { says: "The pieces are cut", share: 0.03 };
  let best: Worn | null = null;
  // What tangles or springs up is tried again, cut a little otherwise and sewn more slowly: where a fold falls is chance.
  for (const { finer, slower } of WAYS) {
    const own = { ...task, edge: options.edge * finer };
    const sewing = { ...sewingFor(own, task.right), slower };
    const sewn = yield* sewUp(sewing);
    const worn = task.left
      ? yield* withOtherHalf(own, { sewing, ...sewn }, { ...sewingFor(own, task.left), slower })
      : wornHalfHung(own, sewing, yield* hangFirst(sewing, sewn));
    best = betterOf(best, worn);
    if (faultsOf(best) === 0) break;
  }
  return best ?? { why: "The toile could not be sewn up with these figures." };
}

/** The other half is sewn up by itself, and both hang together. */
function* withOtherHalf(task: Task, right: Laid & SewnUp, sewing: Sewing): Generator<Progress, Worn> {
  const left = yield* sewUp(sewing);
  const widestGap = Math.max(right.widestGap, left.widestGap);
  const steps = right.steps + left.steps;
  const way = { before: right.start, isFirst: true };
  return yield* hungWhole(task, right, { sewing, ...left }, { ...right, widestGap, steps }, way);
}

function wornHalfHung(task: Task, sewing: Sewing, hung: Hung): Worn {
  const { places } = hung.solver;
  return wornOf(task, { right: { sewing, ...hung, places, strains: hung.solver.strains() }, left: null }, hung);
}

/** How a toile is tried, one way after the other. */
const WAYS = [
  { finer: 1, slower: 1 },
  { finer: 0.92, slower: 1.6 },
  { finer: 1.07, slower: 1.6 },
] as const;
/** The same for what goes on from another: nothing is sewn. */
const WAYS_ON = [1, 0.92, 1.07] as const;

/**
 * The garment from where another hangs, or the same in another pose or more finely: its pieces are laid where those of the other are. Null where it
 * is sewn of other pieces, and has to be sewn up from the beginning.
 */
export function wearFrom(
  before: Worn,
  garment: Garment,
  options: WearOptions,
): Generator<Progress, Worn | NotWorn> | null {
  const task = taskOf(garment, options, before);
  if ("why" in task) return null;
  const ids = (plan: SewingPlan | undefined) => plan?.pieces.map(({ piece }) => piece.id).join();
  const isAlike = ids(task.right.plan) === ids(before.plan) && ids(task.left?.plan) === ids(before.left?.plan);
  return isAlike ? again(before, task) : null;
}

function* again(before: Worn, task: Task): Generator<Progress, Worn> {
  let best: Worn | null = null;
  for (const finer of WAYS_ON) {
    yield { says: "The pieces are cut", share: 0 };
    const worn = yield* hungFrom(before, { ...task, edge: task.edge * finer });
    best = betterOf(best, worn);
    if (faultsOf(best) === 0) break;
  }
  return best ?? before;
}

/** What is wrong with a toile for which it is tried another way: it is tangled, or its collar has sprung up. */
function faultsOf({ report, left, ...right }: Worn): number {
  const halves = [right, ...(left ? [left] : [])];
  return (report.isTangled ? 2 : 0) + (halves.every(liesTurnedDown) ? 0 : 1);
}

function betterOf(best: Worn | null, other: Worn): Worn {
  if (!best) return other;
  const fewer = faultsOf(best) - faultsOf(other);
  return fewer > 0 || (fewer === 0 && other.report.largestStrain < best.report.largestStrain) ? other : best;
}

function* hungFrom(before: Worn, task: Task): Generator<Progress, Worn> {
  const laid = (body: OnBody, half: WornHalf) => {
    const sewing = { ...sewingFor(task, body), hasHung: hasHung(before, task) };
    return { sewing, local: laidAs(sewing, half) };
  };
  const right = laid(task.right, before);
  const sewn = { widestGap: before.report.widestGap / 1000, notWorn: [], steps: 0 };
  if (task.left && before.left)
    return yield* hungWhole(task, right, laid(task.left, before.left), sewn, { before: before.pose, isFirst: false });
  const hung = yield* hangAgain(right.sewing, right.local, before.pose);
  return wornHalfHung(task, right.sewing, { ...hung, widestGap: sewn.widestGap });
}

/** Is this only finer than what hung before: the same pieces of the same cloth, in the same pose? */
function hasHung({ plan, cloth, pose }: Worn, task: Task): boolean {
  const isSameCut = task.right.plan.pieces.every(({ piece }, m) => piece === plan.pieces[m]?.piece);
  return isSameCut && isSame(cloth, task.cloth) && isSame(pose, task.pose);
}

const isSame = (one: object, other: object) => JSON.stringify(one) === JSON.stringify(other);

type Laid = { readonly sewing: Sewing; readonly local: Float64Array };

function* hungWhole(
  task: Task,
  right: Laid,
  left: Laid,
  sewn: Pick<Ending, "widestGap" | "notWorn" | "steps">,
  way: Parameters<typeof hangWhole>[2],
): Generator<Progress, Worn> {
  const whole = yield* hangWhole(right, left, way);
  return wornOf(
    task,
    { right: { ...right, ...whole.right }, left: { ...left, ...whole.left } },
    { ...sewn, solver: whole.solver, steps: sewn.steps + whole.steps },
  );
}

/** What one half is sewn of, and the body that it is worn on. */
type OnBody = { readonly garment: Garment; readonly plan: SewingPlan; readonly trunk: Trunk };

/** A garment to be worn: its right half, the left one where it differs, in which cloth, how the arms are held, and how finely. */
type Task = {
  readonly right: OnBody;
  readonly left: OnBody | null;
  readonly cloth: ClothHangs;
  readonly asked: ArmPose;
  readonly pose: ArmPose;
  readonly edge: number;
  readonly rate: number;
};

function taskOf(garment: Garment, options: WearOptions, before: Worn | null): Task | NotWorn {
  const each = ofEachArm(garment);
  const right = onBodyOf(each?.right ?? garment, before);
  if ("why" in right) return right;
  const left = each ? onBodyOf(each.left, before?.left ?? null, right.trunk) : null;
  if (left && "why" in left) return left;
  const asked = options.pose ?? HANGING;
  const poses = [right, ...(left ? [left] : [])].map(({ trunk }) => clearOfTrunk(trunk, asked));
  return {
    right,
    left,
    cloth: hangsOf(garment.resolved.cloth.kind, garment.spec.cloth.hangs),
    asked,
    // Both arms are held alike.
    pose: { ...asked, raised: Math.max(...poses.map(({ raised }) => raised)) },
    edge: options.edge,
    rate: options.rate,
  };
}

/** `beside` is the trunk of the other half: it is the same but for its arm. */
function onBodyOf(garment: Garment, before: WornHalf | null, beside: Trunk | null = null): OnBody | NotWorn {
  const plan = sewingPlan(garment);
  if ("why" in plan) return plan;
  const crossed = plan.pieces.find(({ piece }) => edgesThatCross(piece.edges.map(({ path }) => path)) !== null);
  if (crossed)
    return { why: `The outline of ${crossed.piece.name} crosses itself with these figures, so it cannot be sewn up.` };
  const figures = figuresOf(garment);
  if (!figures) return { why: "There is no bodice block with these figures, so nothing can be worn yet." };
  const isSameBody = before && isSame(figures, before.trunk.figures);
  const trunk = isSameBody ? before.trunk : beside ? { ...beside, figures } : trunkOf(figures);
  return { garment, plan, trunk };
}

function sewingFor({ cloth, pose, edge, rate }: Task, { garment, plan, trunk }: OnBody): Sewing {
  return sewingOf(garment, plan, trunk, cloth, pose, { edge, rate });
}

/** A half that hangs, and what the solver had to say at the end. */
type HungHalf = Laid & {
  readonly assembly: Assembly;
  readonly places: Float64Array;
  readonly strains: Float64Array;
};
type Ending = {
  readonly solver: Solver;
  readonly widestGap: number;
  readonly notWorn: readonly number[];
  readonly steps: number;
};

function wornOf(
  { cloth, asked, edge, rate }: Task,
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

/** The worn garment at the end of all steps, where nobody follows them. */
export function ended(steps: Generator<Progress, Worn | NotWorn>): Worn | NotWorn {
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
  }
}
