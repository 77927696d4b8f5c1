import { isPrincess } from "../block";
import type { BodiceChoices, FrontEdge } from "../bodice";
import type { SleeveBody } from "../body";
import type { Cloth } from "../cloth";
import { collarOf } from "../collar";
import { length, type Phrase, phrase } from "../draft";
import { styleOf } from "../sleeve/all-styles";
import type { GarmentSpec } from "../spec";
import { INCH_MM } from "../tape";
import type { ResolvedBlock } from "./resolve-block";
import type { TakeDefault } from "./take-default";
import { COMMON } from "./usual-block";

/** The usual figures of a bodice's edges (common practice, no source): a stand of 1 to 1 1/2 in, a facing of 4 to 6 1/2 cm. */
const USUAL_MM = {
  stand: INCH_MM,
  facing: 50,
  hemBand: 2 * INCH_MM,
  rise: 2 * INCH_MM,
  elastic: 19,
  elasticLess: 2 * INCH_MM,
  button: 15,
  jacketButton: 22,
  buttonSpacing: 3 * INCH_MM,
  slit: 4 * INCH_MM,
} as const;

type Choosable = Omit<BodiceChoices, "isKnit" | "collarBeyond" | "frontAsked" | "hasStandButton">;

/** How front and back are cut, every default taken: those that matter for this garment are listed. */
export function resolveBodicePieces(
  spec: GarmentSpec,
  block: ResolvedBlock,
  body: SleeveBody,
  cloth: Cloth,
  takeDefault: TakeDefault,
): BodiceChoices {
  const given: Partial<Choosable> = spec.bodice;
  const cut = given.cut ?? (block.source === "drafted" ? "whole" : "parts");
  const about = aboutGarment(spec, block, cloth);
  const take = <Name extends keyof Choosable>(
    name: Name,
    isAsked: boolean,
    value: Choosable[Name],
    rule: Phrase,
  ): Choosable[Name] =>
    cut === "whole" && isAsked
      ? takeDefault<Choosable[Name]>(`bodice.${name}`, given[name], value, rule, COMMON)
      : (given[name] ?? value);
  // A lapel or a band makes the front edge itself, whatever was chosen for another collar.
  const isZipped = about.growsFront && spec.bodice.front === "zip";
  const front = isZipped
    ? "zip"
    : about.makesFront
      ? about.front.value
      : take("front", true, about.front.value, about.front.rule);
  const isButtoned = front === "buttons" && !about.growsFront;
  const hasButtons = front === "buttons";
  const { isKnit } = about;
  const neck = about.hasNeck
    ? take("neck", true, isKnit ? "binding" : "facing", phrase`usual for ${isKnit ? "a knit" : "woven cloth"}`)
    : "none";
  const isFaced = neck === "facing";
  const hem = take("hem", true, "plain", phrase`usual`);
  const worn = about.reachesHip ? body.hip : body.waist;
  return {
    cut,
    front,
    frontAsked: spec.bodice.front ?? null,
    back: take("back", true, about.back.value, about.back.rule),
    stand: isButtoned ? take("stand", true, about.stand.value, about.stand.rule) : 0,
    standFinish: take(
      "standFinish",
      isButtoned,
      about.isStandSeparate ? "strip" : isFaced ? "faced" : "folded",
      about.isStandSeparate
        ? phrase`as the collar has it`
        : isFaced
          ? phrase`in one with the facing of the neck`
          : phrase`usual under a collar`,
    ),
    neck,
    facingWidth: take("facingWidth", isFaced, USUAL_MM.facing, phrase`${length(40)} to ${length(65)} all round`),
    backFacing: take("backFacing", isFaced || about.growsFront, "even", phrase`as wide as the front’s`),
    panels: about.isPrincess ? take("panels", true, "cut", phrase`apart along the princess line`) : "whole",
    waistSeam: take("waistSeam", true, "none", phrase`usual`),
    flare: take("flare", true, 0, phrase`none`),
    hem,
    hemRise: take("hemRise", hem === "curved", USUAL_MM.rise, phrase`${length(INCH_MM)} to ${length(5 * INCH_MM)}`),
    hemDepth: take(
      "hemDepth",
      hem === "band" || hem === "plain",
      hem === "band" ? USUAL_MM.hemBand : 0,
      hem === "band" ? phrase`usual` : phrase`none drawn: the hem allowance turns it up`,
    ),
    hemElastic: take("hemElastic", hem === "casing", USUAL_MM.elastic, phrase`usual`),
    hemGirth: take(
      "hemGirth",
      hem === "casing",
      worn ?? body.bust,
      phrase`the ${worn === undefined ? "bust" : about.reachesHip ? "hip" : "waist"}: where it is worn`,
    ),
    hemElasticLess: take("hemElasticLess", hem === "casing", USUAL_MM.elasticLess, phrase`usual at a waist`),
    lap: take(
      "lap",
      hasButtons,
      spec.proportions === "man" ? "left-over-right" : "right-over-left",
      spec.proportions === "man" ? phrase`usual for men` : phrase`usual for women`,
    ),
    hasStandButton: isButtoned && about.hasStandButton,
    buttonSize: about.setsOwnButtons
      ? take("buttonSize", hasButtons, USUAL_MM.jacketButton, phrase`usual on a jacket`)
      : take("buttonSize", hasButtons, USUAL_MM.button, phrase`usual on a shirt`),
    buttonSpacing: take(
      "buttonSpacing",
      hasButtons && !about.setsOwnButtons,
      USUAL_MM.buttonSpacing,
      phrase`usual, with one at the bust`,
    ),
    slit: take("slit", given.back === "slit", USUAL_MM.slit, phrase`so that the head passes`),
    collarBeyond: beyondOf(spec) ?? null,
    isKnit,
  };
}

