import {
  type AlterationTaken,
  alterFitted,
  type Block,
  type BodyAlteration,
  draftFitted,
  type FittedBlock,
  type FittedTask,
} from "../block";
import type { DraftedBlockSpec } from "../spec";

/** A solved block and what it came to be drafted from. */
export type SettledFitted = {
  readonly task: FittedTask;
  readonly drafted: FittedBlock;
  /** Before its figures were altered; null where no block can be drafted. */
  readonly plain: Block | null;
  readonly bodyTaken: readonly AlterationTaken[];
  /** Front to waist as it was solved, and the armhole's ease as it was settled, both before the alterations. */
  readonly frontToWaist: number | null;
  readonly armholeEase: number;
};

/** That part of a resolved block alone: the rest of it is of the frame before. */
export function settledOf({
  task,
  drafted,
  plain,
  bodyTaken,
  frontToWaist,
  armholeEase,
}: SettledFitted): SettledFitted {
  return { task, drafted, plain, bodyTaken, frontToWaist, armholeEase };
}

/** The block solved, with an armhole that fits, and then altered as fittings asked for. */
export function settleFitted(
  asked: FittedTask,
  block: DraftedBlockSpec,
  isMeasured: boolean,
  alterations: readonly BodyAlteration[],
): SettledFitted {
  const { task, drafted } = withArmholeThatFits(asked, block, isMeasured);
  const armholeEase = task.ease.armhole;
  if (!drafted.ok) return { task, drafted, plain: null, bodyTaken: [], frontToWaist: null, armholeEase };
  const { taken, ...rest } = alterFitted(task, drafted, alterations);
  return { ...rest, bodyTaken: taken, frontToWaist: drafted.frontLength, armholeEase };
}

/** The armhole's ease is changed by so much at a time where no armhole is drawn, and so often. Millimetres. */
const ARMHOLE_STEP_MM = 25;
const MOST_TRIES = 6;
/** An armhole is made shorter by nearly twice what its underarm is raised by. */
const SHORTER_BY_RAISED = 2.2;
/** Of an armscye that was measured no armhole is smaller than by this ease, nor any larger than by this. Our own limits. */
const OF_MEASURED_MM = { least: 10, most: 90 };

/** The block drafted with the ease of its armhole as usual, or, where nobody gave it, the nearest with which there is an armhole. */
function withArmholeThatFits(
  asked: FittedTask,
  block: DraftedBlockSpec,
  isMeasured: boolean,
): { readonly task: FittedTask; readonly drafted: FittedBlock } {
  const first = draftFitted(asked);
  const isGiven = block.ease?.armhole !== undefined || asked.choices.chestLevel !== null;
  let [task, drafted] = [asked, first];
  for (let tries = 0; tries < MOST_TRIES && !isGiven && !drafted.ok; tries++) {
    const { code, is, bound } = drafted.obstacle;
    const by =
      code === "armhole-beyond-waist"
        ? -SHORTER_BY_RAISED * (bound - is)
        : code === "armhole-not-drawn" || code === "armhole-too-shallow"
          ? ARMHOLE_STEP_MM
          : 0;
    const armhole = task.ease.armhole + by;
    if (by === 0 || (isMeasured && (armhole < OF_MEASURED_MM.least || armhole > OF_MEASURED_MM.most))) break;
    task = { ...task, ease: { ...task.ease, armhole } };
    drafted = draftFitted(task);
  }
  return drafted.ok ? { task, drafted } : { task: asked, drafted: first };
}
