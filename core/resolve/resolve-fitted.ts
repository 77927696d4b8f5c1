import {
  type BlockChoices,
  type BlockMeasures,
  type BodyAlteration,
  type BustDartPlace,
  EASE_LEVELS,
  type EaseGarment,
  type FittedBlock,
  type FittedEase,
  type FittedTask,
  fittedShoulderLength,
  isOfBody,
  TYPED_FIGURES,
  typedFigureOf,
  usualEase,
  usualGarment,
  usualGathers,
} from "../block";
import { type FittedEstimates, fittedEstimates } from "../body";
import { type ClothKind, DEFAULT_CLOTH } from "../cloth";
import { eachOf } from "../data";
import { length, phrase } from "../draft";
import { DEGREE } from "../geometry";
import type { DraftedBlockSpec, GarmentSpec } from "../spec";
import { bustDartOf, isOfKnit, isWithBodice, resolveFittedChoices } from "./fitted-choices";
import { type SettledFitted, settledOf, settleFitted } from "./settle-fitted";
import type { TakeDefault, TakeMeasure } from "./take-default";
import { COMMON } from "./usual-block";

/** A fitted block with everything it was drafted from. */
export type ResolvedFitted = SettledFitted & {
  readonly school: "fitted";
  /** What it was to be drafted from, before a default that cannot be drawn gave way. */
  readonly asked: FittedTask;
  readonly garment: EaseGarment;
  readonly bodyAlterations: readonly BodyAlteration[];
  readonly body: BlockMeasures;
  readonly choices: BlockChoices;
  /** The place of the bust dart that was asked for, where the sleeve has none there; else null. */
  readonly movedDart: BustDartPlace | null;
};

