import type { Block } from "../block";
import type { Cloth } from "../cloth";
import { length, phrase } from "../draft";
import type { FinishedSleeve, SewnAttempt } from "../drafting";
import type { ResolvedSleeve, ResolvedSpec } from "../resolve";
import { sewnStyleOf } from "../sleeve/all-styles";
import {
  type CapFrame,
  finishedLength,
  leastHem,
  methodOf,
  type SetInSleeve,
  type SetInTask,
  whyNotDrawable,
} from "../sleeve/set-in";
import { enlargeArmhole } from "./enlarge-armhole";
import { type Finding, withRemediesOf } from "./finding";
import { judgeEase, judgeSurplus } from "./judge-cap";
import { type Enlarge, judgeNoCap } from "./judge-fit";
import { judgeBulge, judgeGuides, judgeLowerEase } from "./judge-sides";
import {
  judgeElbowDart,
  judgeHand,
  judgeLength,
  judgeNarrowHem,
  judgeNotches,
  judgeTurnUp,
  judgeUnderSleeve,
} from "./judge-sleeve";
import { judgeStyle } from "./judge-style";
import { judgeWidth } from "./judge-width";
import { draftByFitFirst } from "./reconcile";

/** What there is to say about a sleeve that is sewn in, or why there is none. */
export function judgeSewn(attempt: SewnAttempt, resolved: ResolvedSpec): readonly Finding[] {
  const { asked, task, block, whole, notches, drafted } = attempt;
  const ofNotches = judgeNotches(asked.notches, notches.most, notches.usual);
  const { cloth } = resolved;
  if (!drafted) return [whyNoSleeve(task, cloth, enlargeArmhole(resolved.block, block), asked), ...ofNotches];
  const { sleeve, seams, styled } = drafted;
  return [
    ...withoutOtherMethods(asked, judgeSurplus(task, sleeve, cloth)),
    ...(styled?.crownRatio ? [] : judgeEase(seams, task, cloth)),
    ...judgeWidth(task, sleeve, cloth).filter(
      // A sleeve with a cap of its own is as wide as the armhole: that is its style.
      (found) => found.code !== "sleeve-baggy" || !sewnStyleOf(asked.kind)?.fitting,
    ),
    ...judgeHem(asked, task, sleeve, drafted, whole, resolved),
    ...judgeTurnUp(task, sleeve),
    ...judgeUnderSleeve(task, sleeve),
    ...judgeElbowDart(task, sleeve),
    ...judgeBulge(task, sleeve),
    ...judgeGuides(task, sleeve),
    ...judgeLowerEase(task, sleeve),
    ...ofNotches,
  ];
}

/** A style whose method is its own cannot be drafted by another. */
function withoutOtherMethods({ kind }: ResolvedSleeve, findings: readonly Finding[]): readonly Finding[] {
  if (!sewnStyleOf(kind)?.fitting) return findings;
  return findings.map((found) =>
    withRemediesOf(found, (remedies) => remedies.filter(({ change }) => change.sleeve?.method === undefined)),
  );
}

function judgeHem(
  asked: ResolvedSleeve,
  task: SetInTask,
  sleeve: SetInSleeve,
  { styled, hem, limb, hemLength }: FinishedSleeve,
  block: Block,
  { body, cloth }: ResolvedSpec,
): readonly Finding[] {
  const style = sewnStyleOf(asked.kind);
  const found = judgeStyle(
    {
      kind: asked.kind,
      hem: asked.hem,
      hemLength,
      onto: hem.onto,
      limb,
      crownRatio: styled?.crownRatio ?? null,
      misplaced: styled?.misplaced ? [styled.misplaced] : [],
      finished: finishedLength(task.lengths),
      lengths: asked.styleLengths,
      opens: style?.opens ?? { crown: null, hem: null },
      derive: (lengths) => style?.derive({ block, task, sleeve, turnUp: 0 }, lengths) ?? null,
    },
    { hand: body.hand, armLength: body.armLength },
    cloth,
  );
  const isPlain = asked.hem.finish === "plain" && !styled;
  return [...found, ...(isPlain ? judgeHand(sleeve, body.hand, asked.wristEase) : [])];
}

export function whyNoSleeve(
  task: SetInTask,
  cloth: Cloth,
  enlarge: Enlarge,
  asked: Pick<ResolvedSleeve, "length" | "wristEase">,
): Finding {
  const frame = methodOf(task.method).frame(task.cap);
  if (!frame) return judgeNoCap(task.cap, enlarge);
  switch (whyNotDrawable(frame, task)) {
    case "too-short":
      return judgeLength(task, frame.height, asked.length);
    case "hem-too-narrow":
      return judgeNarrowHem(task, leastHem(frame, task.slashes), asked.wristEase);
    default:
      return ruleGivesNothing(task, cloth, frame);
  }
}

function ruleGivesNothing(task: SetInTask, cloth: Cloth, { height, frontWidth, backWidth }: CapFrame): Finding {
  const isChanged = task.cap.capHeightChange !== 0 || task.cap.capWidthChange !== 0;
  const byFitFirst = draftByFitFirst(task, cloth);
  return {
    code: "rule-gives-no-cap",
    severity: "fault",
    station: "sleeve",
    message: phrase`The rule gives a cap ${length(height)} high and ${length(frontWidth + backWidth)} wide${isChanged ? " with the changes made to it" : ""}: that is no cap.`,
    reason: isChanged
      ? phrase`The cap was lowered or narrowed by more than the rule gives it.`
      : phrase`For this armhole the rule’s slant is no longer than its cap is high.`,
    numbers: { height },
    remedies: [
      ...(isChanged
        ? [
            {
              id: "take-rule-as-is",
              label: phrase`Take the rule without the changes`,
              change: { sleeve: { capHeightChange: 0, capWidthChange: 0 } },
            },
          ]
        : []),
      ...(byFitFirst ? [byFitFirst] : []),
    ],
  };
}
