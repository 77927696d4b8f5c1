import type { Block } from "../block";
import { allOf, namesOf } from "../data";
import type { Handle, Phrase, Source, StepRecord } from "../draft";
import type { NamedSolution, Path, Point } from "../geometry";
import type { Edge, EdgePair, NamedLine, Piece, SeamRule } from "../pattern";
import type { CollarChoiceName, CollarChoiceOf, CollarFieldName } from "./collar-fields";
import type { OuterEdge } from "./outer-edge";

export type CollarChoices = { readonly [Name in CollarChoiceName]?: CollarChoiceOf<Name> };

/** What a figure of a collar is where nobody chose one: by what rule, and in which cases it matters at all. */
export type Usual = {
  readonly value: number | ((at: UsualAt) => number);
  readonly rule: Phrase;
  readonly source: Source;
  readonly when?: (choices: CollarChoices) => boolean;
};

export type UsualAt = {
  /** The block's own button stand; none where the front closes with a zip. */
  readonly buttonStand: number;
  readonly closing: FrontClosing;
  /** Half the block's neckline; null before the block is known: what goes with it is then settled once it is. */
  readonly neckline: number | null;
  /** Mid-neck girth. */
  readonly neck: number;
  readonly choices: CollarChoices;
  readonly figures: Readonly<Partial<Record<CollarFieldName, number>>>;
};

/** A kind of collar as data: what is left to choose about it, what is usual, and how it is drawn. */
export type CollarKind<
  Fields extends CollarFieldName = CollarFieldName,
  Choices extends CollarChoiceName = CollarChoiceName,
> = {
  readonly name: string;
  readonly summary: string;
  /** What else people call it, to find a garment by: common practice, no source. */
  readonly alsoCalled: string;
  /** Does it stand up from the neckline, which then has to lie close to the neck? */
  readonly standsOnNeckline: boolean;
  /** How what is left to choose is laid out; defaults are taken in this order. */
  readonly groups: readonly {
    readonly title: string;
    readonly choices?: readonly Choices[];
    readonly fields?: readonly CollarFieldName[];
  }[];
  readonly usual: { readonly [Name in Fields]: Usual };
  readonly choices: {
    readonly [Name in Choices]: {
      readonly value: CollarChoiceOf<Name>;
      readonly rule: Phrase;
      readonly when?: (choices: CollarChoices) => boolean;
    };
  };
  /** Does it rest on the mid-neck girth? */
  readonly needsNeck: boolean;
  /** Does it rest on where the waist is? */
  readonly needsWaist: boolean;
  /** Is a button sewn to its stand, where that runs on beyond the centre front? */
  readonly hasStandButton?: (choices: CollarChoices) => boolean;
  /** What becomes of the front edge: it is sewn to the neck only, grows a front of its own, or finishes the edge with a band. */
  readonly frontEdge: "left" | "grown" | "banded";
  readonly draft: (
    base: CollarBase,
    figures: Readonly<Record<Fields, number>>,
    choices: { readonly [Name in Choices]: NonNullable<CollarChoices[Name]> },
    /** What was given: a figure that has nothing usual is found on the draft where it was left open. */
    given: Readonly<Partial<Record<CollarFieldName, number>>>,
  ) => CollarDrawing;
};

/** A kind as it stands in the table with the others: whatever is asked, it takes its own figures and choices out of it. */
export type AnyCollarKind = Omit<CollarKind, "usual" | "choices" | "draft"> & {
  readonly usual: { readonly [Name in CollarFieldName]?: Usual };
  readonly choices: { readonly [Name in CollarChoiceName]?: CollarKind["choices"][Name] };
  readonly draft: (
    base: CollarBase,
    figures: CollarFigures,
    choices: CollarChoices,
    given: CollarFigures,
  ) => CollarDrawing;
};

/** What was asked of a collar, by the names of its fields. Millimetres, angles in degrees. */
export type CollarFigures = Readonly<Partial<Record<CollarFieldName, number>>>;

/** Lets a kind be written with its own fields and choices, and stand in a table with the others. */
export function collarKind<Fields extends CollarFieldName, Choices extends CollarChoiceName>(
  of: CollarKind<Fields, Choices>,
): AnyCollarKind {
  const [fields, choiceNames] = [namesOf<Fields>(of.usual), namesOf<Choices>(of.choices)];
  return {
    ...of,
    draft: (base, figures, choices, given) =>
      of.draft(base, allOf(figures, fields), allOf(choices, choiceNames), given),
  };
}

export type CollarBase = {
  /** It reaches down to the waist at least. */
  readonly block: Block;
  readonly waist: number;
  /** Mid-neck girth. */
  readonly neck: number;
  readonly closing: FrontClosing;
  /** How wide a button is. */
  readonly buttonSize: number;
  /** Is the back neck of what a collar grows faced? */
  readonly hasBackFacing: boolean;
};

/** What a front closes with: buttons, of which it runs on beyond its centre, or a zip at its very edge. */
export type FrontClosing = "buttons" | "zip";

/** A place that is dragged, with the figure as it is. */
export type CollarHandle = Handle<CollarFieldName> & {
  readonly value: number;
  /** What else the same place changes, the other way across. */
  readonly across?: Pick<CollarHandle, "field" | "value" | "gain">;
};

