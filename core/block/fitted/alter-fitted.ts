import { type AlterationTaken, type BodyAlteration, curveLengths } from "../alteration-kinds";
import type { Block } from "../half";
import { alterTask } from "./alter-task";
import { draftFitted, type FittedBlock } from "./draft-fitted";
import type { FittedTask } from "./task";

type Drafted = Extract<FittedBlock, { readonly ok: true }>;

/** A solved block with its figures altered: what it is drafted from then, what each alteration did, and the block before all of them. */
export type AlteredFitted = {
  readonly task: FittedTask;
  readonly drafted: Drafted;
  readonly plain: Block;
  readonly taken: readonly AlterationTaken[];
};

/** Each alteration made on what those before it gave, the block solved anew after each. One with which no block can be drawn is left out. */
export function alterFitted(task: FittedTask, drafted: Drafted, alterations: readonly BodyAlteration[]): AlteredFitted {
  let now = { task, drafted };
  const taken = alterations.map((one): AlterationTaken => {
    const before = curveLengths(now.drafted.block);
    const altered = alterTask(now.task, now.drafted.frontLength, one);
    const found = altered && draftFitted(altered);
    if (altered && found?.ok) now = { task: altered, drafted: found };
    const leftOut = altered === null ? "one-way" : found?.ok ? null : "no-block";
    return { ...one, before, after: curveLengths(now.drafted.block), opening: null, leftOut };
  });
  return { ...now, plain: drafted.block, taken };
}