/** How far a collar was asked to run on beyond the centre front, where one of its kind does. */
const beyondOf = ({ collar }: Pick<GarmentSpec, "collar">) =>
  collar && collarOf(collar.kind).usual.beyond ? collar.beyond : undefined;

type Usual<Value> = { readonly value: Value; readonly rule: Phrase };

/** What block, sleeve and collar already say about the edges of the bodice. */
function aboutGarment({ sleeve, collar }: GarmentSpec, block: ResolvedBlock, cloth: Cloth) {
  const choices = block.source === "drafted" ? block.choices : null;
  const frontEdge = collar ? collarOf(collar.kind).frontEdge : null;
  const neckOfSleeve = (sleeve && styleOf(sleeve.kind)?.neck) ?? null;
  const isBanded = frontEdge === "banded" || neckOfSleeve === "banded";
  const ofBlock = choices && choices.buttonStand > 0 ? choices.buttonStand : null;
  const beyond = beyondOf({ collar });
  const ofCollar = beyond !== undefined && beyond > 0 ? beyond : null;
  return {
    growsFront: frontEdge === "grown",
    setsOwnButtons: collar !== null && collarOf(collar.kind).usual.buttonSpacing !== undefined,
    hasStandButton: collar !== null && beyond !== 0 && (collarOf(collar.kind).hasStandButton?.(collar) ?? false),
    makesFront: frontEdge === "grown" || isBanded,
    front: usualFront(frontEdge, isBanded, ofBlock !== null),
    back:
      (choices?.centreBackShaping ?? 0) > 0
        ? { value: "seam" as const, rule: phrase`the centre back is shaped` }
        : { value: "fold" as const, rule: phrase`usual` },
    stand:
      ofCollar !== null
        ? { value: ofCollar, rule: phrase`as far as the collar runs on` }
        : ofBlock !== null
          ? { value: ofBlock, rule: phrase`as the block has it` }
          : { value: USUAL_MM.stand, rule: phrase`${length(INCH_MM)} to ${length(1.5 * INCH_MM)}` },
    isStandSeparate:
      collar !== null && collarOf(collar.kind).choices.buttonStand !== undefined && collar.buttonStand === "separate",
    hasNeck: collar === null && neckOfSleeve === null,
    isPrincess: choices !== null && isPrincess(choices.shaping),
    reachesHip: choices === null || choices.bodyLength !== "waist",
    isKnit: cloth.kind === "knit" || choices?.style === "knit",
  };
}

function usualFront(
  frontEdge: "left" | "grown" | "banded" | null,
  isBanded: boolean,
  hasStand: boolean,
): Usual<FrontEdge> {
  if (frontEdge === "grown") return { value: "buttons", rule: phrase`as the lapel or the collar makes it` };
  if (isBanded) return { value: "band", rule: phrase`a band finishes it` };
  if (hasStand) return { value: "buttons", rule: phrase`the block has a button stand` };
  return frontEdge === "left"
    ? { value: "buttons", rule: phrase`a collar wants an opening` }
    : { value: "fold", rule: phrase`a plain front` };
}