/** The block's neckline joined at the shoulder, and what is measured beside it: shown beside the collar. */
export type JoinedNeck = {
  readonly neckline: Path;
  readonly shoulderAt: number;
  /** The line that the outer edge lies on, from the centre back; null for a collar that is not turned over. */
  readonly fallLine: Path | null;
};

/** What a stand's upper edge is round, and what it goes round. */
export type UpperEdge = {
  readonly girth: number;
  readonly neck: number;
  readonly wanted: number;
  readonly neckline: number;
  readonly isDeveloped: boolean;
  /** What each school would make it; null where one has no band for this neckline. */
  readonly bySchool: readonly { readonly school: CollarChoiceOf<"school">; readonly girth: number | null }[];
  /** How high the front end of the neck edge lies above its centre back on paper, and what draws it no higher than is usual at most. */
  readonly rise: {
    readonly drawn: number;
    readonly most: number;
    readonly by: { readonly field: "ease" | "bow" | "rise"; readonly value: number } | null;
  };
};

/** How a lapel lies when it is turned back. */
export type Lapel = {
  /** How far inside the armhole it keeps. */
  readonly clearance: number;
  /** The figure that makes it wide, and what that may be at most; null where nothing of it helps. */
  readonly field: "lapelOut" | "lapelWidth" | "fall";
  readonly widest: number | null;
  readonly notch: { readonly lapel: number; readonly collar: number } | null;
  readonly breakY: number;
  readonly chest: number;
  readonly waist: number;
};

/** How a collar changes the front that it is cut with: its edges from the front edge to the neck end of the shoulder, and the front edge down. */
export type FrontOfCollar = {
  readonly upper: readonly Edge[];
  readonly edgeDown: Path;
  /** Null: as the bodice has them, from the neck down. */
  readonly buttons: readonly Point[] | null;
  /** Lines on it that a maker needs: the roll line. */
  readonly lines: readonly NamedLine[];
  /** What of it is turned back: the roll line from the break point up, and the side neck point. Null where nothing is. */
  readonly roll: {
    readonly breakPoint: Point;
    readonly up: Point;
    readonly outwards: Point;
    readonly neck: Point;
  } | null;
};

export type DrawnCollar = {
  readonly isDrawn: true;
  readonly title: string;
  readonly acts: readonly StepRecord[];
  readonly cutting: StepRecord;
  /** As they lie on the sheet. */
  readonly drawn: readonly Piece[];
  /** Small pieces that only follow from them. */
  readonly extra: readonly Piece[];
  /** The front that grows it, from its front edge to the shoulder; null for a collar that is cut by itself. */
  readonly front: FrontOfCollar | null;
  /** Those that it is fitted to, or by. */
  readonly seams: readonly EdgePair[];
  /** Every other seam that it brings along. */
  readonly joins: readonly SeamRule[];
  readonly handles: readonly CollarHandle[];
  /** Null for bands, which run on past the neck. */
  readonly joined: JoinedNeck | null;
  readonly upperEdge: UpperEdge | null;
  /** Where a collar in one piece turns over: how long its fold is all round when it is closed, and the neck within it. */
  readonly turnsOver?: { readonly girth: number; readonly neck: number };
  readonly outer: OuterEdge | null;
  readonly turnedOver: { readonly stand: number; readonly fall: number } | null;
  readonly lapel: Lapel | null;
  /** By how much the neck edge turns at the neck point, radians. */
  readonly neckCorner?: number;
  /** A corner that could not be rounded as far as was asked. */
  readonly rounded?: { readonly asked: number; readonly drawn: number } | null;
  readonly solvers: readonly NamedSolution[];
};

/** Why no collar is drawn: with what it was asked for, and what could be drawn instead. */
export type NoCollar =
  | { readonly what: "no-stand"; readonly height: number; readonly school: CollarChoiceOf<"school"> }
  | { readonly what: "no-neckline" }
  | { readonly what: "break-too-high"; readonly breakY: number; readonly neckline: number }
  | { readonly what: "foot-too-high"; readonly foot: number; readonly most: number }
  | { readonly what: "notch-too-long"; readonly lapel: number; readonly gorge: number }
  | { readonly what: "gorge-beyond-neckline"; readonly start: number; readonly most: number }
  | { readonly what: "lapel-below-break"; readonly tip: number; readonly breakY: number; readonly usualDrop: number }
  | { readonly what: "out-too-far"; readonly out: number; readonly usual: number }
  /** What only this kind can run into, in its own words, with what would give a collar. */
  | {
      readonly what: "own";
      readonly code: "too-wide-to-lie-flat";
      readonly message: Phrase;
      readonly reason: Phrase;
      readonly numbers: Readonly<Record<string, number>>;
      readonly ways: readonly { readonly id: string; readonly label: Phrase; readonly change: CollarFigures }[];
    }
  | { readonly what: "spread-beyond-point"; readonly point: number; readonly spread: number };

export type CollarDrawing = DrawnCollar | { readonly isDrawn: false; readonly why: NoCollar };
