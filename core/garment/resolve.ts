import {
  estimateArmLength,
  estimateBust,
  estimateElbow,
  estimateShoulderToElbow,
  estimateUpperArm,
  estimateWrist,
  type SleeveBody,
} from "../body";
import { type Cloth, clothOf, DEFAULT_CLOTH } from "../cloth";
import { length, type Phrase, phrase, type Source } from "../draft";
import type { CapCurve, Placement, SetInMethod, SurplusWay, TwoPieceChoices } from "../sleeve/set-in";
import { blockNeedsBust, type ResolvedBlock, resolveBlock } from "./resolve-block";
import type { GarmentSpec, SleeveSpec } from "./spec";
import type { Chosen, Measured } from "./take-default";

/** A figure that the file left out: what was taken instead, by what rule. */
export type DefaultTaken = {
  readonly path: string;
  readonly value: number | string;
  readonly rule: Phrase;
  readonly source: Source;
  /** True for a measurement that nobody took; false for an ordinary choice. */
  readonly isStandIn: boolean;
  /** True when what is drafted rests on it: a stand-in that is needed has to be measured before cutting. */
  readonly isNeeded: boolean;
};

export type ResolvedSleeve = {
  readonly method: SetInMethod;
  readonly capEase: number;
  readonly backEaseShare: number;
  readonly upperArmEase: number;
  readonly elbowEase: number;
  readonly wristEase: number;
  readonly length: number;
  readonly hemTurnUp: number;
  readonly elbowDart: number;
  readonly twoPiece: TwoPieceChoices | null;
  readonly capHeight: number | null;
  readonly placement: Placement | null;
  /** Null for the one usual with its method. */
  readonly curve: CapCurve | null;
  readonly fullnessChange: number;
  readonly surplus: SurplusWay | null;
  readonly lowerEase: { readonly front: number; readonly back: number };
  readonly capHeightChange: number;
  readonly capWidthChange: number;
  readonly notches: { readonly front?: number | undefined; readonly back?: number | undefined };
};

export type ResolvedSpec = {
  readonly body: SleeveBody;
  readonly block: ResolvedBlock;
  readonly cloth: Cloth;
  readonly sleeve: ResolvedSleeve | null;
  readonly defaults: readonly DefaultTaken[];
};

/** The back takes a little more of the ease: 45 to 55 (common practice, no source). */
const BACK_EASE_SHARE = 0.55;
/** 1 1/2 in over the elbow, from memory. */
const ELBOW_EASE_MM = 38.1;
/** 1 1/2 in over the wrist where the hand was not measured, from memory. */
const WRIST_EASE_MM = 38.1;
/** A quarter inch in the half is the least so that a hand passes (common practice, no source). */
const LEAST_WRIST_EASE_MM = 12.7;

/** Takes every default in one place, and lists each one taken. */
export function resolveSpec(spec: GarmentSpec): ResolvedSpec {
  const defaults: DefaultTaken[] = [];
  const measured: Measured = (path, given, estimate, isNeeded = true) => {
    if (given !== undefined) return given;
    const { value, rule, source } = estimate();
    if (!defaults.some((taken) => taken.path === path)) {
      defaults.push({ path, value, rule, source, isStandIn: true, isNeeded });
    }
    return value;
  };
  const chosen: Chosen = (path, given, value, rule, source) => {
    if (given !== undefined) return given;
    defaults.push({ path, value, rule, source, isStandIn: false, isNeeded: true });
    return value;
  };

  const body = resolveBody(spec, measured);
  const cloth = clothOf(
    chosen("cloth.kind", spec.cloth.kind, DEFAULT_CLOTH, phrase`the usual cloth of a set-in sleeve`, "choice"),
    spec.cloth.takes,
  );
  return {
    body,
    block: resolveBlock(spec, body.bust, measured, chosen),
    cloth,
    sleeve: spec.sleeve && resolveSleeve(spec.sleeve, body, cloth, chosen),
    defaults,
  };
}

function resolveBody(spec: GarmentSpec, measured: Measured): SleeveBody {
  const given = spec.body;
  const needsBust =
    spec.sleeve?.method === "bust-twelfth" || given.upperArm === undefined || blockNeedsBust(spec.block);
  const bust = needsBust ? measured("body.bust", given.bust, estimateBust) : (given.bust ?? estimateBust().value);
  const upperArm = measured("body.upperArm", given.upperArm, () => estimateUpperArm(bust));
  const armLength =
    spec.sleeve?.length !== undefined
      ? (given.armLength ?? spec.sleeve.length)
      : measured("body.armLength", given.armLength, estimateArmLength);
  return {
    ...given,
    bust,
    upperArm,
    elbow: measured("body.elbow", given.elbow, () => estimateElbow(upperArm)),
    wrist: measured("body.wrist", given.wrist, () => estimateWrist(upperArm)),
    armLength,
    shoulderToElbow: measured("body.shoulderToElbow", given.shoulderToElbow, () => estimateShoulderToElbow(armLength)),
  };
}

