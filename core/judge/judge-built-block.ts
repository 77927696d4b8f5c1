import type { BuiltBlock } from "../drafting";
import type { ResolvedBlock } from "../resolve";
import type { Finding } from "./finding";
import { judgeAlteration } from "./judge-alteration";
import { judgeFrontAndBack } from "./judge-armhole";
import { judgeContradiction, judgeObstacle, judgeTooMuchAllowance } from "./judge-block";
import { judgeFittedObstacle } from "./judge-fitted-obstacle";
import { judgeGrain, judgeOutline, judgeTraced } from "./judge-outline";

/** What there is to say about the block, or why there is none. */
export function judgeBuiltBlock(resolved: ResolvedBlock, { block, why, alterations }: BuiltBlock): readonly Finding[] {
  return [
    ...(why?.what === "nothing-left" ? [] : judgeSource(resolved, { block, why })),
    ...(why?.what === "nothing-left" && resolved.source === "readings"
      ? judgeTooMuchAllowance(why, resolved.offsets)
      : []),
    ...(block
      ? judgeAlteration(alterations, resolved.source === "drafted" ? resolved.choices.shoulderDartIntake : null)
      : []),
  ];
}

function judgeSource(resolved: ResolvedBlock, { block, why }: Pick<BuiltBlock, "block" | "why">): readonly Finding[] {
  switch (resolved.source) {
    case "readings": {
      const { readings, offsets } = resolved;
      const contradictions = why?.what === "contradictions" ? why.contradictions : [];
      return [
        ...contradictions.map((one) => judgeContradiction(one, offsets)),
        ...judgeFrontAndBack(readings.armhole, offsets),
      ];
    }
    case "drafted":
      if (resolved.school === "fitted")
        return resolved.drafted.ok ? [] : [judgeFittedObstacle(resolved.drafted.obstacle, resolved)];
      return why?.what === "obstacle" ? [judgeObstacle(why.obstacle, resolved.body, resolved.choices)] : [];
    case "outline":
      return why?.what === "outline-faults"
        ? why.faults.map(judgeOutline)
        : block
          ? [...judgeTraced(resolved.from, resolved.error), ...judgeGrain(resolved.from, resolved.outline)]
          : [];
  }
}
