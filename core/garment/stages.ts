import type { BuiltBlock } from "../drafting";
import type { Guarded } from "../judge";
import type { ResolvedSpec } from "../resolve";
import type { GarmentSpec } from "../spec";
import type { SettledCollar } from "./settle-collar";
import type { SettledSleeve } from "./settle-sleeve";

/** A stage of a draft with what it was worked out from. */
type Stage<Result> = { readonly inputs: readonly unknown[]; readonly result: Guarded<Result> };

/** The stages of a draft that are worth remembering from one frame of a drag to the next. */
export type Stages = {
  readonly block: Stage<BuiltBlock>;
  readonly sleeve: Stage<SettledSleeve | null>;
  readonly collar: Stage<SettledCollar | null>;
};

/** The stage as it was, where all that it was worked out from is the same; worked out otherwise. Records are the same where they are one. */
export function stageOf<Result>(
  before: Stage<Result> | undefined,
  inputs: readonly unknown[],
  work: () => Guarded<Result>,
): Stage<Result> {
  const isSame = before?.inputs.length === inputs.length && inputs.every((one, i) => one === before.inputs[i]);
  return isSame && before ? before : { inputs, result: work() };
}

/** What a draft is worked out from, as texts: of the sleeve and of the collar each by itself, and all the rest. */
export type Texts = { readonly sleeve: string; readonly collar: string; readonly rest: string };

export function textsOf(spec: GarmentSpec, resolved: ResolvedSpec): Texts {
  const { sleeve, collar, ...ownSpec } = spec;
  const { sleeve: ofSleeve, collar: ofCollar, defaults, block, ...others } = resolved;
  const isOf = (part: string) => (path: string) => path.startsWith(part);
  const [isSleeve, isCollar] = [isOf("sleeve."), isOf("collar.")];
  const taken = (isAsked: (path: string) => boolean) => defaults.filter(({ path }) => isAsked(path));
  return {
    sleeve: JSON.stringify([sleeve, ofSleeve, taken(isSleeve)]),
    collar: JSON.stringify([collar, ofCollar, taken(isCollar)]),
    rest: JSON.stringify([ownSpec, others, withoutDrafted(block), taken((path) => !isSleeve(path) && !isCollar(path))]),
  };
}

/** What the block was drafted from, without the draft. */
function withoutDrafted(block: ResolvedSpec["block"]): unknown {
  return "drafted" in block ? { ...block, drafted: null, plain: null } : block;
}

/** The solved block, which is one as long as nothing that it rests on has changed; null where there is none. */
export const solvedOf = ({ block }: ResolvedSpec): unknown => ("drafted" in block ? block.drafted : null);
