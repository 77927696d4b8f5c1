import type { Block } from "../block";
import { eachOf, namesOf } from "../data";
import type { Handle, Phrase, Source, StepRecord } from "../draft";
import type { Path } from "../geometry";
import type { Piece } from "../pattern";
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
export function ownLengths<Name extends string>(
  lengths: Readonly<Record<string, number>>,
  names: readonly Name[],
): Readonly<Record<Name, number>> {
  return eachOf(names, (name) => {
    const length = lengths[name];
    if (length === undefined) throw new RangeError(`ownLengths: no "${name}" was asked`);
    return length;
  });
}
