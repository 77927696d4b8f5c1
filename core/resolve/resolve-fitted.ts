import {
  type BlockChoices,
  type BlockMeasures,
  type BustDartPlace,
  draftFitted,
  EASE_LEVELS,
  type EaseGarment,
  type FittedBlock,
  type FittedEase,
  type FittedTask,
  fittedShoulderLength,
  TYPED_FIGURES,
  type TypedFigure,
  usualEase,
  usualGathers,
} from "../block";
import { type FittedEstimates, fittedEstimates } from "../body";
import { type ClothKind, DEFAULT_CLOTH } from "../cloth";
import { length, type Phrase, phrase } from "../draft";
import { isDropped, styleOf } from "../sleeve/all-styles";
import type { DraftedBlockSpec, GarmentSpec } from "../spec";
import type { Chosen, Measured } from "./take-default";
import { COMMON } from "./usual-block";

/** A fitted block with everything it was drafted from. */
export type ResolvedFitted = {
  readonly school: "fitted";
  readonly task: FittedTask;
  readonly garment: EaseGarment;
  readonly drafted: FittedBlock;
  readonly body: BlockMeasures;
  readonly choices: BlockChoices;
  /** The place of the bust dart that was asked for, where the sleeve has none there; else null. */
  readonly movedDart: BustDartPlace | null;
};

const DEGREE = Math.PI / 180;

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
/** A side dart keeps clear of the underarm, which a raglan lowers by 1 1/2 in and more. */
const SIDE_DART_BELOW_MM = { usual: 40, lowered: 100 } as const;
/** A wider dart than this is sewn even where a garment has none as a rule. */
const NO_DART_UP_TO = 5;

/** What goes with each garment where nothing was chosen (common practice, no source). */
const USUAL: Readonly<
  Record<
    EaseGarment,
    {
      readonly shaping: BlockChoices["shaping"];
      readonly side: BlockChoices["sideSeam"];
      readonly length: BlockChoices["bodyLength"];
    }
  >
> = {
  dress: { shaping: "waist-darts", side: "fitted", length: "knee" },
  blouse: { shaping: "waist-darts", side: "fitted", length: "hip" },
  jacket: { shaping: "waist-darts", side: "fitted", length: "below-hip" },
  coat: { shaping: "none", side: "straight", length: "knee" },
  shirt: { shaping: "none", side: "half", length: "below-hip" },
  cardigan: { shaping: "none", side: "half", length: "hip" },
  "t-shirt": { shaping: "none", side: "half", length: "hip" },
};