function resolveSleeve(sleeve: SleeveSpec, body: SleeveBody, cloth: Cloth, chosen: Chosen): ResolvedSleeve {
  const middle = (range: { readonly least: number; readonly most: number }) => (range.least + range.most) / 2;
  const wristEase =
    body.hand === undefined
      ? WRIST_EASE_MM
      : Math.max(LEAST_WRIST_EASE_MM, body.hand - body.wrist + LEAST_WRIST_EASE_MM);
  const wristRule =
    body.hand === undefined
      ? phrase`usual where the hand was not measured`
      : phrase`so that the hand, ${length(body.hand)}, passes`;
  return {
    method: chosen(
      "sleeve.method",
      sleeve.method,
      "fit-first",
      phrase`the only method that fits arm and armhole together`,
      "choice",
    ),
    capEase: chosen(
      "sleeve.capEase",
      sleeve.capEase,
      middle(cloth.capEase),
      phrase`middle of what ${cloth.name.toLowerCase()} ${cloth.source === "choice" ? "takes here" : "usually takes"}, ${length(cloth.capEase.least)} to ${length(cloth.capEase.most)}`,
      cloth.source,
    ),
    backEaseShare: chosen(
      "sleeve.backEaseShare",
      sleeve.backEaseShare,
      BACK_EASE_SHARE,
      phrase`slightly more ease at the back`,
      "common practice, no source",
    ),
    upperArmEase: chosen(
      "sleeve.upperArmEase",
      sleeve.upperArmEase,
      middle(cloth.upperArmEase),
      phrase`middle of what ${cloth.name.toLowerCase()} ${cloth.source === "choice" ? "takes here" : "usually takes"}, ${length(cloth.upperArmEase.least)} to ${length(cloth.upperArmEase.most)}`,
      cloth.source === "choice" ? "choice" : "from memory",
    ),
    elbowEase: chosen("sleeve.elbowEase", sleeve.elbowEase, ELBOW_EASE_MM, phrase`usual`, "from memory"),
    wristEase: chosen("sleeve.wristEase", sleeve.wristEase, wristEase, wristRule, "from memory"),
    length: chosen("sleeve.length", sleeve.length, body.armLength, phrase`the arm's length`, "geometry"),
    hemTurnUp: sleeve.hemTurnUp ?? 0,
    elbowDart: sleeve.elbowDart ?? 0,
    twoPiece: sleeve.cut === "two-piece" ? resolveTwoPiece(sleeve, chosen) : null,
    capHeight: sleeve.capHeight ?? null,
    placement: sleeve.placement ?? null,
    curve: sleeve.curve ?? null,
    fullnessChange: sleeve.fullnessChange ?? 0,
    surplus: sleeve.surplus ?? null,
    lowerEase: { front: sleeve.lowerEase?.front ?? 0, back: sleeve.lowerEase?.back ?? 0 },
    capHeightChange: sleeve.capHeightChange ?? 0,
    capWidthChange: sleeve.capWidthChange ?? 0,
    notches: sleeve.notches ?? {},
  };
}

/** 3/4 in, 3/8 in and 1/2 in, all from memory. */
const TWO_PIECE_MM = { frontUnder: 19.05, backUnder: 9.525, elbowHollow: 12.7 } as const;

function resolveTwoPiece(sleeve: SleeveSpec, chosen: Chosen): TwoPieceChoices {
  const { frontUnder, backUnder, elbowHollow } = TWO_PIECE_MM;
  const hidden = phrase`so that the seam is out of sight`;
  return {
    frontUnder: chosen("sleeve.frontSeamUnder", sleeve.frontSeamUnder, frontUnder, hidden, "from memory"),
    backUnder: chosen("sleeve.backSeamUnder", sleeve.backSeamUnder, backUnder, hidden, "from memory"),
    elbowHollow: chosen(
      "sleeve.elbowHollow",
      sleeve.elbowHollow,
      elbowHollow,
      phrase`the arm hangs bent a little`,
      "from memory",
    ),
  };
}
