import { alterBlock, type Block, closingShoulderDarts, type Side, withEasedArmhole } from "../../block";
import { mapCubic, mirrored, SAME_MM, SEEN_MM } from "../../geometry";
import type { SetInSleeve, SetInTask } from "../set-in";
import type { BodiceBase, Fitted, Misplaced } from "../style";
import { closeOverArm, type OverArm } from "./over-arm";
import { cutRaglan, type RaglanCut } from "./raglan-cut";
import { RAGLAN_FIELDS, type RaglanLengths } from "./raglan-fields";

/** The bodice and the plain sleeve with the raglan line drawn on both. */
export type RaglanDraft = {
  /** With its underarm lowered, and its shoulder dart moved. */
  readonly block: Block;
  readonly hadShoulderDart: boolean;
  readonly task: SetInTask;
  readonly sleeve: SetInSleeve;
  readonly front: RaglanCut;
  readonly back: RaglanCut;
  readonly overArm: OverArm;
  readonly misplaced: readonly Misplaced[];
  /** How much further the bodice lies from the sleeve on the sheet, where that gets wider still. */
  readonly roomBeside: number;
};

export type RaglanOutcome =
  | { readonly ok: true; readonly draft: RaglanDraft }
  | { readonly ok: false; readonly why: "no-cap"; readonly task: SetInTask }
  | { readonly ok: false; readonly why: "no-room"; readonly misplaced: Misplaced };

/** The raglan line keeps this far from either end of the neckline and of the armhole. Our own limit. */
const CLEAR_MM = 12;

/** Lowers the underarm, fits the plain sleeve to it without cap ease, draws the raglan line and lays the shoulder parts on the cap. */
export function draftRaglan(base: BodiceBase, lengths: RaglanLengths, longer = 0): RaglanOutcome {
  const lowered = lowerUnderarm(base.block, lengths.lowering);
  if (!lowered) {
    const most = furthest((by) => lowerUnderarm(base.block, by) !== null, lengths.lowering, 0);
    return { ok: false, why: "no-room", misplaced: noRoom("lowering", lengths.lowering, 0, most) };
  }
  const { task, sleeve }: Fitted = base.fit(lowered.block, longer);
  if (!sleeve) return { ok: false, why: "no-cap", task };
  const { places, misplaced } = placesOf(lowered.block, lengths);
  const front = cutRaglan(lowered.block.front, places.front);
  const back = cutRaglan(lowered.block.back, places.back);
  const { outline } = sleeve;
  const caps = {
    crownX: outline.crown.x,
    front: [outline.capFront],
    back: [mapCubic(outline.capBack, mirrored)],
    footX: (outline.frontHem.x + outline.backHem.x) / 2,
    footY: outline.frontHem.y,
  };
  const close = (gap: number) =>
    closeOverArm({ front, back }, caps, { gap, depth: lengths.dartDepth, within: lengths.balanceWithin });
  const overArm = close(lengths.dartWidth);
  // Without ease the cap is as long as the armhole: whatever lies on the one lies on the other.
  if (!overArm)
    throw new Error(`draftRaglan: meeting points ${front.meetingAt} and ${back.meetingAt} lie past the crown`);
  const gap = overArm.front.tip.x + overArm.back.tip.x;
  return {
    ok: true,
    draft: {
      ...lowered,
      task,
      sleeve,
      front,
      back,
      overArm,
      misplaced: [...misplaced, ...tooLow(lengths.dartWidth, gap)],
      roomBeside: 0,
    },
  };
}

function noRoom(field: string, asked: number, least: number, most: number): Misplaced {
  return { field, asked, least, most, drawn: Math.min(most, Math.max(least, asked)) };
}

/** On a very low cap the tips do not reach each other: they stand as far apart as they come. */
function tooLow(asked: number, gap: number): readonly Misplaced[] {
  if (gap <= asked + SEEN_MM) return [];
  return [noRoom("dartWidth", asked, gap, Math.max(gap, RAGLAN_FIELDS.dartWidth.bounds.most))];
}

/** The most, short of what was asked, that still goes; found by halving. */
function furthest(goes: (value: number) => boolean, asked: number, least: number): number {
  let [low, high] = [least, asked];
  for (let i = 0; i < 12; i++) {
    const middle = (low + high) / 2;
    if (goes(middle)) low = middle;
    else high = middle;
  }
  return low;
}

function lowerUnderarm(block: Block, by: number) {
  const closing = closingShoulderDarts(block);
  const { block: altered, taken } = alterBlock(
    withEasedArmhole(block),
    [...closing, ...(by > 0 ? [{ kind: "lower-armhole" as const, by }] : [])],
    "ease",
  );
  return taken.some((one) => one.leftOut !== null) ? null : { block: altered, hadShoulderDart: closing.length > 0 };
}

/** Where the line begins and ends on each half; what has no room there is drawn at the nearest that has, and said. */
function placesOf(block: Block, { neckPoint, belowHalf, bowFront, bowBack }: RaglanLengths) {
  const neckMost = Math.min(block.front.neckline.length, block.back.neckline.length) - CLEAR_MM;
  const neckAt = Math.min(neckPoint, neckMost);
  const halves = [block.front.armhole.length / 2, block.back.armhole.length / 2];
  const belowMost = Math.min(...halves) - CLEAR_MM;
  const belowLeast = CLEAR_MM - Math.min(...halves);
  const below = Math.min(belowMost, Math.max(belowLeast, belowHalf));
  const of = (side: Side, bow: number) => ({ neckAt, meetingAt: meetingPoint(block[side].armhole.length, below), bow });
  return {
    places: { front: of("front", bowFront), back: of("back", bowBack) },
    misplaced: [
      ...(neckAt < neckPoint - SAME_MM ? [noRoom("neckPoint", neckPoint, CLEAR_MM, neckMost)] : []),
      ...(Math.abs(below - belowHalf) > SAME_MM ? [noRoom("belowHalf", belowHalf, belowLeast, belowMost)] : []),
    ],
  };
}

/** Up from the underarm: half the armhole from shoulder tip to lowered underarm, less a little (common practice, no source). */
export function meetingPoint(armhole: number, belowHalf: number): number {
  return armhole / 2 - belowHalf;
}
