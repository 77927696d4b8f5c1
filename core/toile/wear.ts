import type { Garment } from "../garment";
import type { Progress } from "./sewing/hang";
import type { SewingPlan } from "./sewing/plan";
import { type Hung, hangAgain, hangFirst, type SewnUp, sewUp } from "./sewing/sew-up";
import { laidAs, type Sewing } from "./sewing/sewing";
import { hangWhole } from "./sewing/whole";
import { type NotWorn, sewingFor, type Task, taskOf, type WearingTask, type WearOptions } from "./task";
import { betterOf, type Ending, type HungToile, type Worn, wornOf } from "./worn";
import type { WornHalf } from "./worn-half";

/** A toile at once, and one to read. */
export const COARSE = { edge: 26, rate: 900 } as const;
export const FINE = { edge: 16, rate: 1800 } as const;

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
    if (best.report.faults.length === 0) break;
  }
  return best ?? { why: "The toile could not be sewn up with these figures." };
}

/** The other half is sewn up by itself, and both hang together. */
function* withOtherHalf(task: Task, right: HungToile & SewnUp, sewing: Sewing): Generator<Progress, Worn> {
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
 * is sewn of other pieces, or its collar is another, and has to be sewn up from the beginning: a collar lies as it was turned, and would remember
 * how the one before it lay.
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
  return isAlike && hungOn(task.right.plan) === hungOn(before.plan) ? again(before, task) : null;
}

/** The shapes of what hangs on the neck by an edge of its own. */
function hungOn({ pieces }: SewingPlan): string {
  return JSON.stringify(
    pieces.flatMap(({ role, piece, grownOn }) => (role === "attached" || grownOn ? [piece.outline] : [])),
  );
}

function* again(before: Worn, task: Task): Generator<Progress, Worn> {
  let best: Worn | null = null;
  for (const finer of WAYS_ON) {
    yield { says: "The pieces are cut", share: 0 };
    const worn = yield* hungFrom(before, { ...task, edge: task.edge * finer });
    best = betterOf(best, worn);
    if (best.report.faults.length === 0) break;
  }
  return best ?? before;
}

function* hungFrom(before: Worn, task: Task): Generator<Progress, Worn> {
  const laid = (body: WearingTask, half: WornHalf) => {
    const sewing = sewingFor(task, body);
    return { sewing, local: laidAs(sewing, half) };
  };
  const right = laid(task.right, before);
  const sewn = { widestGap: before.report.widestGap / 1000, notWorn: [], steps: 0 };
  if (task.left && before.left)
    return yield* hungWhole(task, right, laid(task.left, before.left), sewn, { before: before.pose, isFirst: false });
  const hung = yield* hangAgain(right.sewing, right.local, before.pose);
  return wornHalfHung(task, right.sewing, { ...hung, widestGap: sewn.widestGap });
}

function* hungWhole(
  task: Task,
  right: HungToile,
  left: HungToile,
  sewn: Pick<Ending, "widestGap" | "notWorn" | "steps">,
  way: Parameters<typeof hangWhole>[2],
): Generator<Progress, Worn> {
  const whole = yield* hangWhole(right, left, way);
  return wornOf(
    task,
    { right: { ...right, ...whole.right }, left: { ...left, ...whole.left } },
    { ...sewn, rest: whole.rest, steps: sewn.steps + whole.steps },
  );
}

/** The worn garment at the end of all steps, where nobody follows them. */
export function ended(steps: Generator<Progress, Worn | NotWorn>): Worn | NotWorn {
  for (;;) {
    const { value, done } = steps.next();
    if (done) return value;
  }
}
