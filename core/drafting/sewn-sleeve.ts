import type { Block, Side } from "../block";
import type { Seam } from "../pattern";
import type { ResolvedSleeve, ResolvedSpec } from "../resolve";
import { type SleeveKind, styleOf } from "../sleeve/all-styles";
import { finishDepth } from "../sleeve/finish";
import {
  type CapTask,
  draftSetInSleeve,
  lowerHollows,
  methodOf,
  type SetInSleeve,
  type SetInTask,
  sleeveSeams,
  throughGuides,
  usualNotches,
} from "../sleeve/set-in";
import { type FinishedSleeve, finishSleeve, turnUpOf } from "./finish-sleeve";
import type { Part } from "./part";
import { reachingWaist } from "./reaching-waist";

/** A sleeve that is sewn into the armhole, with everything that was asked of it and found about it. */
export type SewnSleeve = FinishedSleeve &
  Part & {
    readonly family: "sewn";
    readonly kind: SleeveKind;
    /** The lengths of its style by the names of its fields. */
    readonly styleLengths: Readonly<Record<string, number>>;
    readonly task: SetInTask;
    /** The plain sleeve: fitted, and what a style is derived from. */
    readonly sleeve: SetInSleeve;
    readonly seams: readonly [Seam, Seam];
  };

/** What was asked of a sleeve that is sewn in, and what came of it. */
export type SewnAttempt = {
  readonly family: "sewn";
  readonly asked: ResolvedSleeve;
  readonly task: SetInTask;
  /** The block that it was fitted to, and the same reaching down to the waist at least. */
  readonly block: Block;
  readonly whole: Block;
  /** Where notches usually stand, and as far as they may stand, from the underarm. */
  readonly notches: { readonly usual: Readonly<Record<Side, number>>; readonly most: Readonly<Record<Side, number>> };
  /** Null when these figures give no sleeve. */
  readonly drafted: SewnSleeve | null;
};

/** Above this share of the armhole a notch no longer tells the lower from the upper seam. Our own limit. */
const MOST_NOTCH_SHARE = 0.75;

/** Fits the sleeve to the block's armhole. */
export function draftSewnSleeve(resolved: ResolvedSpec, asked: ResolvedSleeve, block: Block): SewnAttempt {
  const usual = usualNotches(block);
  const most = {
    front: block.front.armhole.length * MOST_NOTCH_SHARE,
    back: block.back.armhole.length * MOST_NOTCH_SHARE,
  };
  const task = setInTask(resolved, asked, block, {
    front: within(asked.notches.front, most.front, usual.front),
    back: within(asked.notches.back, most.back, usual.back),
  });
  const whole = reachingWaist(block, resolved.bodice.backLength);
  const attempt = { family: "sewn", asked, task, block, whole, notches: { usual, most } } as const;
  const sleeve = draftSetInSleeve(task);
  if (!sleeve) return { ...attempt, drafted: null };
  const finished = finishSleeve(asked, task, sleeve, whole, resolved.body);
  const seams = sleeveSeams(block, sleeve, task, finished.styled?.caps ?? null);
  const { kind, styleLengths } = asked;
  const { solvers } = sleeve;
  return { ...attempt, drafted: { family: "sewn", kind, styleLengths, task, sleeve, seams, solvers, ...finished } };
}

/** A notch that is off its seam is told by a judge; the drawing then shows the usual one. */
function within(asked: number | undefined, most: number, usual: number): number {
  return asked === undefined || asked > most ? usual : asked;
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
  const cap: CapTask = {
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
    guides: asked.guides,
    guided: null,
    capHeightChange: asked.capHeightChange,
    capWidthChange: asked.capWidthChange,
  };
  return {
    method: asked.method,
    surplus: asked.surplus,
    lowerEase: asked.lowerEase,
    slashes: style?.family === "sewn" && style.slashes,
    cap: throughGuides(cap, methodOf(asked.method).frame),
    lengths: {
      length: cut,
      finishDepth: depth,
      fall,
      wristLevel: asked.hemWidth === null ? Math.max(cut, body.armLength) : cut,
      elbowLevel: body.shoulderToElbow,
      elbowWidth: body.elbow + asked.elbowEase,
      wristWidth: asked.hemWidth ?? body.wrist + asked.wristEase,
      // A style is derived from a sleeve in one piece that ends on its hem.
      turnUp: isRedrawn ? 0 : turnUpOf(asked),
      elbowDart: style ? 0 : asked.elbowDart,
      ...(asked.isStraight ? { isStraight: true } : {}),
    },
    twoPiece: style ? null : asked.twoPiece,
    notches,
  };
}
