import {
  type Alteration,
  type BlockChoices,
  type BlockMeasures,
  type BlockOutline,
  type BlockReadings,
  DART_INTAKE_MM,
  type NeckReadings,
  type OutlineStandIns,
  type Reading,
  type ReadingOffsets,
  SHOULDER_DART_INTAKE_MM,
  type Side,
  STYLE_DEFAULTS,
  stitchingLineOffsets,
} from "../block";
import { type Estimate, estimateBackLength, estimateFromBust } from "../body";
import { length, type Phrase, percent, phrase, type Source } from "../draft";
import { readPathData } from "../geometry";
import type {
  BlockSpec,
  DraftedBlockSpec,
  GarmentSpec,
  OutlineBlockSpec,
  OutlineHalfSpec,
  ReadingsBlockSpec,
} from "./spec";
import type { Chosen, Measured } from "./take-default";

/** What the block is made from, every default taken. Lengths in millimetres on the stitching line. */
export type ResolvedBlock = { readonly alterations: readonly Alteration[] } & (
  | {
      readonly source: "readings";
      readonly readings: BlockReadings;
      /** From what was read to the stitching line: allowances taken off. */
      readonly offsets: ReadingOffsets;
    }
  | { readonly source: "drafted"; readonly body: BlockMeasures; readonly choices: BlockChoices }
  | {
      readonly source: "outline";
      readonly outline: BlockOutline;
      readonly standIns: OutlineStandIns;
      readonly from: "drawing" | "photograph";
      readonly error: number | null;
    }
);

const IN = 25.4;
const COMMON: Source = "common practice, no source";

/** Armhole of a garment ÷ bust, and its parts: stand-ins until the armhole is taped, from memory. */
const ARMHOLE_SHARE_OF_BUST = 0.48;
const FRONT_SHARE_OF_ARMHOLE = 0.485;
const DEPTH_SHARE_OF_ARMHOLE = 0.435;
/** A shoulder that falls 1 in over 4 1/2 (common practice, no source). */
const SLOPE_SHARE = 1 / 4.5;
const SHOULDER_LENGTH_MM = 4.75 * IN;
const NECK_WIDTH_MM = 3 * IN;
const FRONT_NECK_DEPTH_MM = 3 * IN;
const BACK_NECK_DEPTH_MM = IN;

export function blockNeedsBust(block: BlockSpec): boolean {
  if (block.source === "drafted") return true;
  if (block.source === "outline") return false;
  return Object.values(block.armhole).filter((value) => value !== undefined).length < 3;
}

export function resolveBlock(spec: GarmentSpec, bust: number, measured: Measured, chosen: Chosen): ResolvedBlock {
  const { block } = spec;
  const alterations = block.alterations ?? [];
  switch (block.source) {
    case "readings":
      return { alterations, source: "readings", ...resolveReadings(spec, block, bust, measured) };
    case "drafted":
      return {
        alterations,
        source: "drafted",
        body: resolveBlockBody(spec, bust, measured),
        choices: resolveChoices(block, chosen),
      };
    case "outline":
      return {
        alterations,
        source: "outline",
        outline: { front: readHalf(block.front), back: readHalf(block.back) },
        standIns: outlineStandIns(spec, block, measured),
        from: block.from ?? "drawing",
        error: block.error ?? null,
      };
  }
}

