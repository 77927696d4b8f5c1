import type { Block, Side } from "../block";
import type { SleeveBody } from "../body";
import { eachOf, namesOf } from "../data";
import type { Handle, Phrase, Source, StepRecord } from "../draft";
import type { NamedSolution, Path } from "../geometry";
import type { EdgePair, HalfEdges, NeckEdges, Piece } from "../pattern";
import type { HemFinish } from "./finish";
import type { Placement, SetInMethod, SetInSleeve, SetInTask } from "./set-in";

/** A length that a style leaves to choice, in millimetres. */
export type StyleField = {
  readonly label: string;
  readonly bounds: { readonly least: number; readonly most: number };
  readonly usual: number;
  readonly rule: Phrase;
  readonly source: Source;
};

/** The plain sleeve that a style is derived from: fitted, in one piece, as long as the style is cut. */
export type StyleBase = {
  readonly block: Block;
  readonly task: SetInTask;
  readonly sleeve: SetInSleeve;
  /** How deep the hem is turned up, or its casing is. */
  readonly turnUp: number;
};

/** A sleeve of its own style, derived from the fitted one. */
export type StyledSleeve = {
  readonly title: string;
  /** What is done at the table after the plain sleeve is drawn. */
  readonly acts: readonly StepRecord[];
  /** The cap as it is sewn to the armhole, from the crown down. */
  readonly caps: { readonly front: Path; readonly back: Path };
  readonly pieces: readonly Piece[];
  /** What else is cut for it, and does not lie on the sheet. */
  readonly extra?: readonly Piece[];
  /** What is gathered at the hem before it is finished. */
  readonly hemLength: number;
  /** Cap between the notches over the armhole there, where it is gathered; null where it is eased in as it was fitted. */
  readonly crownRatio: number | null;
  readonly handles: readonly Handle[];
  /** A length of the style's for which this sleeve has no room, and what it is drawn with instead. */
  readonly misplaced?: Misplaced;
};

export type Misplaced = {
  /** One of the style's fields, or the sleeve's length. */
  readonly field: string;
  readonly asked: number;
  readonly least: number;
  readonly most: number;
  readonly drawn: number;
};

/** What a style is and what it leaves to choice, whatever it is derived from. */
export type StyleLook<Name extends string> = {
  readonly name: string;
  readonly summary: string;
  readonly fields: Readonly<Record<Name, StyleField>>;
  /** The share of the arm's length that it usually is long. */
  readonly usualLengthShare: number;
  readonly usualFinish: HemFinish;
  /** Which of its fields is length that falls over the finish of the hem. */
  readonly falls: NoInfer<Name> | null;
  /** What it does to the neck and the front edge: faces the neck, finishes both with bands, or cuts the neck away. Nothing where it is not said. */
  readonly neck?: "faced" | "banded" | "cut-away";
};

/** A style that stays a sleeve of its own, sewn into the armhole. */
export type SewnStyle<Name extends string = string> = StyleLook<Name> & {
  readonly family: "sewn";
  /** Which of its fields open the crown, and the hem, for gathers. */
  readonly opens: { readonly crown: NoInfer<Name> | null; readonly hem: NoInfer<Name> | null };
  /** How its plain sleeve is drafted, where that is not left to choice. */
  readonly fitting?: { readonly method: SetInMethod; readonly placement: Placement; readonly capEase: number };
  /** Is the plain sleeve slashed from the crown down? */
  readonly slashes: boolean;
  /** Its outline stays the plain sleeve's, with whatever is turned up there. */
  readonly keepsOutline?: boolean;
  readonly derive: (base: StyleBase, lengths: Readonly<Record<NoInfer<Name>, number>>) => StyledSleeve;
};

/** Lets a style be written with the names of its own fields, and stand in a table with the others. */
export function sewnStyle<Name extends string>(of: Omit<SewnStyle<Name>, "family">): SewnStyle {
  const names = namesOf<Name>(of.fields);
  return { ...of, family: "sewn", derive: (base, lengths) => of.derive(base, ownLengths(lengths, names)) };
}

/** A style's own lengths out of all that were asked; one that is missing is a broken contract. */
function ownLengths<Name extends string>(
  lengths: Readonly<Record<string, number>>,
  names: readonly Name[],
): Readonly<Record<Name, number>> {
  return eachOf(names, (name) => {
    const length = lengths[name];
    if (length === undefined) throw new RangeError(`ownLengths: no "${name}" was asked`);
    return length;
  });
}

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
  /** The plain sleeve without cap ease for this armhole, so much longer than asked, a hem that was typed narrower by what spreads it later. */
  readonly fit: (block: Block, longer: number, spreadLater?: number) => Fitted;
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
      /** What is left of front and back, or made of them, in the block's coordinates. */
      readonly halves: Readonly<Record<Side, HalfEdges>>;
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
