import type { FittedTask } from "../block";
import { type BlockChoices, type BustDartPlace, type EaseGarment, isPrincess, TYPED_FIGURES } from "../block";
import { collarOf } from "../collar";
import { length, type Phrase, phrase } from "../draft";
import { DEGREE } from "../geometry";
import { isDropped, styleOf } from "../sleeve/all-styles";
import type { DraftedBlockSpec, GarmentSpec } from "../spec";
import type { TakeDefault } from "./take-default";
import { COMMON } from "./usual-block";

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

type Quarters = { readonly chest: number; readonly waist: number; readonly hip: number };

/** Every choice of a fitted block; those that go with its garment follow it. */
export function resolveFittedChoices(
  block: DraftedBlockSpec,
  { sleeve }: GarmentSpec,
  garment: EaseGarment,
  quarters: Quarters,
  takeDefault: TakeDefault,
): BlockChoices {
  const usual = USUAL[garment];
  type Choosable = Omit<BlockChoices, "typed">;
  const given: Partial<Choosable> = block;
  const take = <K extends keyof Choosable>(key: K, value: Choosable[K], why: Phrase): Choosable[K] =>
    takeDefault<Choosable[K]>(`block.${key}`, given[key], value, why, COMMON);
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
export function bustDartOf(
  spec: GarmentSpec,
  block: DraftedBlockSpec,
  garment: EaseGarment,
  { shaping, style, gathers }: BlockChoices,
  body: FittedTask["body"],
  takeDefault: TakeDefault,
) {
  const { sleeve, bodice } = spec;
  const cup = (body.bust - body.upperBust) / (2 * CUP_HEIGHT_MM) / DEGREE;
  const plain: BustDartPlace =
    isOfKnit(style, garment) ||
    gathers !== "none" ||
    sleeve?.kind === "kimono" ||
    (shaping === "none" && cup <= NO_DART_UP_TO)
      ? "ease"
      : shaping === "shoulder-darts"
        ? "shoulder"
        : "side";
  const usual: BustDartPlace = shaping === "princess-shoulder" || shaping === "princess-armhole" ? shaping : plain;
  const asked = takeDefault(
    "block.bustDart",
    block.bustDart,
    usual,
    phrase`goes with the shaping and the garment`,
    COMMON,
  );
  // A princess line is cut only where the shaping has one.
  const fit = isPrincess(asked) && asked !== shaping ? "side" : asked;
  const sewn = bodice.panels === "whole" ? withoutPanels(fit) : fit;
  const isNeckTaken = (sewn === "neck" || sewn === "gathers") && growsFront(spec);
  const place = (isWithBodice(spec) && sewn !== "ease" && sewn !== "waist") || isNeckTaken ? "side" : sewn;
  return { place, movedDart: place === asked || sewn !== fit ? null : asked };
}

/** Is it of a cloth that gives over the bust, without a dart as a rule? */
export function isOfKnit(style: BlockChoices["style"], garment: EaseGarment): boolean {
  return style === "knit" || garment === "t-shirt" || garment === "cardigan";
}

/** Does the sleeve take a part of front and back along? */
export function isWithBodice({ sleeve }: GarmentSpec): boolean {
  return sleeve !== null && styleOf(sleeve.kind)?.family === "bodice";
}

/** Is the neck of the front drawn by a collar that it is cut in one with? */
function growsFront({ collar }: GarmentSpec): boolean {
  return collar !== null && collarOf(collar.kind).frontEdge === "grown";
}

/** Where the pieces are not cut apart, the dart lies where the seam would begin. */
function withoutPanels(place: BustDartPlace): BustDartPlace {
  return place === "princess-shoulder" ? "shoulder" : place === "princess-armhole" ? "armhole" : place;
}

/** A usual height from across front to the bust point, to tell whether there is a bust to speak of. */
const CUP_HEIGHT_MM = 137;
