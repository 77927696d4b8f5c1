import type { Block } from "../block";
import {
  draftByFitFirst,
  type Enlarge,
  type Finding,
  judgeBulge,
  judgeEase,
  judgeElbowDart,
  judgeHand,
  judgeLength,
  judgeLowerEase,
  judgeNarrowHem,
  judgeNoCap,
  judgeNotches,
  judgeStyle,
  judgeSurplus,
  judgeTurnUp,
  judgeUnderSleeve,
  judgeWidth,
  type Seam,
  sleeveSeams,
} from "../check";
import type { Cloth } from "../cloth";
import { length, phrase } from "../draft";
import { finishDepth } from "../sleeve/finish";
import {
  type CapFrame,
  draftSetInSleeve,
  finishedLength,
  leastHem,
  lowerHollows,
  methodOf,
  type SetInSleeve,
  type SetInTask,
  usualNotches,
  whyNotDrawable,
} from "../sleeve/set-in";
import { type SleeveKind, sewnStyleOf, styleOf } from "../sleeve/styles";
import { type FinishedSleeve, finishSleeve, turnUpOf } from "./finish-sleeve";
import { reachingWaist } from "./reaching-waist";
import type { ResolvedSpec } from "./resolve";
import type { ResolvedSleeve } from "./resolve-sleeve";

/** A sleeve that is sewn into the armhole, with everything that was asked of it and found about it. */
export type SewnSleeve = FinishedSleeve & {
  readonly family: "sewn";
  readonly kind: SleeveKind;
  /** The lengths of its style by the names of its fields. */
  readonly styleLengths: Readonly<Record<string, number>>;
  readonly task: SetInTask;
  /** The plain sleeve: fitted, and what a style is derived from. */
  readonly sleeve: SetInSleeve;
  readonly seams: readonly [Seam, Seam];
};

export type SewnOutcome = { readonly drafted: SewnSleeve | null; readonly judge: () => readonly Finding[] };

/** Fits the sleeve to the block's armhole and judges it. `enlarge` says how this block's armhole could be made larger. */
export function draftSewnSleeve(
  resolved: ResolvedSpec,
  asked: ResolvedSleeve,
  block: Block,
  enlarge: Enlarge,
): SewnOutcome {
  const usual = usualNotches(block);
  const mostNotch = {
    front: block.front.armhole.length * MOST_NOTCH_SHARE,
    back: block.back.armhole.length * MOST_NOTCH_SHARE,
  };
  const notchFindings = judgeNotches(asked.notches, mostNotch, usual);
  const task = setInTask(resolved, asked, block, {
    front: within(asked.notches.front, mostNotch.front, usual.front),
    back: within(asked.notches.back, mostNotch.back, usual.back),
  });
  const sleeve = draftSetInSleeve(task);
  if (!sleeve) {
    return { drafted: null, judge: () => [whyNoSleeve(task, resolved.cloth, enlarge, asked), ...notchFindings] };
  }
  const whole = reachingWaist(block, resolved.bodice.backLength);
  const finished = finishSleeve(asked, task, sleeve, whole, resolved.body);
  const seams = sleeveSeams(block, sleeve, task, finished.styled?.caps ?? null);
  return {
    drafted: { family: "sewn", kind: asked.kind, styleLengths: asked.styleLengths, task, sleeve, seams, ...finished },
    judge: () => [
      ...withoutOtherMethods(asked, judgeSurplus(task, sleeve, resolved.cloth)),
      ...(finished.styled?.crownRatio ? [] : judgeEase(seams, task, resolved.cloth)),
      ...judgeWidth(task, sleeve, resolved.cloth).filter(
        // A sleeve with a cap of its own is as wide as the armhole: that is its style.
        (found) => found.code !== "sleeve-baggy" || !sewnStyleOf(asked.kind)?.fitting,
      ),
      ...judgeHem(asked, task, sleeve, finished, whole, resolved),
      ...judgeTurnUp(task, sleeve),
      ...judgeUnderSleeve(task, sleeve),
      ...judgeElbowDart(task, sleeve),
      ...judgeBulge(task, sleeve),
      ...judgeLowerEase(task, sleeve),
      ...notchFindings,
    ],
  };
}

/** A style whose method is its own cannot be drafted by another. */
function withoutOtherMethods({ kind }: ResolvedSleeve, findings: readonly Finding[]): readonly Finding[] {
  if (!sewnStyleOf(kind)?.fitting) return findings;
  return findings.map((found) => ({
    ...found,
    remedies: found.remedies.filter((remedy) => remedy.change.sleeve?.method === undefined),
  }));
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

/** Above this share of the armhole a notch no longer tells the lower from the upper seam. Our own limit. */
const MOST_NOTCH_SHARE = 0.75;

/** A notch that is off its seam is reported by `judgeNotches`; the drawing then shows the usual one. */
function within(asked: number | undefined, most: number, usual: number): number {
  return asked === undefined || asked > most ? usual : asked;
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

export function setInTask(
  { body }: ResolvedSpec,
  asked: ResolvedSleeve,
  block: Block,
  notches: SetInTask["notches"],
): SetInTask {
  const style = styleOf(asked.kind);
  const isRedrawn = style !== null && !(style.family === "sewn" && style.keepsOutline);
  const depth = finishDepth(asked.hem);
  const fall = style?.falls ? (asked.styleLengths[style.falls] ?? 0) : 0;
  const cut = asked.length - depth + fall;
  return {
    method: asked.method,
    surplus: asked.surplus,
    lowerEase: asked.lowerEase,
    slashes: style?.family === "sewn" && style.slashes,
    cap: {
      armhole: { front: block.front.armhole.length, back: block.back.armhole.length, depth: block.depth },
      bust: body.bust,
      upperArm: body.upperArm,
      capEase: asked.capEase,
      backEaseShare: asked.backEaseShare,
      upperArmEase: asked.upperArmEase,
      chosenHeight: asked.capHeight,
      placement: asked.placement,
      curve: asked.curve ?? methodOf(asked.method).usualCurve,
      lowerHollows: lowerHollows(block),
      fullnessChange: asked.fullnessChange,
      capHeightChange: asked.capHeightChange,
      capWidthChange: asked.capWidthChange,
    },
    lengths: {
      length: cut,
      finishDepth: depth,
      fall,
      wristLevel: Math.max(cut, body.armLength),
      elbowLevel: body.shoulderToElbow,
      elbowWidth: body.elbow + asked.elbowEase,
      wristWidth: body.wrist + asked.wristEase,
      // A style is derived from a sleeve in one piece that ends on its hem.
      turnUp: isRedrawn ? 0 : turnUpOf(asked),
      elbowDart: style ? 0 : asked.elbowDart,
    },
    twoPiece: style ? null : asked.twoPiece,
    notches,
  };
}