/** How much of a longer back shoulder a cloth eases in, at most (from memory). */
const SHOULDER_EASE_MM: Readonly<Record<ClothKind, number>> = {
  knit: 3,
  "crisp-woven": 5,
  shirting: 6,
  "medium-woven": 8,
  "soft-wool": 10,
};
/** How much longer a back shoulder is. */
const BACK_LONGER_MM = 8;
/** A side that is half fitted comes in by so much at most, and a knit's by more. */
const SIDE_INTAKE_MM = { half: 12, knit: 20, fitted: 34 } as const;
/** So much of a dart a woven front takes as ease in its armhole. */
const DART_EASE_DEGREES = 3;
/** A bust dart ends an inch short of the bust point. */
const DART_SHORT_MM = 25;
/** A side dart keeps clear of the underarm, which a raglan lowers by 1 1/2 in and more. */
const SIDE_DART_BELOW_MM = { usual: 40, lowered: 100 } as const;
/** Every figure and choice of a fitted block, each default listed, and the block solved from them. */
export function resolveFitted(
  spec: GarmentSpec,
  block: DraftedBlockSpec,
  bust: number,
  takeMeasure: TakeMeasure,
  takeDefault: TakeDefault,
  before: { readonly school: "quick" } | ResolvedFitted | null,
): ResolvedFitted {
  const given = spec.body;
  const estimates = fittedEstimates(given, bust, spec.proportions ?? "woman");
  const take = (id: keyof FittedEstimates, isNeeded = true) =>
    takeMeasure(`body.${id}`, given[id], () => estimates[id], isNeeded);
  const cloth = spec.cloth.kind ?? DEFAULT_CLOTH;
  const style = takeDefault("block.style", block.style, "woven", phrase`the usual bodice`, COMMON);
  const garment: EaseGarment = takeDefault(
    "block.garment",
    block.garment,
    usualGarment(style),
    phrase`usual for this bodice`,
    COMMON,
  );
  const { ease, quarters } = resolveEase(block, usualEase(garment, cloth, bust, block.workroomEase), takeDefault);
  const slope = take("shoulderSlope", false) * DEGREE;
  const neckBase = take("neckBase");
  const shoulderWidth = take("shoulderWidth");
  const shoulderLength = takeMeasure(
    "body.shoulderLength",
    given.shoulderLength,
    () => {
      const value = fittedShoulderLength(shoulderWidth, neckBase, ease.neckline, slope);
      return {
        value,
        rule: phrase`from across shoulders ${length(shoulderWidth)}, the neck’s width and the slope`,
        source: "geometry",
      };
    },
    false,
  );
  const choices = resolveFittedChoices(block, spec, garment, quarters, takeDefault);
  const body: FittedTask["body"] = {
    bust,
    upperBust: Math.min(bust, take("upperBust")),
    waist: take("waist"),
    hip: take("hip"),
    neckBase,
    shoulderWidth,
    shoulderLength,
    shoulderSlope: slope,
    backWidth: take("backWidth"),
    frontWidth: take("frontWidth"),
    backLength: take("backLength"),
    frontToBust: take("frontToBust"),
    frontToWaist: given.frontToWaist ?? null,
    bustSpan: take("bustSpan"),
    armholeGirth: take("armholeGirth"),
    armholeDepth: take("armholeDepth", false),
    waistToHip: take("waistToHip", false),
    height: take("height", false),
    stoop: 0,
  };
  const { place, movedDart } = bustDartOf(spec, block, garment, choices, body, takeDefault);
  const isStraight = choices.sideSeam === "straight" || choices.shaping === "none" || choices.gathers !== "none";
  const { typed } = choices;
  const dartEase = takeDefault(
    "block.dartEase",
    block.dartEase,
    isOfKnit(choices.style, garment) ? 0 : DART_EASE_DEGREES,
    phrase`what an armhole takes as ease`,
    "from memory",
  );
  const asked: FittedTask = {
    body,
    ease,
    choices: {
      bustDart: place,
      dartEase: dartEase * DEGREE,
      dartShort: takeDefault("block.dartShort", block.dartShort, DART_SHORT_MM, phrase`usual`, "from memory"),
      silhouette: isStraight ? "straight" : "fitted",
      sideIntake:
        choices.sideSeam === "straight"
          ? 0
          : choices.sideSeam === "fitted"
            ? SIDE_INTAKE_MM.fitted
            : garment === "t-shirt"
              ? SIDE_INTAKE_MM.knit
              : SIDE_INTAKE_MM.half,
      waistShare: choices.sideSeam === "half" ? 0.5 : 1,
      centreBack: centreBackOf(spec, block),
      armhole: choices.style === "dropped" ? "dropped" : "set-in",
      shoulderBeyond: choices.shoulderEase + choices.shoulderExtension,
      chestLevel: typed.chestLevel ?? null,
      inset: { front: typed.frontInset ?? null, back: typed.backInset ?? null },
      // What runs over the shoulder in one with the sleeve has no seam there to ease.
      shoulderEase:
        choices.style === "dropped" || isWithBodice(spec) ? 0 : Math.min(BACK_LONGER_MM, SHOULDER_EASE_MM[cloth]),
      // A knit gives over a rounded back: nobody sews a dart into its shoulder.
      backShoulderDart: block.backShoulderDart ?? (isOfKnit(choices.style, garment) ? 0 : null),
      sideDartBelow: isWithBodice(spec) ? SIDE_DART_BELOW_MM.lowered : SIDE_DART_BELOW_MM.usual,
      sideForward: 0,
      tipForward: 0,
    },
    typed,
    neck: {
      front: {
        width: typed.frontNeckWidth ?? null,
        depth: typed.frontNeckDepth ?? null,
        shape: choices.neckShape,
        higher: 0,
      },
      back: {
        width: typed.backNeckWidth ?? null,
        depth: typed.backNeckDepth ?? null,
        shape: choices.neckShape,
        higher: choices.backHigher,
      },
    },
    length: choices.bodyLength,
    dartIntake: choices.shaping === "none" ? 0 : (block.dartIntake ?? null),
    underbustBelow:
      given.frontToUnderbust !== undefined && given.frontToUnderbust > body.frontToBust
        ? given.frontToUnderbust - body.frontToBust
        : null,
    gathered: usualGathers((bust + ease.bust) / 4, choices),
    buttonStand: choices.buttonStand,
    frontHemDrop: 0,
    backWaistRise: 0,
  };
  const bodyAlterations = (block.alterations ?? []).filter(isOfBody);
  const asking = ({ asked, bodyAlterations }: Pick<ResolvedFitted, "asked" | "bodyAlterations">) =>
    JSON.stringify([asked, bodyAlterations]);
  const isSame = before?.school === "fitted" && asking(before) === asking({ asked, bodyAlterations });
  const settled = isSame
    ? settledOf(before)
    : settleFitted(asked, block, given.armholeGirth !== undefined, bodyAlterations);
  const { task, drafted, frontToWaist } = settled;
  if (settled.armholeEase !== ease.armhole)
    takeDefault("block.ease.armhole", undefined, settled.armholeEase, ARMHOLE_SETTLED, "geometry");
  listSolved(drafted, task, block, takeDefault);
  if (frontToWaist !== null)
    takeMeasure("body.frontToWaist", given.frontToWaist, () => ({
      value: frontToWaist,
      rule: phrase`as the bust dart and the balance of both armholes ask`,
      source: "solved",
    }));
  return {
    school: "fitted",
    asked,
    ...settled,
    bodyAlterations,
    garment,
    body: blockMeasures(spec, body),
    choices,
    movedDart,
  };
}

