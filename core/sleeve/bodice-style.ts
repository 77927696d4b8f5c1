import type { Block, Side } from "../block";
import type { SleeveBody } from "../body";
import { namesOf } from "../data";
import type { Handle, StepRecord } from "../draft";
import type { NamedSolution } from "../geometry";
import type { EdgePair, NeckEdges, Piece } from "../pattern";
import type { SetInSleeve, SetInTask } from "./set-in";
import { type Misplaced, ownLengths, type StyleLook } from "./style";

/** A style that takes a part of the bodice along: front and back are cut anew with it. */
export type BodiceStyle<Name extends string = string> = StyleLook<Name> & {
  readonly family: "bodice";
  /** Does it rest on a plain sleeve that is fitted to the armhole first? */
  readonly isFitted: boolean;
  /** Can it be cut in one piece or in two? */
  readonly isCut: boolean;
  readonly draft: (base: BodiceBase, lengths: Readonly<Record<NoInfer<Name>, number>>) => BodiceSleeve;
};

export function bodiceStyle<Name extends string>(of: Omit<BodiceStyle<Name>, "family">): BodiceStyle {
  const names = namesOf<Name>(of.fields);
  return { ...of, family: "bodice", draft: (base, lengths) => of.draft(base, ownLengths(lengths, names)) };
}

/** What a sleeve that is cut with the bodice is drafted from, in millimetres. */
export type BodiceBase = {
  /** It reaches down to the waist at least. */
  readonly block: Block;
  readonly body: SleeveBody;
  /** Round both upper arms at the off-shoulder line. */
  readonly aroundShoulders: number;
  /** From the shoulder point to where it is cut; what finishes the hem comes to it. */
  readonly length: number;
  readonly finishDepth: number;
  /** Whole widths, with their ease. */
  readonly widths: { readonly upperArm: number; readonly elbow: number; readonly wrist: number };
  readonly eases: { readonly upperArmEase: number; readonly elbowEase: number; readonly wristEase: number };
  readonly isTwoPiece: boolean;
  readonly turnUp: number;
  /** The plain sleeve without cap ease for this armhole, so much longer than asked. */
  readonly fit: (block: Block, longer: number) => Fitted;
};

export type Fitted = { readonly task: SetInTask; readonly sleeve: SetInSleeve | null };
/** How front and back were brought to one length, by moving something no further than allowed. */
export type Balance = {
  readonly field: string;
  readonly what: "over-arm" | "underarm";
  /** Front less back, as they are drawn. */
  readonly difference: number;
  readonly within: number;
  /** How far it would have to be moved; null when no move does it. */
  readonly needed: number | null;
};

/** A neck that has no other opening than a slit at the centre back. */
export type NeckOpening = {
  readonly girth: number;
  readonly slit: number;
  /** Null when it was not measured. */
  readonly head: number | null;
  /** What the neck would have to be widened by, and the slit it would take instead. */
  readonly wider: number | null;
  readonly slitFor: number;
};

/** A sleeve that took a part of the bodice along, with all that is cut anew. */
export type BodiceSleeve =
  | {
      readonly isDrawn: true;
      readonly title: string;
      /** The plain sleeve under it, whose acts come after the first ones; null for a style that rests on none. */
      readonly fitted: { readonly task: SetInTask; readonly sleeve: SetInSleeve } | null;
      readonly actsBefore: readonly StepRecord[];
      readonly acts: readonly StepRecord[];
      readonly cutting: StepRecord;
      /** As they lie on the sheet. */
      readonly drawn: readonly Piece[];
      /** Small pieces that only follow from them. */
      readonly extra: readonly Piece[];
      readonly seams: readonly EdgePair[];
      readonly hemLength: number;
      /** How far from the shoulder point down the arm the hem lies, and what is finished of that. */
      readonly hemLevel: number;
      readonly finishedLength: number;
      readonly capHeight: number;
      readonly handles: readonly Handle[];
      readonly misplaced: readonly Misplaced[];
      readonly balances: readonly Balance[];
      readonly neck: NeckOpening | null;
      /** The block with the neck as this sleeve leaves it, for a collar; null when it leaves none. */
      readonly necked: Block | null;
      /** The edges that make up that neck, from the centre back to the shoulder and on to the centre front. */
      readonly neckEdges: NeckEdges;
      readonly top: TopEdge | null;
      readonly width: LeastWidth | null;
      readonly solvers: readonly NamedSolution[];
    }
  | { readonly isDrawn: false; readonly why: "no-cap"; readonly task: SetInTask }
  | { readonly isDrawn: false; readonly why: "no-room"; readonly misplaced: Misplaced };

export type DrawnBodiceSleeve = Extract<BodiceSleeve, { readonly isDrawn: true }>;

/** An upper edge that elastic draws in, the girth that it lies round, and what each sleeve is spread by for it. */
export type TopEdge = {
  readonly edge: number;
  readonly girth: number;
  readonly elastic: number;
  readonly spread: number;
};

/** The sleeve where it has least ease over the arm, the eases it was drawn with, and how much wider it gets for each millimetre down at the underarm. */
export type LeastWidth = {
  readonly width: number;
  readonly limb: number;
  readonly level: number;
  /** The eases over the arm, from the upper arm down. */
  readonly easesNow: { readonly upperArmEase: number; readonly elbowEase: number; readonly wristEase: number };
  readonly downNow: number;
  readonly widerByDown: number;
};

/** Points of a bodice beside a sleeve are numbered, since the plain sleeve has the letters: the front from 1, the back from 11. */
export function numberOf(side: Side, n: number): string {
  return `${side === "front" ? n : 10 + n}`;
}
