import {
  type AlterationTaken,
  alterBlock,
  type Block,
  blockFromOutline,
  draftBlock,
  rebuildBlock,
  withAlterationSteps,
} from "../block";
import {
  type Finding,
  judgeAlteration,
  judgeContradiction,
  judgeFrontAndBack,
  judgeGrain,
  judgeObstacle,
  judgeOutline,
  judgeTooMuchAllowance,
  judgeTraced,
} from "../check";
import type { Figure } from "../draft";
import { blockFigures } from "./block-figures";
import type { DefaultTaken } from "./resolve";
import type { ResolvedBlock } from "./resolve-block";

export type BuiltBlock = {
  /** With its alterations made; null when there is none. */
  readonly block: Block | null;
  /** As it was before them. */
  readonly plain: Block | null;
  readonly alterations: readonly AlterationTaken[];
  readonly findings: readonly Finding[];
  readonly figures: readonly Figure[];
};

/** The block from whichever source, with its alterations, and what there is to say about it. */
export function buildBlock(resolved: ResolvedBlock, defaults: readonly DefaultTaken[]): BuiltBlock {
  const made = makeBlock(resolved);
  if (!made.block) return { block: null, plain: null, alterations: [], findings: made.findings, figures: [] };
  const { block, taken } = alterBlock(made.block, resolved.alterations);
  return {
    block: { ...block, drafts: withAlterationSteps(block, taken) },
    plain: made.block,
    alterations: taken,
    findings: [
      ...made.findings,
      ...judgeAlteration(taken, resolved.source === "drafted" ? resolved.choices.shoulderDartIntake : null),
    ],
    figures: blockFigures(resolved, made.block, block, taken, defaults),
  };
}

type Made = { readonly block: Block | null; readonly findings: readonly Finding[] };

function makeBlock(resolved: ResolvedBlock): Made {
  switch (resolved.source) {
    case "readings": {
      const { readings, offsets } = resolved;
      const tooMuch = judgeTooMuchAllowance(readings, offsets);
      if (tooMuch.length > 0) return { block: null, findings: tooMuch };
      const about = judgeFrontAndBack(readings.armhole, offsets);
      const rebuilt = rebuildBlock(readings);
      return rebuilt.ok
        ? { block: rebuilt.block, findings: about }
        : { block: null, findings: [...rebuilt.contradictions.map((c) => judgeContradiction(c, offsets)), ...about] };
    }
    case "drafted": {
      const drafted = draftBlock(resolved.body, resolved.choices);
      return drafted.ok
        ? { block: drafted.block, findings: [] }
        : { block: null, findings: [judgeObstacle(drafted.obstacle, resolved.body, resolved.choices)] };
    }
    case "outline": {
      const outlined = blockFromOutline(resolved.outline, resolved.standIns, resolved.from);
      return outlined.ok
        ? {
            block: outlined.block,
            findings: [...judgeTraced(resolved.from, resolved.error), ...judgeGrain(resolved.from, resolved.outline)],
          }
        : { block: null, findings: outlined.faults.map(judgeOutline) };
    }
  }
}
