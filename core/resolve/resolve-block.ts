import {
  type Alteration,
  type BlockChoices,
  type BlockMeasures,
  type BlockOutline,
  type BlockReadings,
  DART_INTAKE_MM,
  type OutlineStandIns,
  planBlock,
  type ReadingOffsets,
  type ReadOver,
  SHOULDER_DART_INTAKE_MM,
  type Side,
  STYLE_DEFAULTS,
  TYPED_FIGURES,
  typedFigureOf,
} from "../block";
import { estimateBackLength, estimateFromBust } from "../body";
import { length, type Phrase, phrase } from "../draft";
import { readPathData } from "../geometry";
import type { BlockSpec, DraftedBlockSpec, GarmentSpec, OutlineBlockSpec, OutlineHalfSpec } from "../spec";
import { INCH_MM } from "../tape";
import { type ResolvedFitted, resolveFitted } from "./resolve-fitted";
import { resolveReadings } from "./resolve-readings";
import type { TakeDefault, TakeMeasure } from "./take-default";
import {
  BACK_NECK_DEPTH_MM,
  COMMON,
  FRONT_NECK_DEPTH_MM,
  NECK_WIDTH_MM,
  SHOULDER_LENGTH_MM,
  SLOPE_SHARE,
  sixthOfNeck,
  usual,
} from "./usual-block";

/** What the block is made from, every default taken. Lengths in millimetres on the stitching line. */
export type ResolvedBlock = { readonly alterations: readonly Alteration[] } & (
  | {
      readonly source: "readings";
      readonly readings: BlockReadings;
      /** From what was read to the stitching line: allowances taken off. */
      readonly offsets: ReadingOffsets;
    }
  | ({
      readonly source: "drafted";
      /** What was read off the garment, over what is drafted. */
      readonly read: ReadOver;
    } & ({ readonly school: "quick"; readonly body: BlockMeasures; readonly choices: BlockChoices } | ResolvedFitted))
  | {
      readonly source: "outline";
      readonly outline: BlockOutline;
      readonly standIns: OutlineStandIns;
      readonly from: "drawing" | "photograph";
      readonly error: number | null;
    }
);

export function blockNeedsBust(block: BlockSpec): boolean {
  if (block.source === "drafted") return true;
  if (block.source === "outline") return false;
  const { front, back, girth } = block.armhole;
  return front === undefined && back === undefined && girth === undefined;
}

export function resolveBlock(
  spec: GarmentSpec,
  bust: number,
  takeMeasure: TakeMeasure,
  takeDefault: TakeDefault,
  before: ResolvedBlock | null,
): ResolvedBlock {
  const { block } = spec;
  const alterations = block.alterations ?? [];
  switch (block.source) {
    case "readings":
      return { alterations, source: "readings", ...resolveReadings(spec, block, bust, takeMeasure) };
    case "drafted":
      return {
        alterations,
        source: "drafted",
        read: readOver(block),
        ...(takeDefault("block.school", block.school, "fitted", phrase`solved from the body`, "choice") === "quick"
          ? resolveQuick(block, resolveBlockBody(spec, bust, takeMeasure), takeDefault)
          : resolveFitted(spec, block, bust, takeMeasure, takeDefault, before?.source === "drafted" ? before : null)),
      };
    case "outline":
      return {
        alterations,
        source: "outline",
        outline: { front: readHalf(block.front), back: readHalf(block.back) },
        standIns: outlineStandIns(spec, block, takeMeasure),
        from: block.from ?? "drawing",
        error: block.error ?? null,
      };
  }
}

function readOver({ read = {} }: DraftedBlockSpec): ReadOver {
  return {
    armhole: { front: read.frontArmhole ?? null, back: read.backArmhole ?? null },
    armholeDepth: read.armholeDepth ?? null,
    neckline: { front: read.frontNeckline ?? null, back: read.backNeckline ?? null },
  };
}

function resolveBlockBody({ body }: GarmentSpec, bust: number, takeMeasure: TakeMeasure): BlockMeasures {
  const fromBust = (id: Parameters<typeof estimateFromBust>[0], isNeeded = true) =>
    takeMeasure(`body.${id}`, body[id], () => estimateFromBust(id, bust), isNeeded);
  return {
    bust,
    waist: fromBust("waist"),
    underbust: body.underbust ?? null,
    hip: fromBust("hip"),
    neckBase: fromBust("neckBase"),
    shoulderWidth: fromBust("shoulderWidth"),
    armholeGirth: fromBust("armholeGirth"),
    backLength: takeMeasure("body.backLength", body.backLength, estimateBackLength),
    frontToBust: fromBust("frontToBust"),
    bustSpan: fromBust("bustSpan"),
  };
}

type Choosable = Omit<BlockChoices, "typed">;

