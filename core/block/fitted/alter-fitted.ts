import { ALTERATIONS, type AlterationTaken, type BodyAlteration, curveLengths } from "../alteration-kinds";
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
    const told = { ...one, before, opening: null };
    if (one.by < 0 && !ALTERATIONS[one.kind].isTwoWay) return { ...told, after: before, leftOut: "one-way" };
    const altered = alterTask(now.task, now.drafted.frontLength, one);
    const found = draftFitted(altered);
    if (!found.ok) return { ...told, after: before, leftOut: "no-block" };
    now = { task: altered, drafted: found };
    return { ...told, after: curveLengths(found.block), leftOut: null };
  });
  return { ...now, plain: drafted.block, taken };
}
