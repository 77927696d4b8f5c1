import type { Block } from "../block";
import {
  draftByFitFirst,
  type Enlarge,
  type Finding,
  judgeEase,
  judgeElbowDart,
  judgeHand,
  judgeLength,
  judgeNoCap,
  judgeNotches,
  judgeSurplus,
  judgeTurnUp,
  judgeUnderSleeve,
  judgeWidth,
  type Seam,
  sleeveSeams,
} from "../check";
import type { Cloth } from "../cloth";
import { length, phrase } from "../draft";
import { type Piece, sleevePieces, wholeSleeve } from "../pattern";
import {
  type CapFrame,
  draftSetInSleeve,
  lowerHollows,
  methodOf,
  type SetInSleeve,
  type SetInTask,
  usualNotches,
} from "../sleeve/set-in";
import type { ResolvedSleeve, ResolvedSpec } from "./resolve";

/** The sleeve with everything that was asked of it and found about it. */
export type DraftedSleeve = {
  readonly task: SetInTask;
  readonly sleeve: SetInSleeve;
  readonly seams: readonly [Seam, Seam];
  /** The sleeve in one piece, also where it is cut in two: for laying it on the armhole or over another. */
  readonly whole: Piece;
  readonly pieces: readonly Piece[];
};

export type SleeveOutcome = { readonly drafted: DraftedSleeve | null; readonly findings: readonly Finding[] };

/** Fits the sleeve to the block's armhole and judges it. `enlarge` says how this block's armhole could be made larger. */
export function draftSleeve(
  resolved: ResolvedSpec,
  asked: ResolvedSleeve,
  block: Block,
  enlarge: Enlarge,
): SleeveOutcome {
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
  if (!sleeve) return { drafted: null, findings: [whyNoSleeve(task, resolved.cloth, enlarge), ...notchFindings] };
  const seams = sleeveSeams(block, sleeve, task);
  return {
    drafted: { task, sleeve, seams, whole: wholeSleeve(sleeve), pieces: sleevePieces(sleeve) },
    findings: [
      ...judgeSurplus(task, sleeve, resolved.cloth),
      ...judgeEase(seams, task, resolved.cloth),
      ...judgeWidth(task, sleeve, resolved.cloth),
      ...judgeHand(sleeve, resolved.body.hand, asked.wristEase),
      ...judgeTurnUp(task, sleeve),
      ...judgeUnderSleeve(task, sleeve),
      ...judgeElbowDart(task, sleeve),
      ...notchFindings,
    ],
  };
}

/** Above this share of the armhole a notch no longer tells the lower from the upper seam. Our own limit. */
const MOST_NOTCH_SHARE = 0.75;

/** A notch that is off its seam is reported by `judgeNotches`; the drawing then shows the usual one. */
function within(asked: number | undefined, most: number, usual: number): number {
  return asked === undefined || asked > most ? usual : asked;
}

function whyNoSleeve(task: SetInTask, cloth: Cloth, enlarge: Enlarge): Finding {
  const frame = methodOf(task.method).frame(task.cap);
  if (frame && frame.height > 0 && frame.frontWidth > 0) return judgeLength(task.lengths.length, frame.height);
  return frame ? ruleGivesNothing(task, cloth, frame) : judgeNoCap(task.cap, enlarge);
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

function setInTask(
  { body }: ResolvedSpec,
  asked: ResolvedSleeve,
  block: Block,
  notches: SetInTask["notches"],
): SetInTask {
  return {
    method: asked.method,
    surplus: asked.surplus,
    lowerEase: asked.lowerEase,
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
      length: asked.length,
      wristLevel: Math.max(asked.length, body.armLength),
      elbowLevel: body.shoulderToElbow,
      elbowWidth: body.elbow + asked.elbowEase,
      wristWidth: body.wrist + asked.wristEase,
      turnUp: asked.hemTurnUp,
      elbowDart: asked.elbowDart,
    },
    twoPiece: asked.twoPiece,
    notches,
  };
}
