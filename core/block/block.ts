import { endOf, lengthAtHeight, type Path, pathLength, type Solution } from "../geometry";
import { type ArmholeBend, armholeRange, BACK_BEND, FRONT_BEND, rebuildArmholeHalf } from "./armhole-curve";

export type Side = "front" | "back";

/** Tape readings of an armhole along its stitching line, in millimetres. */
export type ArmholeReadings = {
  /** Shoulder point to underarm along the front curve. */
  readonly front: number;
  readonly back: number;
  /** Straight down from the level of the shoulder point to the level of the underarm. */
  readonly depth: number;
  /** Fall of the shoulder seam below the horizontal, in radians. */
  readonly shoulderAngle: number;
};

/** One half of the armhole: the curve from the shoulder point to the underarm, and how far out that lies. */
export type ArmholeHalf = {
  readonly path: Path;
  readonly length: number;
  readonly reach: number;
  readonly solution: Solution;
};

/** What every sleeve is fitted to. So far the armhole; the neckline follows with the collars. */
export type Block = { readonly front: ArmholeHalf; readonly back: ArmholeHalf; readonly depth: number };

/** Readings that no armhole curve can honour together: which half, what it may measure at this depth, and which depth it asks for. */
export type ArmholeContradiction = {
  readonly side: Side;
  readonly length: number;
  readonly depth: number;
  readonly least: number;
  readonly most: number;
  readonly nearestDepth: number;
};

export type RebuiltBlock =
  | { readonly ok: true; readonly block: Block }
  | { readonly ok: false; readonly contradictions: readonly ArmholeContradiction[] };

const BENDS: Readonly<Record<Side, ArmholeBend>> = { front: FRONT_BEND, back: BACK_BEND };
const SIDES: readonly Side[] = ["front", "back"];

/** The armhole curves that honour every reading, or the readings that contradict each other. */
export function rebuildBlock(readings: ArmholeReadings): RebuiltBlock {
  const front = rebuildHalf("front", readings);
  const back = rebuildHalf("back", readings);
  if (front && back) return { ok: true, block: { front, back, depth: readings.depth } };
  const contradicted = SIDES.filter((side) => (side === "front" ? !front : !back));
  return { ok: false, contradictions: contradicted.map((side) => contradiction(side, readings)) };
}

function rebuildHalf(side: Side, readings: ArmholeReadings): ArmholeHalf | null {
  const rebuilt = rebuildArmholeHalf(BENDS[side], readings.shoulderAngle, readings.depth, readings[side]);
  return rebuilt && { ...rebuilt, length: pathLength(rebuilt.path) };
}

/** The bend scales with the depth, so the lengths it allows do too: the nearest depth follows by proportion. */
function contradiction(side: Side, readings: ArmholeReadings): ArmholeContradiction {
  const length = readings[side];
  const { least, most } = armholeRange(BENDS[side], readings.shoulderAngle, readings.depth);
  const bound = length < least ? least : most;
  return { side, length, depth: readings.depth, least, most, nearestDepth: (readings.depth * length) / bound };
}

/** How far from the underarm, along the curve, the half armhole reaches `level` mm above the underarm line. */
export function lengthToLevel(half: ArmholeHalf, level: number): number {
  const underarm = endOf(half.path);
  return half.length - lengthAtHeight(half.path, underarm.y - level);
}
