import type { SleeveBody } from "../body";
import type { Cloth } from "../cloth";
import { length, type Phrase, percent, phrase, type Source } from "../draft";
import { isDropped, type SleeveKind, type SleeveStyle, sewnStyleOf, styleOf } from "../sleeve/all-styles";
import type { HemChoices } from "../sleeve/finish";
import { SLEEVE_REACHES } from "../sleeve/reach";
import type { CapCurve, CapGuides, Placement, SetInMethod, SurplusWay, TwoPieceChoices } from "../sleeve/set-in";
import type { SleeveSpec } from "../spec";
import { resolveHem } from "./resolve-hem";
import type { TakeDefault } from "./take-default";

/** The back takes a little more of the ease: 45 to 55 (common practice, no source). */
const BACK_EASE_SHARE = 0.55;
/** 1 1/2 in over the elbow, from memory. */
const ELBOW_EASE_MM = 38.1;
/** 1 1/2 in over the wrist where the hand was not measured, from memory. */
const WRIST_EASE_MM = 38.1;
/** A quarter inch in the half is the least so that a hand passes (common practice, no source). */
const LEAST_WRIST_EASE_MM = 12.7;

export type ResolvedSleeve = {
  readonly kind: SleeveKind;
  /** The lengths of the style by the names of its fields; nothing for the plain sleeve. */
  readonly styleLengths: Readonly<Record<string, number>>;
  readonly hem: HemChoices;
  readonly method: SetInMethod;
  readonly capEase: number;
  readonly backEaseShare: number;
  readonly upperArmEase: number;
  /** Null where it was left to its default. */
  readonly upperArmEaseGiven: number | null;
  readonly elbowEase: number;
  readonly wristEase: number;
  readonly length: number;
  /** How far down the arm from the shoulder point it begins: a dropped shoulder lies over the arm. */
  readonly beginsBelow: number;
  /** The whole width at the hem; null for the wrist and its ease. */
  readonly hemWidth: number | null;
  readonly isStraight: boolean;
  readonly hemTurnUp: number;
  readonly elbowDart: number;
  readonly isTwoPiece: boolean;
  /** Of the plain sleeve only. */
  readonly twoPiece: TwoPieceChoices | null;
  readonly capHeight: number | null;
  readonly placement: Placement | null;
  /** Null for the one usual with its method. */
  readonly curve: CapCurve | null;
  readonly fullnessChange: number;
  readonly guides: CapGuides;
  readonly surplus: SurplusWay | null;
  readonly lowerEase: { readonly front: number; readonly back: number };
  readonly capHeightChange: number;
  readonly capWidthChange: number;
  readonly notches: { readonly front?: number | undefined; readonly back?: number | undefined };
};

/** `ofBlock`: what its shoulder reaches beyond its point, and the ease over the upper arm that goes with it; null where it has none. */
export function resolveSleeve(
  sleeve: SleeveSpec,
  body: SleeveBody,
  cloth: Cloth,
  ofBlock: { readonly shoulderExtension: number; readonly upperArmEase: number | null },
  takeDefault: TakeDefault,
): ResolvedSleeve {
  const { shoulderExtension } = ofBlock;
  const wristEase =
    body.hand === undefined
      ? WRIST_EASE_MM
      : Math.max(LEAST_WRIST_EASE_MM, body.hand - body.wrist + LEAST_WRIST_EASE_MM);
  const wristRule =
    body.hand === undefined
      ? phrase`usual where the hand was not measured`
      : phrase`so that the hand, ${length(body.hand)}, passes`;
  const style = styleOf(sleeve.kind);
  const fitting = sewnStyleOf(sleeve.kind)?.fitting;
  const method: SetInMethod =
    fitting?.method ??
    takeDefault(
      "sleeve.method",
      sleeve.method,
      "fit-first",
      phrase`the only method that fits arm and armhole together`,
      "choice",
    );
  const whole = takeDefault("sleeve.length", sleeve.length, ...usualLength(sleeve, style, body, shoulderExtension));
  const beginsBelow = isDropped(sleeve.kind) ? shoulderExtension : 0;
  const armEase = takeDefault(
    "sleeve.upperArmEase",
    sleeve.upperArmEase,
    ...usualUpperArmEase(method, cloth, ofBlock.upperArmEase),
  );
  return {
    kind: sleeve.kind,
    styleLengths: style ? resolveStyle(sleeve, sleeve.kind, style, takeDefault) : {},
    hem: resolveHem(sleeve, style?.usualFinish ?? "plain", body, whole + beginsBelow, takeDefault),
    method,
    capEase:
      fitting?.capEase ??
      takeDefault(
        "sleeve.capEase",
        sleeve.capEase,
        middle(cloth.capEase),
        phrase`middle of what ${cloth.name.toLowerCase()} ${cloth.source === "choice" ? "takes here" : "usually takes"}, ${length(cloth.capEase.least)} to ${length(cloth.capEase.most)}`,
        cloth.source,
      ),
    backEaseShare: takeDefault(
      "sleeve.backEaseShare",
      sleeve.backEaseShare,
      BACK_EASE_SHARE,
      phrase`slightly more ease at the back`,
      "common practice, no source",
    ),
    upperArmEase: armEase,
    upperArmEaseGiven: sleeve.upperArmEase ?? null,
    elbowEase: takeDefault("sleeve.elbowEase", sleeve.elbowEase, ...elbowEase(armEase)),
    wristEase: takeDefault("sleeve.wristEase", sleeve.wristEase, wristEase, wristRule, "from memory"),
    length: whole,
    beginsBelow,
    hemWidth: sleeve.hemWidth ?? null,
    isStraight: sleeve.sides === "straight",
    hemTurnUp: sleeve.hemTurnUp ?? 0,
    elbowDart: sleeve.elbowDart ?? 0,
    isTwoPiece: sleeve.cut === "two-piece",
    twoPiece: sleeve.cut === "two-piece" && !style ? resolveTwoPiece(sleeve, takeDefault) : null,
    capHeight: sleeve.capHeight ?? null,
    placement: sleeve.placement ?? fitting?.placement ?? null,
    curve: sleeve.curve ?? null,
    fullnessChange: sleeve.fullnessChange ?? 0,
    guides: { front: sleeve.guides?.front ?? {}, back: sleeve.guides?.back ?? {} },
    surplus: sleeve.surplus ?? null,
    lowerEase: { front: sleeve.lowerEase?.front ?? 0, back: sleeve.lowerEase?.back ?? 0 },
    capHeightChange: sleeve.capHeightChange ?? 0,
    capWidthChange: sleeve.capWidthChange ?? 0,
    notches: sleeve.notches ?? {},
  };
}