/** The choices of a drafted bodice, and every figure of it that was not typed by the rule that gives it. */
function resolveQuick(block: DraftedBlockSpec, body: BlockMeasures, takeDefault: TakeDefault) {
  const choices = resolveChoices(block, body, takeDefault);
  const plan = planBlock(body, choices);
  for (const name of TYPED_FIGURES) {
    const found = typedFigureOf(plan, name);
    if (found) takeDefault(`block.${name}`, choices.typed[name], found.value, found.rule, COMMON);
  }
  return { school: "quick" as const, body, choices };
}

/** Every choice of the bodice; those that go with the style follow it. */
function resolveChoices(block: DraftedBlockSpec, body: BlockMeasures, takeDefault: TakeDefault): BlockChoices {
  const given: Partial<Choosable> = block;
  const take = <K extends keyof Choosable>(key: K, value: Choosable[K], why: Phrase): Choosable[K] =>
    takeDefault<Choosable[K]>(`block.${key}`, given[key], value, why, COMMON);
  const style = take("style", "woven", phrase`the usual bodice`);
  const usualOf = STYLE_DEFAULTS[style];
  const ofStyle = phrase`usual for ${style === "dropped" ? "a dropped shoulder" : style === "knit" ? "a knit" : "woven cloth"}`;
  const gathers = take("gathers", "none", phrase`a plain body`);
  const chestEase = take("chestEase", usualOf.chestEase, ofStyle);
  return {
    style,
    neckRule: take("neckRule", "by-size", phrase`the first of two rules`),
    neckShape: take("neckShape", "round", phrase`the plain neck`),
    armholeRule: take("armholeRule", usualOf.armholeRule, ofStyle),
    shoulderEase: take("shoulderEase", 0, phrase`none; ${length(INCH_MM / 2)} for a jacket`),
    backSlope: take("backSlope", usualOf.backSlope, ofStyle),
    frontSlope: take("frontSlope", usualOf.frontSlope, ofStyle),
    shoulderExtension: take("shoulderExtension", usualOf.shoulderExtension, ofStyle),
    chestEase,
    waistEase: take("waistEase", chestEase, phrase`as at the chest`),
    hipEase: take("hipEase", chestEase, phrase`as at the chest`),
    shaping: take("shaping", usualOf.shaping, ofStyle),
    dartIntake: take("dartIntake", DART_INTAKE_MM, phrase`${length(INCH_MM)} to ${length(1.5 * INCH_MM)} a dart`),
    shoulderDartIntake: take("shoulderDartIntake", SHOULDER_DART_INTAKE_MM, phrase`before anything is tried on`),
    backShoulderDart: take("backShoulderDart", 0, phrase`none; ${length(INCH_MM / 2)} for a rounded back`),
    centreBackShaping: take(
      "centreBackShaping",
      0,
      phrase`none; ${length(INCH_MM / 2)} to ${length(0.75 * INCH_MM)} for a jacket`,
    ),
    buttonStand: take("buttonStand", 0, phrase`none; ${length(INCH_MM)} to ${length(1.5 * INCH_MM)} where it buttons`),
    gathers,
    bodyLength: take("bodyLength", "hip", phrase`to the hip`),
    sideSeam:
      style === "dropped"
        ? "straight"
        : gathers === "none"
          ? take("sideSeam", "fitted", phrase`in at the waist`)
          : take("sideSeam", "straight", phrase`straight under gathers`),
    backHigher: take("backHigher", 0, phrase`none; up to ${length(INCH_MM)}`),
    underbust: body.underbust === null ? "free" : take("underbust", "free", phrase`the waist dart runs straight`),
    typed: Object.fromEntries(TYPED_FIGURES.map((name) => [name, block[name]])),
  };
}

function readHalf({ armhole, neckline, shoulder, grain }: OutlineHalfSpec) {
  return {
    armhole: readEdge(armhole),
    neckline: neckline === undefined ? null : readEdge(neckline),
    shoulder: shoulder === undefined ? null : readEdge(shoulder),
    grain: grain === undefined ? null : readEdge(grain),
  };
}

function readEdge(data: string) {
  const path = readPathData(data);
  if (!path) throw new Error(`readEdge: the schema lets no such path through: ${data.slice(0, 40)}`);
  return path;
}

function outlineStandIns(spec: GarmentSpec, block: OutlineBlockSpec, takeMeasure: TakeMeasure): OutlineStandIns {
  const isNeeded = spec.collar !== null;
  const neck = spec.body.neckBase === undefined ? usual(NECK_WIDTH_MM, "usual") : sixthOfNeck(spec.body.neckBase);
  const standIn = (side: Side, depth: number) =>
    block[side].neckline === undefined
      ? takeMeasure(
          `block.${side}.neckline`,
          undefined,
          () => usual(depth, "its depth; the edge was not pointed at"),
          isNeeded,
        )
      : depth;
  return {
    neckWidth: neck.value,
    neckDepth: { front: standIn("front", FRONT_NECK_DEPTH_MM), back: standIn("back", BACK_NECK_DEPTH_MM) },
    shoulder: {
      length: spec.body.shoulderLength ?? SHOULDER_LENGTH_MM,
      slope: (spec.body.shoulderLength ?? SHOULDER_LENGTH_MM) * SLOPE_SHARE,
    },
  };
}
