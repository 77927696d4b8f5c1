import type { Alteration, BlockChoices } from "../block";
import type { Body } from "../body";
import type { ClothKind, ClothTakes } from "../cloth";
import type { CollarChoiceName, CollarChoiceOf, CollarFieldName, CollarKindName } from "../collar";
import type { HemFinish } from "../sleeve/finish";
import type { CapCurve, Placement, SetInMethod, SleeveCut, SurplusWay } from "../sleeve/set-in";
import type { SleeveKind, StyleKind } from "../sleeve/styles";
import type { TapeUnit } from "../tape";

export const GARMENT_FORMAT = "gamine-garment/1";

/** `number | undefined`: an absent figure is defaulted, and the default is listed in the result. */
type Maybe = number | undefined;

/** The block rebuilt from what the tape read on a bodice. */
export type ReadingsBlockSpec = {
  readonly source: "readings";
  readonly armhole: {
    readonly front?: Maybe;
    readonly back?: Maybe;
    /** Front and back in one figure: what neither half was read by. */
    readonly girth?: Maybe;
    readonly depth?: Maybe;
  };
  readonly shoulder?: { readonly length?: Maybe; readonly slope?: Maybe } | undefined;
  readonly neckline?:
    | {
        readonly width?: Maybe;
        readonly frontDepth?: Maybe;
        readonly backDepth?: Maybe;
        readonly frontLength?: Maybe;
        readonly backLength?: Maybe;
      }
    | undefined;
  /** The allowance inside which the readings were taken along the cut edge. */
  readonly includesSeamAllowance?: Maybe;
  /** What the neckline readings hold beyond the centre lines: a zip, a centre-back allowance, a button stand. */
  readonly leaveOut?: { readonly centreBack?: Maybe; readonly centreFront?: Maybe } | undefined;
  readonly alterations?: readonly Alteration[] | undefined;
};

/** The block drafted from body measurements; every choice that is left out is the style's usual one. */
export type DraftedBlockSpec = { readonly source: "drafted" } & {
  readonly [choice in keyof BlockChoices]?: BlockChoices[choice] | undefined;
} & { readonly alterations?: readonly Alteration[] | undefined };

/** The edges of half a bodice as SVG path data in millimetres: absolute M, L and C. */
export type OutlineHalfSpec = {
  readonly armhole: string;
  readonly neckline?: string | undefined;
  readonly shoulder?: string | undefined;
  readonly grain?: string | undefined;
};

/** The block whose curves were pointed at in a drawing, or traced from a photograph. */
export type OutlineBlockSpec = {
  readonly source: "outline";
  readonly from?: "drawing" | "photograph" | undefined;
  /** How far each traced length may be off. */
  readonly error?: Maybe;
  readonly front: OutlineHalfSpec;
  readonly back: OutlineHalfSpec;
  readonly alterations?: readonly Alteration[] | undefined;
};

export type BlockSpec = ReadingsBlockSpec | DraftedBlockSpec | OutlineBlockSpec;
export type BlockSource = BlockSpec["source"];

/** The lengths of a style by the names of its fields. */
export type StyleSpec = { readonly [field in string]?: Maybe };

export type HemSpec = {
  readonly finish?: HemFinish | undefined;
  readonly depth?: Maybe;
  readonly ease?: Maybe;
  readonly overlap?: Maybe;
  readonly opening?: Maybe;
  readonly elasticWidth?: Maybe;
};

/** The plain sleeve, and what is made of it: a style keeps its lengths while another is tried. */
export type SleeveSpec = { readonly [style in StyleKind]?: StyleSpec | undefined } & {
  readonly kind: SleeveKind;
  readonly hem?: HemSpec | undefined;
  readonly method?: SetInMethod | undefined;
  readonly capEase?: Maybe;
  /** The back's share of the cap ease, 0 to 1. */
  readonly backEaseShare?: Maybe;
  readonly upperArmEase?: Maybe;
  readonly elbowEase?: Maybe;
  readonly wristEase?: Maybe;
  readonly length?: Maybe;
  /** How deep the hem is turned up; none when left out. */
  readonly hemTurnUp?: Maybe;
  /** What a dart in the back seam at the elbow takes in; none when left out. */
  readonly elbowDart?: Maybe;
  readonly cut?: SleeveCut | undefined;
  /** Of a two-piece sleeve: how far its seams lie under the arm, and how far the front one is hollowed at the elbow. */
  readonly frontSeamUnder?: Maybe;
  readonly backSeamUnder?: Maybe;
  readonly elbowHollow?: Maybe;
  /** What a chosen or dropped cap is high. */
  readonly capHeight?: Maybe;
  readonly placement?: Placement | undefined;
  readonly curve?: CapCurve | undefined;
  /** By what share of itself the curve is filled; less than nothing flattens it. */
  readonly fullnessChange?: Maybe;
  readonly surplus?: SurplusWay | undefined;
  /** Ease that is given below the notches; the rest lies above them. */
  readonly lowerEase?: { readonly front?: Maybe; readonly back?: Maybe } | undefined;
  readonly capHeightChange?: Maybe;
  readonly capWidthChange?: Maybe;
  readonly notches?: { readonly front?: Maybe; readonly back?: Maybe } | undefined;
};

/** A collar keeps its figures and choices while another kind is tried. */
export type CollarSpec = { readonly kind: CollarKindName } & {
  readonly [field in CollarFieldName]?: Maybe;
} & { readonly [choice in CollarChoiceName]?: CollarChoiceOf<choice> | undefined };

/**
 * What a garment is drafted from: everything a person chose or read off the tape, nothing about screens. Lengths in
 * millimetres; `unit` is the one its person works in.
 */
export type GarmentSpec = {
  readonly unit: TapeUnit;
  readonly name: string;
  readonly body: Body;
  readonly block: BlockSpec;
  readonly cloth: {
    readonly kind?: ClothKind | undefined;
    /** What it bears, where that is not usual for its kind. */
    readonly takes?: ClothTakes | undefined;
    readonly width?: Maybe;
  };
  readonly sleeve: SleeveSpec | null;
  readonly collar: CollarSpec | null;
  readonly notchMark?: NotchMark | undefined;
  readonly allowances: { readonly general?: Maybe; readonly neckline?: Maybe; readonly hem?: Maybe };
};

/** How a notch is marked on what is printed. */
export const NOTCH_MARKS = ["slit", "tee", "vee"] as const;
export type NotchMark = (typeof NOTCH_MARKS)[number];

export function emptyGarment(name: string, unit: TapeUnit): GarmentSpec {
  return {
    unit,
    name,
    body: {},
    block: { source: "readings", armhole: {} },
    cloth: {},
    sleeve: { kind: "set-in" },
    collar: null,
    allowances: {},
  };
}