type Usual = readonly [number, Phrase, Source];

/** 4 in over the upper arm, on a loose sleeve of a chosen cap height (common practice, no source). */
const LOOSE_EASE_MM = 101.6;

/** What the sleeve is wider than the arm where nobody said. */
export function usualUpperArmEase(method: SetInMethod, cloth: Cloth, ofBlock: number | null = null): Usual {
  if (method === "chosen-height")
    return [LOOSE_EASE_MM, phrase`${length(LOOSE_EASE_MM)} on a loose sleeve`, "common practice, no source"];
  // A fitted block has its ease for the garment; a workroom's own cloth says what it takes itself.
  if (ofBlock !== null && cloth.source !== "choice")
    return [ofBlock, phrase`as the ease of the block has it`, "from memory"];
  const { least, most } = cloth.upperArmEase;
  return [
    middle(cloth.upperArmEase),
    phrase`middle of what ${cloth.name.toLowerCase()} ${cloth.source === "choice" ? "takes here" : "usually takes"}, ${length(least)} to ${length(most)}`,
    cloth.source === "choice" ? "choice" : "from memory",
  ];
}

function middle({ least, most }: { readonly least: number; readonly most: number }): number {
  return (least + most) / 2;
}

/** The elbow has no more ease than the upper arm: in a knit it clings as the rest does. */
function elbowEase(upperArmEase: number): Usual {
  return upperArmEase < ELBOW_EASE_MM
    ? [upperArmEase, phrase`as over the upper arm`, "from memory"]
    : [ELBOW_EASE_MM, phrase`usual`, "from memory"];
}

/** How long the sleeve is where nobody said: by how far it is to reach, its style’s share of the arm, or the arm less what the shoulder is dropped over it. */
function usualLength(
  { kind, reach }: Pick<SleeveSpec, "kind" | "reach">,
  style: SleeveStyle | null,
  { armLength }: SleeveBody,
  shoulderExtension: number,
): Usual {
  if (reach !== undefined) {
    const { share } = SLEEVE_REACHES[reach];
    const shoulder = isDropped(kind) ? shoulderExtension : 0;
    return [
      armLength * share - shoulder,
      shoulder > 0
        ? phrase`${percent(share)} of the arm’s length, less what the shoulder is extended by, ${length(shoulder)}`
        : phrase`${percent(share)} of the arm’s length`,
      "from memory",
    ];
  }
  if (isDropped(kind)) {
    return [
      armLength - shoulderExtension,
      phrase`arm ${length(armLength)} − what the shoulder is extended by, ${length(shoulderExtension)}`,
      "geometry",
    ];
  }
  const share = style?.usualLengthShare ?? 1;
  return share < 1
    ? [armLength * share, phrase`${percent(share)} of the arm’s length`, "from memory"]
    : [armLength, phrase`the arm's length`, "geometry"];
}

/** 3/4 in, 3/8 in and 1/2 in, all from memory. */
const TWO_PIECE_MM = { frontUnder: 19.05, backUnder: 9.525, elbowHollow: 12.7 } as const;

function resolveTwoPiece(sleeve: SleeveSpec, takeDefault: TakeDefault): TwoPieceChoices {
  const { frontUnder, backUnder, elbowHollow } = TWO_PIECE_MM;
  const hidden = phrase`so that the seam is out of sight`;
  return {
    frontUnder: takeDefault("sleeve.frontSeamUnder", sleeve.frontSeamUnder, frontUnder, hidden, "from memory"),
    backUnder: takeDefault("sleeve.backSeamUnder", sleeve.backSeamUnder, backUnder, hidden, "from memory"),
    elbowHollow: takeDefault(
      "sleeve.elbowHollow",
      sleeve.elbowHollow,
      elbowHollow,
      phrase`the arm hangs bent a little`,
      "from memory",
    ),
  };
}

function resolveStyle(sleeve: SleeveSpec, kind: SleeveKind, style: SleeveStyle, takeDefault: TakeDefault) {
  const given: { readonly [name in string]?: number | undefined } = (kind !== "set-in" && sleeve[kind]) || {};
  return Object.fromEntries(
    Object.entries(style.fields).map(([name, { usual, rule, source }]) => [
      name,
      takeDefault(`sleeve.${kind}.${name}`, given[name], usual, rule, source),
    ]),
  );
}
