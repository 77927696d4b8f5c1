import type { Source } from "../draft";
import type { MeasureId } from "./measures";

/** What the tape plausibly reads on an adult, in millimetres, or degrees of an angle. Beyond it a slip is likelier than a body: a warning, never a refusal. */
export type PlausibleRange = { readonly least: number; readonly most: number; readonly source: Source };

/**
 * What 260 women of an open data set measured, least and most (Heinz, Peterson, Johnson and Kerk 2003). Larger bodies are
 * under-represented there and the arm was measured flexed, so the ranges are widened before anyone is warned.
 */
export const SEEN_IN_260_WOMEN = {
  waist: { least: 579, most: 1015 },
  hip: { least: 788, most: 1283 },
  upperArm: { least: 224, most: 403 },
  wrist: { least: 130, most: 182 },
} as const;

const WIDENED_DOWN = 0.9;
const WIDENED_UP = 1.25;

const seen = ({ least, most }: { readonly least: number; readonly most: number }): PlausibleRange => ({
  least: least * WIDENED_DOWN,
  most: most * WIDENED_UP,
  source: "open data set",
});
const remembered = (least: number, most: number): PlausibleRange => ({ least, most, source: "from memory" });

const RANGES: Readonly<Record<MeasureId, PlausibleRange>> = {
  bust: remembered(700, 1500),
  upperBust: remembered(650, 1450),
  underbust: remembered(600, 1350),
  waist: seen(SEEN_IN_260_WOMEN.waist),
  hip: seen(SEEN_IN_260_WOMEN.hip),
  height: remembered(1350, 2050),
  neckBase: remembered(300, 540),
  neck: remembered(270, 500),
  head: remembered(500, 650),
  shoulderWidth: remembered(310, 540),
  shoulderLength: remembered(85, 180),
  shoulderSlope: remembered(8, 34),
  backWidth: remembered(280, 500),
  frontWidth: remembered(270, 490),
  backLength: remembered(350, 480),
  frontToBust: remembered(200, 400),
  frontToUnderbust: remembered(260, 480),
  frontToWaist: remembered(370, 600),
  frontToHip: remembered(540, 820),
  waistToHip: remembered(120, 280),
  frontCentre: remembered(270, 470),
  bustSpan: remembered(140, 310),
  armholeGirth: remembered(320, 650),
  armholeDepth: remembered(140, 310),
  upperArm: seen(SEEN_IN_260_WOMEN.upperArm),
  elbow: remembered(190, 450),
  wrist: seen(SEEN_IN_260_WOMEN.wrist),
  hand: remembered(160, 280),
  armLength: remembered(460, 740),
  shoulderToElbow: remembered(270, 440),
  neckToWrist: remembered(580, 900),
  aroundShoulders: remembered(820, 1600),
};

export function plausibleRange(id: MeasureId): PlausibleRange {
  return RANGES[id];
}
