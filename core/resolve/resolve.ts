import type { BodiceChoices } from "../bodice";
import type { Body } from "../body";
import {
  type Estimate,
  estimateArmLength,
  estimateAroundShoulders,
  estimateBackLength,
  estimateBust,
  estimateElbow,
  estimateShoulderToElbow,
  estimateUpperArm,
  estimateWrist,
  type SleeveBody,
} from "../body";
import { type Cloth, clothOf, DEFAULT_CLOTH } from "../cloth";
import { collarOf, type FrontClosing } from "../collar";
import { type Phrase, phrase, type Source } from "../draft";
import { isDropped, styleOf } from "../sleeve/all-styles";
import type { GarmentSpec } from "../spec";
import { emptyGarment } from "../spec";
import { blockNeedsBust, type ResolvedBlock, resolveBlock } from "./resolve-block";
import { resolveBodicePieces } from "./resolve-bodice";
import { type ResolvedCollar, resolveCollar } from "./resolve-collar";
import { type ResolvedSleeve, resolveSleeve } from "./resolve-sleeve";
import type { TakeDefault, TakeMeasure } from "./take-default";

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

export type ResolvedSpec = {
  readonly body: SleeveBody;
  readonly block: ResolvedBlock;
  readonly cloth: Cloth;
  readonly sleeve: ResolvedSleeve | null;
  readonly collar: ResolvedCollar | null;
  /** What a sleeve that is cut with the bodice rests on beside the arm. */
  readonly bodice: { readonly backLength: number; readonly aroundShoulders: number };
  /** How front and back are cut. */
  readonly pieces: BodiceChoices;
  /** What is added to the edges when they are cut. */
  readonly allowances: Readonly<Record<"general" | "neckline" | "hem" | "curvedHem", number>>;
  readonly defaults: readonly DefaultTaken[];
};

/** Takes every default in one place, and lists each one taken. A block that was solved from the same figures `before` is not solved again. */
export function resolveSpec(spec: GarmentSpec, before: ResolvedBlock | null = null): ResolvedSpec {
  const defaults: DefaultTaken[] = [];
  const takeMeasure: TakeMeasure = (path, given, estimate, isNeeded = true) => {
    if (given !== undefined) return given;
    const { value, rule, source } = estimate();
    if (!defaults.some((taken) => taken.path === path)) {
      defaults.push({ path, value, rule, source, isStandIn: true, isNeeded });
    }
    return value;
  };
  const takeDefault: TakeDefault = (path, given, value, rule, source) => {
    if (given !== undefined) return given;
    // One that is taken otherwise later on stands in the place of the first.
    const before = defaults.findIndex((taken) => taken.path === path);
    defaults.splice(before < 0 ? defaults.length : before, 1, {
      path,
      value,
      rule,
      source,
      isStandIn: false,
      isNeeded: true,
    });
    return value;
  };

  const body = resolveBody(spec, takeMeasure);
  const cloth = clothOf(
    takeDefault("cloth.kind", spec.cloth.kind, DEFAULT_CLOTH, phrase`the usual cloth of a set-in sleeve`, "choice"),
    spec.cloth.takes,
  );
  const block = resolveBlock(spec, body.bust, takeMeasure, takeDefault, before);
  const pieces = resolveBodicePieces(spec, block, body, cloth, takeDefault);
  const shoulderExtension = block.source === "drafted" ? block.choices.shoulderExtension : 0;
  return {
    body,
    block,
    cloth,
    sleeve:
      spec.sleeve &&
      resolveSleeve(
        spec.sleeve,
        body,
        cloth,
        {
          shoulderExtension,
          upperArmEase: block.source === "drafted" && block.school === "fitted" ? block.task.ease.upperArm : null,
        },
        takeDefault,
      ),
    collar: resolveCollar(
      spec.collar,
      // The neck follows from the neck base that the block was solved for.
      block.source === "drafted" && block.school === "fitted" ? { ...body, neckBase: block.task.body.neckBase } : body,
      { buttonStand: buttonStandOf(block, pieces), closing: closingOf(pieces), neckline: null },
      takeMeasure,
      takeDefault,
    ),
    bodice: resolveBodice(spec, body, takeMeasure),
    pieces,
    allowances: resolveAllowances(spec, takeDefault),
    defaults,
  };
}

/** By the tape of the garment: half an inch or a centimetre, a small neck half of that, a hem twice (common practice, no source). */
const ALLOWANCES_MM = {
  in: { general: 12.7, neckline: 6.35, hem: 25.4, curvedHem: 12.7 },
  cm: { general: 10, neckline: 6, hem: 25, curvedHem: 10 },
} as const;

