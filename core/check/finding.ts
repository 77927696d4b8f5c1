import type { Alteration, BlockChoices } from "../block";
import type { Body } from "../body";
import type { ClothKind, ClothTakes } from "../cloth";
import type { CollarChoiceName, CollarChoiceOf, CollarFieldName, CollarKindName } from "../collar";
import type { Phrase } from "../draft";
import type { HemChoices } from "../sleeve/finish";
import type { CapCurve, SetInMethod, SleeveCut, SurplusWay } from "../sleeve/set-in";
import type { SleeveKind, StyleKind } from "../sleeve/styles";

export type Severity = "fault" | "warning" | "note";

/** What a remedy or a handle sets in the garment: only the fields it names, lengths in millimetres. */
export type SpecChange = {
  readonly body?: Body;
  readonly block?: {
    readonly armhole?: {
      readonly front?: number;
      readonly back?: number;
      readonly girth?: number | undefined;
      readonly depth?: number;
    };
    readonly shoulder?: { readonly length?: number; readonly slope?: number };
    readonly neckline?: {
      readonly width?: number;
      readonly frontDepth?: number;
      readonly backDepth?: number;
      readonly frontLength?: number;
      readonly backLength?: number;
    };
    readonly includesSeamAllowance?: number;
    readonly alterations?: readonly Alteration[];
  } & Partial<BlockChoices>;
  readonly cloth?: { readonly kind?: ClothKind; readonly takes?: ClothTakes | undefined };
  readonly collar?: { readonly kind?: CollarKindName } & {
    readonly [field in CollarFieldName]?: number | undefined;
  } & {
    readonly [choice in CollarChoiceName]?: CollarChoiceOf<choice>;
  };
  readonly sleeve?: { readonly [style in StyleKind]?: Readonly<Record<string, number | undefined>> } & {
    readonly kind?: SleeveKind;
    readonly hem?: Partial<HemChoices>;
    readonly method?: SetInMethod;
    readonly capEase?: number | undefined;
    readonly upperArmEase?: number | undefined;
    readonly fullnessChange?: number | undefined;
    readonly backEaseShare?: number;
    readonly lowerEase?: { readonly front?: number; readonly back?: number };
    readonly surplus?: SurplusWay | undefined;
    readonly curve?: CapCurve | undefined;
    readonly capHeightChange?: number;
    readonly capWidthChange?: number;
    readonly elbowEase?: number | undefined;
    readonly wristEase?: number | undefined;
    readonly length?: number;
    readonly hemTurnUp?: number;
    readonly elbowDart?: number | undefined;
    readonly cut?: SleeveCut;
    readonly frontSeamUnder?: number;
    readonly backSeamUnder?: number;
    readonly notches?: { readonly front?: number; readonly back?: number };
  };
};

/** A way out that the program can take by itself. */
export type Remedy = { readonly id: string; readonly label: Phrase; readonly change: SpecChange };

/** Something a good colleague would say about the draft. */
export type Finding = {
  readonly code: string;
  readonly severity: Severity;
  /** The station where it is mended. */
  readonly station: "measures" | "block" | "sleeve" | "collar" | "match";
  readonly message: Phrase;
  /** The piece that it is about, by its id, where it is about one. */
  readonly piece?: string;
  /** Why it matters on the body or at the machine, in one sentence. */
  readonly reason: Phrase;
  /** Millimetres. */
  readonly numbers: Readonly<Record<string, number>>;
  readonly remedies: readonly Remedy[];
};