const ARMHOLE_SETTLED = phrase`the nearest to the usual one with which an armhole runs between this shoulder and this waist`;

function blockMeasures({ body: given }: GarmentSpec, body: FittedTask["body"]): BlockMeasures {
  return { ...body, underbust: given.underbust ?? null };
}

/** Whole girths as typed, else four times what was typed for a quarter, else as is usual; and what a quarter then has. */
function resolveEase(block: DraftedBlockSpec, usual: FittedEase, takeDefault: TakeDefault) {
  const quarters: Readonly<Partial<Record<keyof FittedEase, number | undefined>>> = {
    bust: block.chestEase,
    waist: block.waistEase,
    hip: block.hipEase,
  };
  const ease: FittedEase = eachOf(EASE_LEVELS, (level) => {
    const quarter = quarters[level];
    const typed = block.ease?.[level] ?? (quarter === undefined ? undefined : 4 * quarter);
    const isOfWorkroom = block.workroomEase?.[level] !== undefined;
    return takeDefault(
      `block.ease.${level}`,
      typed,
      usual[level],
      isOfWorkroom
        ? phrase`the workroom’s own table, for the size`
        : phrase`usual for the garment, its cloth and the size`,
      isOfWorkroom ? "choice" : "from memory",
    );
  });
  return { ease, quarters: { chest: ease.bust / 4, waist: ease.waist / 4, hip: ease.hip / 4 } };
}

/** Shaping in the centre back: as typed; solved where there is a seam to take it; none on a fold. */
function centreBackOf({ bodice }: GarmentSpec, { centreBackShaping }: DraftedBlockSpec): number | null {
  if (centreBackShaping !== undefined) return centreBackShaping;
  return bodice.back === "seam" || bodice.back === "zip" ? null : 0;
}

/** The figures that may be typed, as the block was solved, listed for those that were not. */
function listSolved(
  drafted: FittedBlock,
  { gathered }: FittedTask,
  block: DraftedBlockSpec,
  takeDefault: TakeDefault,
): void {
  if (!drafted.ok) return;
  for (const name of TYPED_FIGURES) {
    const found = typedFigureOf({ figures: drafted.block.figures, gathered }, name);
    if (found) takeDefault(`block.${name}`, block[name], found.value, found.rule, "solved");
  }
}