/** What is usual for a person who measures in this unit. Millimetres. */
export const usualAllowances = (unit: GarmentSpec["unit"]): ResolvedSpec["allowances"] =>
  ALLOWANCES_MM[unit === "in" ? "in" : "cm"];

function resolveAllowances({ allowances, unit }: GarmentSpec, takeDefault: TakeDefault): ResolvedSpec["allowances"] {
  const usual = usualAllowances(unit);
  const take = (name: keyof ResolvedSpec["allowances"], rule: Phrase) =>
    takeDefault(`allowances.${name}`, allowances[name], usual[name], rule, "common practice, no source");
  return {
    general: take("general", phrase`usual`),
    neckline: take("neckline", phrase`small, so that the neck is not tightened`),
    hem: take("hem", phrase`usual for a plain hem`),
    curvedHem: take("curvedHem", phrase`turned twice and narrow, since a deep curve does not fold up flat`),
  };
}

export function closingOf({ front }: Pick<BodiceChoices, "front">): FrontClosing {
  return front === "zip" ? "zip" : "buttons";
}

/** What the front reaches beyond its centre, where it buttons. */
export function buttonStandOf(block: ResolvedBlock, pieces: BodiceChoices): number {
  if (closingOf(pieces) === "zip") return 0;
  if (pieces.cut === "whole" && pieces.stand > 0) return pieces.stand;
  return block.source === "drafted" ? block.choices.buttonStand : 0;
}

function resolveBodice(
  { sleeve, collar, block }: GarmentSpec,
  body: SleeveBody,
  takeMeasure: TakeMeasure,
): ResolvedSpec["bodice"] {
  const isWithBodice = sleeve !== null && (isDropped(sleeve.kind) || styleOf(sleeve.kind)?.family === "bodice");
  const isOffShoulder = sleeve?.kind === "offShoulder";
  const taken = (isAsked: boolean, id: "backLength" | "aroundShoulders", estimate: () => Estimate) =>
    isAsked ? takeMeasure(`body.${id}`, body[id], estimate) : (body[id] ?? estimate().value);
  return {
    backLength: taken(
      (isWithBodice || (collar !== null && collarOf(collar.kind).needsWaist)) && block.source !== "drafted",
      "backLength",
      estimateBackLength,
    ),
    aroundShoulders: taken(isOffShoulder, "aroundShoulders", () => estimateAroundShoulders(body.bust)),
  };
}

function resolveBody(spec: GarmentSpec, takeMeasure: TakeMeasure): SleeveBody {
  const given = spec.body;
  const needsBust =
    (spec.sleeve !== null && (spec.sleeve.method === "bust-twelfth" || given.upperArm === undefined)) ||
    blockNeedsBust(spec.block);
  const bust = needsBust ? takeMeasure("body.bust", given.bust, estimateBust) : (given.bust ?? estimateBust().value);
  const { sleeve } = spec;
  // An arm that nothing is drafted for is estimated without asking for it.
  const ofArm = (id: "upperArm" | "elbow" | "wrist" | "armLength" | "shoulderToElbow", estimate: () => Estimate) =>
    takeMeasure(`body.${id}`, given[id], estimate, sleeve !== null);
  const upperArm = ofArm("upperArm", () => estimateUpperArm(bust));
  const armLength = saidBySleeve(spec) ?? ofArm("armLength", () => estimateArmLength(given));
  return {
    ...given,
    bust,
    upperArm,
    elbow: ofArm("elbow", () => estimateElbow(upperArm)),
    wrist: ofArm("wrist", () => estimateWrist(upperArm)),
    armLength,
    shoulderToElbow: ofArm("shoulderToElbow", () => estimateShoulderToElbow(armLength)),
  };
}

/** A sleeve at least so long, as a share of the arm that would be estimated, is one that reaches the wrist. Our own limit. */
const REACHES_WRIST_SHARE = 0.9;

/** A sleeve that reaches the wrist says how long the arm is; a shorter one, or one of a short style, does not. */
function saidBySleeve({ body, sleeve }: GarmentSpec): number | null {
  if (body.armLength !== undefined || !sleeve || sleeve.length === undefined) return null;
  if ((styleOf(sleeve.kind)?.usualLengthShare ?? 1) < 1) return null;
  return sleeve.length >= REACHES_WRIST_SHARE * estimateArmLength(body).value ? sleeve.length : null;
}

/** What would stand in for the measurements that are missing from this body, each with its rule; by field path, `body.waist`. */
export function estimateBody(body: Body): readonly DefaultTaken[] {
  const spec = { ...emptyGarment("", "mm"), body, block: { source: "drafted" as const } };
  return resolveSpec(spec).defaults.filter((taken) => taken.isStandIn && taken.path.startsWith("body."));
}