function resolveReadings(spec: GarmentSpec, block: ReadingsBlockSpec, bust: number, measured: Measured) {
  const armhole = resolveArmhole(block, bust, measured);
  // A neckline that no collar is fitted to may be estimated without a word; with a collar it has to be measured.
  const isNeckNeeded = spec.collar !== null;
  const shoulder = resolveShoulder(spec, block, measured);
  const allowance = block.includesSeamAllowance ?? 0;
  const offsets = leftOut(
    stitchingLineOffsets(allowance, Math.asin(Math.min(1, shoulder.slope / shoulder.length))),
    block,
  );
  const { neckline } = block;
  const sixth = spec.body.neckBase === undefined ? null : sixthOfNeck(spec.body.neckBase);
  const standIn = (path: string, value: number): Reading => ({
    value: measured(path, undefined, () => sixth ?? usual(value, "usual for a small figure"), isNeckNeeded),
    isEstimate: true,
  });
  const half = (side: Side, usualDepth: number): NeckReadings => {
    const depth = neckline?.[`${side}Depth`];
    const readLength = neckline?.[`${side}Length`];
    const path = `block.neckline.${side}Depth`;
    const offset = offsets[`neckline.${side}Depth`];
    return {
      depth:
        depth !== undefined
          ? { value: depth + offset, isEstimate: false }
          : readLength !== undefined
            ? null
            : side === "back"
              ? { value: measured(path, undefined, () => usual(usualDepth, "usual"), isNeckNeeded), isEstimate: true }
              : standIn(path, usualDepth),
      length: readLength === undefined ? null : readLength + offsets[`neckline.${side}Length`],
    };
  };
  const readings: BlockReadings = {
    armhole: {
      front: armhole.front + offsets["armhole.front"],
      back: armhole.back + offsets["armhole.back"],
      depth: armhole.depth + offsets["armhole.depth"],
    },
    shoulder: {
      length: shoulder.length + offsets["shoulder.length"],
      slope: shoulder.slope + offsets["shoulder.slope"],
    },
    neckline: {
      width:
        neckline?.width === undefined
          ? standIn("block.neckline.width", NECK_WIDTH_MM)
          : { value: neckline.width + offsets["neckline.width"], isEstimate: false },
      front: half("front", FRONT_NECK_DEPTH_MM),
      back: half("back", BACK_NECK_DEPTH_MM),
    },
  };
  return { readings, offsets };
}

/** A zip, a centre-back allowance or a button stand lies square beyond the centre line: it comes off the curve's length. */
function leftOut(offsets: ReadingOffsets, { leaveOut }: ReadingsBlockSpec): ReadingOffsets {
  return {
    ...offsets,
    "neckline.backLength": offsets["neckline.backLength"] - (leaveOut?.centreBack ?? 0),
    "neckline.frontLength": offsets["neckline.frontLength"] - (leaveOut?.centreFront ?? 0),
  };
}

function resolveArmhole({ armhole }: ReadingsBlockSpec, bust: number, measured: Measured) {
  const { front, back, depth } = armhole;
  const girth = bust * ARMHOLE_SHARE_OF_BUST;
  const share = (of: number, name: string): Estimate => ({
    value: girth * of,
    rule: phrase`${percent(of)} of an armhole taken as ${percent(ARMHOLE_SHARE_OF_BUST)} of bust ${length(bust)}, ${name}`,
    source: "stand-in",
  });
  // With one half taped, the other follows from it; only with neither is the bust asked.
  const frontShare = FRONT_SHARE_OF_ARMHOLE / (1 - FRONT_SHARE_OF_ARMHOLE);
  const readFront = measured("block.armhole.front", front, () =>
    back === undefined ? share(FRONT_SHARE_OF_ARMHOLE, "front part") : partner(back, frontShare, "back"),
  );
  const readBack = measured("block.armhole.back", back, () =>
    front === undefined ? share(1 - FRONT_SHARE_OF_ARMHOLE, "back part") : partner(front, 1 / frontShare, "front"),
  );
  const readDepth = measured("block.armhole.depth", depth, () => ({
    value: (readFront + readBack) * DEPTH_SHARE_OF_ARMHOLE,
    rule: phrase`${percent(DEPTH_SHARE_OF_ARMHOLE)} of the armhole ${length(readFront + readBack)}`,
    source: "stand-in",
  }));
  return { front: readFront, back: readBack, depth: readDepth };
}

function partner(other: number, factor: number, name: string): Estimate {
  return {
    value: other * factor,
    rule: phrase`in the usual proportion to the ${name} armhole ${length(other)}`,
    source: "stand-in",
  };
}

/** One of the two read is followed by the other; with neither, the body or the usual shoulder stands in. */
function resolveShoulder({ body, collar }: GarmentSpec, { shoulder }: ReadingsBlockSpec, measured: Measured) {
  const isNeeded = collar !== null;
  const read = measured(
    "block.shoulder.length",
    shoulder?.length,
    () => {
      if (body.shoulderLength !== undefined)
        return {
          value: body.shoulderLength,
          rule: phrase`the body's shoulder ${length(body.shoulderLength)}`,
          source: "reading",
        };
      const slope = shoulder?.slope ?? 0;
      // A slope that was read is not doubted for the sake of a length that was not.
      return usual(Math.max(SHOULDER_LENGTH_MM, slope / SLOPE_SHARE), "usual");
    },
    isNeeded,
  );
  const slope = measured(
    "block.shoulder.slope",
    shoulder?.slope,
    () => ({
      value: read * SLOPE_SHARE,
      rule: phrase`a fall of ${length(IN)} over ${length(IN / SLOPE_SHARE)}`,
      source: COMMON,
    }),
    isNeeded,
  );
  return { length: read, slope };
}