/** Every figure and choice of a fitted block, each default listed, and the block solved from them. */
export function resolveFitted(
  spec: GarmentSpec,
  block: DraftedBlockSpec,
  bust: number,
  measured: Measured,
  chosen: Chosen,
  before: { readonly school: "quick" } | ResolvedFitted | null,
): ResolvedFitted {
  const given = spec.body;
  const estimates = fittedEstimates(given, bust, spec.proportions ?? "woman");
  const take = (id: keyof FittedEstimates, isNeeded = true) =>
    measured(`body.${id}`, given[id], () => estimates[id], isNeeded);
  const cloth = spec.cloth.kind ?? DEFAULT_CLOTH;
  const style = chosen("block.style", block.style, "woven", phrase`the usual bodice`, COMMON);
  const garment: EaseGarment = chosen(
    "block.garment",
    block.garment,
    style === "knit" ? "t-shirt" : style === "dropped" ? "cardigan" : "blouse",
    phrase`usual for this bodice`,
    COMMON,
  );
  const { ease, quarters } = resolveEase(block, usualEase(garment, cloth, bust), chosen);
  const slope = take("shoulderSlope", false) * DEGREE;
  const neckBase = take("neckBase");
  const shoulderWidth = take("shoulderWidth");
  const shoulderLength = measured(
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
  const choices = resolveChoices(block, spec, garment, quarters, chosen);
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
  };
  const { place, movedDart } = bustDartOf(spec, block, garment, choices, body, chosen);
  const isStraight = choices.sideSeam === "straight" || choices.shaping === "none" || choices.gathers !== "none";
  const { typed } = choices;
  const dartEase = chosen(
    "block.dartEase",
    block.dartEase,
    choices.style === "knit" || garment === "t-shirt" || garment === "cardigan" ? 0 : DART_EASE_DEGREES,
    phrase`what an armhole takes as ease`,
    "from memory",
  );
  const task: FittedTask = {
    body,
    ease,
    choices: {
      bustDart: place,
      dartEase: dartEase * DEGREE,
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
      backShoulderDart: block.backShoulderDart ?? null,
      sideDartBelow: isWithBodice(spec) ? SIDE_DART_BELOW_MM.lowered : SIDE_DART_BELOW_MM.usual,
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
  };
  const isSame = before?.school === "fitted" && JSON.stringify(before.task) === JSON.stringify(task);
  const drafted = isSame ? before.drafted : draftFitted(task);
  listSolved(drafted, block, chosen);
  if (drafted.ok && given.frontToWaist === undefined) {
    const solved = drafted.block.figures.find(({ id }) => id === "block.frontLength")?.value;
    if (solved !== undefined)
      measured("body.frontToWaist", undefined, () => ({
        value: solved,
        rule: phrase`as the bust dart and the balance of both armholes ask`,
        source: "solved",
      }));
  }
  return { school: "fitted", task, garment, drafted, body: blockMeasures(spec, body), choices, movedDart };
}

function blockMeasures({ body: given }: GarmentSpec, body: FittedTask["body"]): BlockMeasures {
  return { ...body, underbust: given.underbust ?? null };
}

/** Whole girths as typed, else four times what was typed for a quarter, else as is usual; and what a quarter then has. */
function resolveEase(block: DraftedBlockSpec, usual: FittedEase, chosen: Chosen) {
  const quarters: Readonly<Partial<Record<keyof FittedEase, number | undefined>>> = {
    bust: block.chestEase,
    waist: block.waistEase,
    hip: block.hipEase,
  };
  const entries = EASE_LEVELS.map((level) => {
    const quarter = quarters[level];
    const typed = block.ease?.[level] ?? (quarter === undefined ? undefined : 4 * quarter);
    return [
      level,
      chosen(
        `block.ease.${level}`,
        typed,
        usual[level],
        phrase`usual for the garment, its cloth and the size`,
        "from memory",
      ),
    ];
  });
  const ease = Object.fromEntries(entries) as FittedEase;
  return { ease, quarters: { chest: ease.bust / 4, waist: ease.waist / 4, hip: ease.hip / 4 } };
}

/** Shaping in the centre back: as typed; solved where there is a seam to take it; none on a fold. */
function centreBackOf({ bodice }: GarmentSpec, { centreBackShaping }: DraftedBlockSpec): number | null {
  if (centreBackShaping !== undefined) return centreBackShaping;
  return bodice.back === "seam" || bodice.back === "zip" ? null : 0;
}

type Quarters = { readonly chest: number; readonly waist: number; readonly hip: number };

function resolveChoices(
  block: DraftedBlockSpec,
  { sleeve }: GarmentSpec,
  garment: EaseGarment,
  quarters: Quarters,
  chosen: Chosen,
): BlockChoices {
  const usual = USUAL[garment];
  type Choosable = Omit<BlockChoices, "typed">;
  const given: Partial<Choosable> = block;
  const take = <K extends keyof Choosable>(key: K, value: Choosable[K], why: Phrase): Choosable[K] =>
    chosen<Choosable[K]>(`block.${key}`, given[key], value, why, COMMON);
  const ofGarment = phrase`usual for the garment`;
  const style = block.style ?? "woven";
  const isDroppedStyle =
    style === "dropped" || (sleeve !== null && isDropped(sleeve.kind) && block.style === undefined);
  const gathers = take("gathers", "none", phrase`a plain body`);
  return {
    style: isDroppedStyle ? "dropped" : style,
    neckRule: block.neckRule ?? "by-size",
    neckShape: take("neckShape", "round", phrase`the plain neck`),
    armholeRule: block.armholeRule ?? "half-armscye",
    shoulderEase: take("shoulderEase", 0, phrase`none; the fitted block has its shoulder from the body`),
    backSlope: block.backSlope ?? 0,
    frontSlope: block.frontSlope ?? 0,
    shoulderExtension: take("shoulderExtension", isDroppedStyle ? DROPPED_MM : 0, phrase`usual for the shoulder`),
    chestEase: quarters.chest,
    waistEase: quarters.waist,
    hipEase: quarters.hip,
    shaping: take("shaping", isDroppedStyle || style === "knit" ? "none" : usual.shaping, ofGarment),
    dartIntake: block.dartIntake ?? 0,
    shoulderDartIntake: block.shoulderDartIntake ?? 0,
    backShoulderDart: block.backShoulderDart ?? 0,
    centreBackShaping: block.centreBackShaping ?? 0,
    buttonStand: take("buttonStand", 0, phrase`none; ${length(25.4)} to ${length(38.1)} where it buttons`),
    gathers,
    bodyLength: take("bodyLength", usual.length, ofGarment),
    sideSeam: take("sideSeam", gathers === "none" ? (isDroppedStyle ? "straight" : usual.side) : "straight", ofGarment),
    backHigher: take("backHigher", 0, phrase`none; the neck is solved`),
    underbust: block.underbust ?? "free",
    typed: typedOf(block),
  };
}

/** A dropped shoulder runs on beyond its point by half an inch or more (common practice, no source). */
const DROPPED_MM = 25.4;

function typedOf(block: DraftedBlockSpec): BlockChoices["typed"] {
  return Object.fromEntries(TYPED_FIGURES.map((name) => [name, block[name]]));
}

/** The bust dart's place: as chosen, or with the shaping; a sleeve that takes the shoulder along leaves only the side. */
function bustDartOf(
  spec: GarmentSpec,
  block: DraftedBlockSpec,
  garment: EaseGarment,
  { shaping, style, gathers }: BlockChoices,
  body: FittedTask["body"],
  chosen: Chosen,
) {
  const { sleeve, bodice } = spec;
  const isKnit = style === "knit" || garment === "t-shirt" || garment === "cardigan";
  const cup = (body.bust - body.upperBust) / (2 * CUP_HEIGHT_MM) / DEGREE;
  const plain: BustDartPlace =
    isKnit || gathers !== "none" || sleeve?.kind === "kimono" || (shaping === "none" && cup <= NO_DART_UP_TO)
      ? "ease"
      : shaping === "shoulder-darts"
        ? "shoulder"
        : "side";
  const usual: BustDartPlace = shaping === "princess-shoulder" || shaping === "princess-armhole" ? shaping : plain;
  const asked = chosen("block.bustDart", block.bustDart, usual, phrase`goes with the shaping and the garment`, COMMON);
  // A princess line is cut only where the shaping has one.
  const fit = asked.startsWith("princess") && asked !== shaping ? "side" : asked;
  const sewn = bodice.panels === "whole" ? withoutPanels(fit) : fit;
  const place = isWithBodice(spec) && sewn !== "ease" && sewn !== "waist" ? "side" : sewn;
  return { place, movedDart: place === asked || sewn !== fit ? null : asked };
}

/** Does the sleeve take a part of front and back along? */
function isWithBodice({ sleeve }: GarmentSpec): boolean {
  return sleeve !== null && styleOf(sleeve.kind)?.family === "bodice";
}

/** Where the pieces are not cut apart, the dart lies where the seam would begin. */
function withoutPanels(place: BustDartPlace): BustDartPlace {
  return place === "princess-shoulder" ? "shoulder" : place === "princess-armhole" ? "armhole" : place;
}

/** A usual height from across front to the bust point, to tell whether there is a bust to speak of. */
const CUP_HEIGHT_MM = 137;

/** Each figure that may be typed, and the block's own of it. */
const SOLVED_FIGURES = [
  ["frontNeckWidth", "block.neck.frontWidth"],
  ["backNeckWidth", "block.neck.width"],
  ["frontNeckDepth", "block.neck.frontDepth"],
  ["backNeckDepth", "block.neck.backDepth"],
  ["frontInset", "block.inset.front"],
  ["backInset", "block.inset.back"],
  ["chestLevel", "block.chestLevel"],
  ["bustLevel", "block.bustLevel"],
  ["underbustLevel", "block.underbustLevel"],
  ["waistLevel", "block.waistLevel"],
  ["hipLevel", "block.hipLevel"],
  ["length", "block.length"],
  ["dartInner", "block.dart.inner"],
  ["dartAboveHip", "block.dart.aboveHip"],
] as const satisfies readonly (readonly [TypedFigure, string])[];

/** The figures that may be typed, as the block was solved, listed for those that were not. */
function listSolved(drafted: FittedBlock, block: DraftedBlockSpec, chosen: Chosen): void {
  if (!drafted.ok) return;
  for (const [name, id] of SOLVED_FIGURES) {
    const found = drafted.block.figures.find((figure) => figure.id === id);
    if (found) chosen(`block.${name}`, block[name], found.value, found.formula, "solved");
  }
}
