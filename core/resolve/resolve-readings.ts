import {
  type BlockReadings,
  type NeckReadings,
  type Reading,
  type ReadingOffsets,
  type Side,
  stitchingLineOffsets,
} from "../block";
import { type Body, type Estimate, estimateArmhole } from "../body";
import { length, percent, phrase } from "../draft";
import type { GarmentSpec, ReadingsBlockSpec } from "../spec";
import { INCH_MM } from "../tape";
import type { TakeMeasure } from "./take-default";
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

/** The parts of an armhole: stand-ins until each is taped, from memory. */
const FRONT_SHARE_OF_ARMHOLE = 0.485;
const DEPTH_SHARE_OF_ARMHOLE = 0.435;

/** The readings on the stitching line, with a stand-in for each that is missing, and by what each was moved to get there. */
export function resolveReadings(spec: GarmentSpec, block: ReadingsBlockSpec, bust: number, takeMeasure: TakeMeasure) {
  const armhole = resolveArmhole(spec, block, bust, takeMeasure);
  // A neckline that no collar is fitted to may be estimated without a word; with a collar it has to be measured.
  const isNeckNeeded = spec.collar !== null;
  const shoulder = resolveShoulder(spec, block, takeMeasure);
  const allowance = block.includesSeamAllowance ?? 0;
  const offsets = leftOut(
    stitchingLineOffsets(allowance, Math.asin(Math.min(1, shoulder.slope / shoulder.length))),
    block,
  );
  const { neckline } = block;
  const sixth = spec.body.neckBase === undefined ? null : sixthOfNeck(spec.body.neckBase);
  const standIn = (path: string, value: number): Reading => ({
    value: takeMeasure(path, undefined, () => sixth ?? usual(value, "usual for a small figure"), isNeckNeeded),
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
              ? {
                  value: takeMeasure(path, undefined, () => usual(usualDepth, "usual"), isNeckNeeded),
                  isEstimate: true,
                }
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

/**
 * Front, back and depth, what was not read standing in. One figure round the whole armhole is split by the usual share; with one half and
 * the whole, the other half is what is left; with only one half, the other follows from it.
 */
function resolveArmhole({ body }: GarmentSpec, { armhole }: ReadingsBlockSpec, bust: number, takeMeasure: TakeMeasure) {
  const { front, back, girth, depth } = armhole;
  const whole = girth === undefined ? goingWithDepth(wholeArmhole(body, bust), depth) : null;
  const half = (side: Side, other: number | undefined): Estimate => {
    const share = side === "front" ? FRONT_SHARE_OF_ARMHOLE : 1 - FRONT_SHARE_OF_ARMHOLE;
    if (girth !== undefined) return other === undefined ? split(girth, share) : rest(girth, other);
    if (other !== undefined) return partner(other, share / (1 - share), side === "front" ? "back" : "front");
    const { value, rule, source } = whole ?? estimateArmhole(bust);
    return {
      value: value * share,
      rule: phrase`${percent(share)} of an armhole taken as ${rule}, ${side} part`,
      source,
    };
  };
  const readFront = takeMeasure("block.armhole.front", front, () => half("front", back));
  const readBack = takeMeasure("block.armhole.back", back, () => half("back", front));
  const readDepth = takeMeasure("block.armhole.depth", depth, () => ({
    value: (readFront + readBack) * DEPTH_SHARE_OF_ARMHOLE,
    rule: phrase`${percent(DEPTH_SHARE_OF_ARMHOLE)} of the armhole ${length(readFront + readBack)}`,
    source: "stand-in",
  }));
  return { front: readFront, back: readBack, depth: readDepth };
}

/** A garment's armhole over the armscye girth of the body in it: from memory. */
const ARMHOLE_OVER_ARMSCYE = 1.09;

/** Where nothing of the armhole was read: from the armscye on the body, else from the bust. */
function wholeArmhole({ armholeGirth }: Body, bust: number): Estimate {
  if (armholeGirth === undefined) return estimateArmhole(bust);
  return {
    value: armholeGirth * ARMHOLE_OVER_ARMSCYE,
    rule: phrase`armscye girth ${length(armholeGirth)} × ${ARMHOLE_OVER_ARMSCYE.toFixed(2)}`,
    source: "stand-in",
  };
}

/** The depth of an armhole as a share of its girth, at least and at most, before its curve is told by it instead (from memory). */
const DEPTH_OF_ARMHOLE = { least: 0.4, most: 0.46 } as const;

/** An estimate gives way to a depth that was read: an armhole never contradicts the one reading there is of it. */
function goingWithDepth(whole: Estimate, depth: number | undefined): Estimate {
  if (depth === undefined) return whole;
  const share = depth / whole.value;
  if (share >= DEPTH_OF_ARMHOLE.least && share <= DEPTH_OF_ARMHOLE.most) return whole;
  return {
    value: depth / DEPTH_SHARE_OF_ARMHOLE,
    rule: phrase`armhole depth ${length(depth)} ÷ ${percent(DEPTH_SHARE_OF_ARMHOLE)}`,
    source: "stand-in",
  };
}

function split(girth: number, share: number): Estimate {
  return {
    value: girth * share,
    rule: phrase`${percent(share)} of the round armhole ${length(girth)}, its usual part`,
    source: "from memory",
  };
}

function rest(girth: number, other: number): Estimate {
  return {
    value: Math.max(LEAST_HALF_MM, girth - other),
    rule: phrase`what the other half ${length(other)} leaves of the round armhole ${length(girth)}`,
    source: "geometry",
  };
}

/** A round armhole that is no longer than one of its halves contradicts it: what is left is found to fit no depth. */
const LEAST_HALF_MM = 1;

function partner(other: number, factor: number, name: string): Estimate {
  return {
    value: other * factor,
    rule: phrase`in the usual proportion to the ${name} armhole ${length(other)}`,
    source: "stand-in",
  };
}

/** One of the two read is followed by the other; with neither, the body or the usual shoulder stands in. */
function resolveShoulder({ body, collar }: GarmentSpec, { shoulder }: ReadingsBlockSpec, takeMeasure: TakeMeasure) {
  const isNeeded = collar !== null;
  const read = takeMeasure(
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
  const slope = takeMeasure(
    "block.shoulder.slope",
    shoulder?.slope,
    () => ({
      value: read * SLOPE_SHARE,
      rule: phrase`a fall of ${length(INCH_MM)} over ${length(INCH_MM / SLOPE_SHARE)}`,
      source: COMMON,
    }),
    isNeeded,
  );
  return { length: read, slope };
}