function usual(value: number, why: string): Estimate {
  return { value, rule: phrase`${length(value)}, ${why}`, source: COMMON };
}

function sixthOfNeck(neckBase: number): Estimate {
  return { value: neckBase / 6, rule: phrase`neck base ${length(neckBase)} ÷ 6`, source: COMMON };
}

function resolveBlockBody({ body }: GarmentSpec, bust: number, measured: Measured): BlockMeasures {
  const fromBust = (id: Parameters<typeof estimateFromBust>[0], isNeeded = true) =>
    measured(`body.${id}`, body[id], () => estimateFromBust(id, bust), isNeeded);
  return {
    bust,
    waist: fromBust("waist"),
    hip: fromBust("hip"),
    neckBase: fromBust("neckBase"),
    shoulderWidth: fromBust("shoulderWidth"),
    armholeGirth: fromBust("armholeGirth"),
    backLength: measured("body.backLength", body.backLength, estimateBackLength),
    frontToBust: fromBust("frontToBust"),
    bustSpan: fromBust("bustSpan"),
  };
}

/** Every choice of the bodice; those that go with the style follow it. */
function resolveChoices(block: DraftedBlockSpec, chosen: Chosen): BlockChoices {
  const take = <K extends keyof BlockChoices>(key: K, value: BlockChoices[K], why: Phrase): BlockChoices[K] =>
    chosen(`block.${key}`, block[key] as BlockChoices[K] | undefined, value, why, COMMON);
  const style = take("style", "woven", phrase`the usual bodice`);
  const usualOf = STYLE_DEFAULTS[style];
  const ofStyle = phrase`usual for ${style === "dropped" ? "a dropped shoulder" : style === "knit" ? "a knit" : "woven cloth"}`;
  const chestEase = take("chestEase", usualOf.chestEase, ofStyle);
  return {
    style,
    neckRule: take("neckRule", "by-size", phrase`the first of two rules`),
    neckShape: take("neckShape", "round", phrase`the plain neck`),
    armholeRule: take("armholeRule", usualOf.armholeRule, ofStyle),
    shoulderEase: take("shoulderEase", 0, phrase`none; ${length(IN / 2)} for a jacket`),
    backSlope: take("backSlope", usualOf.backSlope, ofStyle),
    frontSlope: take("frontSlope", usualOf.frontSlope, ofStyle),
    shoulderExtension: take("shoulderExtension", usualOf.shoulderExtension, ofStyle),
    chestEase,
    waistEase: take("waistEase", chestEase, phrase`as at the chest`),
    hipEase: take("hipEase", chestEase, phrase`as at the chest`),
    shaping: take("shaping", usualOf.shaping, ofStyle),
    dartIntake: take("dartIntake", DART_INTAKE_MM, phrase`${length(IN)} to ${length(1.5 * IN)} a dart`),
    shoulderDartIntake: take("shoulderDartIntake", SHOULDER_DART_INTAKE_MM, phrase`before anything is tried on`),
    centreBackShaping: take(
      "centreBackShaping",
      0,
      phrase`none; ${length(IN / 2)} to ${length(0.75 * IN)} for a jacket`,
    ),
    buttonStand: take("buttonStand", 0, phrase`none; ${length(IN)} to ${length(1.5 * IN)} where it buttons`),
    gathers: take("gathers", "none", phrase`a plain body`),
    bodyLength: take("bodyLength", "hip", phrase`to the hip`),
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

function outlineStandIns(spec: GarmentSpec, block: OutlineBlockSpec, measured: Measured): OutlineStandIns {
  const isNeeded = spec.collar !== null;
  const neck = spec.body.neckBase === undefined ? usual(NECK_WIDTH_MM, "usual") : sixthOfNeck(spec.body.neckBase);
  const standIn = (side: Side, depth: number) =>
    block[side].neckline === undefined
      ? measured(
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
