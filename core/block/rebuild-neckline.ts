import { at } from "../data";
import { cubicLength, findRoot, type Path, SOLVED_MM, type Solution } from "../geometry";
import { type Contradiction, smallestFirst, type WayOut, wayDown, wayUp } from "./contradiction";
import { SIDES, type Side } from "./half";
import {
  LEAST_NECK_DEPTH_MM,
  type LengthRange,
  necklineHalf,
  necklineRange,
  solveDepth,
  solveFullness,
  USUAL_FULLNESS,
} from "./neckline-curve";
import type { BlockReadings, NeckReadings, ReadingPath } from "./readings";

type RebuiltNeckline = { readonly path: Path; readonly solution: Solution | null };

export type NecklineOutcome =
  | { readonly ok: true; readonly width: number; readonly front: RebuiltNeckline; readonly back: RebuiltNeckline }
  | { readonly ok: false; readonly contradictions: readonly Contradiction[] };

/** A width that gives way keeps this far inside what is possible, so that the curve on it is surely found. */
const INSIDE_MM = 1e-3;
/** Nobody's neckline is narrower or wider than this in the half; a search has to begin and end somewhere. */
const WIDTHS: LengthRange = { least: 5, most: 3000 };

/** Both half necklines on one width, honouring every reading. A width that nobody read gives way to what was read. */
export function rebuildNeckline(neckline: BlockReadings["neckline"], shoulderAngle: number): NecklineOutcome {
  const width = neckline.width.isEstimate
    ? givingWay(neckline, shoulderAngle)
    : { ok: true as const, width: neckline.width.value };
  if (!width.ok) return { ok: false, contradictions: [width.contradiction] };
  const contradictions = SIDES.map((side) =>
    contradict(side, width.width, neckline.width.isEstimate, neckline[side], shoulderAngle),
  ).filter((found) => found !== null);
  if (contradictions.length > 0) return { ok: false, contradictions };
  return {
    ok: true,
    width: width.width,
    front: rebuildHalf("front", width.width, neckline.front, shoulderAngle),
    back: rebuildHalf("back", width.width, neckline.back, shoulderAngle),
  };
}

function rebuildHalf(side: Side, width: number, read: NeckReadings, shoulderAngle: number): RebuiltNeckline {
  const { depth, length } = read;
  if (length === null) {
    const path = [necklineHalf(width, depth?.value ?? LEAST_NECK_DEPTH_MM, USUAL_FULLNESS[side], shoulderAngle)];
    return { path, solution: null };
  }
  if (depth === null || depth.isEstimate) {
    const solution = solveDepth(side, width, shoulderAngle, length);
    return { path: [necklineHalf(width, solution.value, USUAL_FULLNESS[side], shoulderAngle)], solution };
  }
  const solution = solveFullness(width, depth.value, shoulderAngle, length);
  return { path: [necklineHalf(width, depth.value, solution.value, shoulderAngle)], solution };
}

/** The lengths that this half can have on this width, with its depth read or left free. */
function lengthsOn(side: Side, width: number, read: NeckReadings, shoulderAngle: number): LengthRange {
  if (read.depth !== null && !read.depth.isEstimate) return necklineRange(width, read.depth.value, shoulderAngle);
  return { least: flattest(side, width, shoulderAngle), most: Number.POSITIVE_INFINITY };
}

/** With the depth free the usual shape is drawn: this is its length where it is hardly deep at all. */
function flattest(side: Side, width: number, shoulderAngle: number): number {
  return cubicLength(necklineHalf(width, LEAST_NECK_DEPTH_MM, USUAL_FULLNESS[side], shoulderAngle));
}

function contradict(
  side: Side,
  width: number,
  isWidthEstimated: boolean,
  read: NeckReadings,
  shoulderAngle: number,
): Contradiction | null {
  const { length, depth } = read;
  if (length === null) return null;
  const range = lengthsOn(side, width, read, shoulderAngle);
  if (length >= range.least && length <= range.most) return null;
  const path = `neckline.${side}Length` as const;
  const isDepthRead = depth !== null && !depth.isEstimate;
  const isShort = length < range.least;
  return {
    about: `neckline.${side}`,
    readings: [
      { path, value: length },
      ...(isDepthRead ? [{ path: `neckline.${side}Depth` as const, value: depth.value }] : []),
      ...(isWidthEstimated ? [] : [{ path: "neckline.width" as const, value: width }]),
    ],
    range,
    ways: smallestFirst([
      isShort ? wayUp(path, length, range.least) : wayDown(path, length, range.most),
      isWidthEstimated ? null : widthFor(side, width, read, shoulderAngle, length, isShort),
      isDepthRead ? depthFor(side, width, depth.value, shoulderAngle, length, isShort) : null,
    ]),
  };
}

/** The nearest width on which the half can have this length. */
function widthFor(
  side: Side,
  width: number,
  read: NeckReadings,
  shoulderAngle: number,
  length: number,
  isShort: boolean,
): WayOut | null {
  const miss = (w: number) => {
    const range = lengthsOn(side, w, read, shoulderAngle);
    return (isShort ? range.least : range.most) - length;
  };
  const root = isShort
    ? findRoot(miss, WIDTHS.least, width, SOLVED_MM)
    : findRoot(miss, width, Math.max(width, length) + 1, SOLVED_MM);
  if (!root.converged) return null;
  return isShort ? wayDown("neckline.width", width, root.value) : wayUp("neckline.width", width, root.value);
}

function depthFor(
  side: Side,
  width: number,
  depth: number,
  shoulderAngle: number,
  length: number,
  isShort: boolean,
): WayOut | null {
  const path: ReadingPath = `neckline.${side}Depth`;
  const miss = (d: number) => {
    const range = necklineRange(width, d, shoulderAngle);
    return (isShort ? range.least : range.most) - length;
  };
  const root = isShort
    ? findRoot(miss, LEAST_NECK_DEPTH_MM, depth, SOLVED_MM)
    : findRoot(miss, depth, depth + length, SOLVED_MM);
  if (!root.converged) return null;
  return isShort ? wayDown(path, depth, root.value) : wayUp(path, depth, root.value);
}

type Width =
  | { readonly ok: true; readonly width: number }
  | { readonly ok: false; readonly contradiction: Contradiction };

/** The width nearest to its estimate on which both halves can have what was read of them. */
function givingWay(neckline: BlockReadings["neckline"], shoulderAngle: number): Width {
  const ranges = SIDES.map((side) => ({ side, ...widthsFor(side, neckline[side], shoulderAngle) }));
  const least = Math.max(...ranges.map((range) => range.least));
  const most = Math.min(...ranges.map((range) => range.most));
  if (least <= most) return { ok: true, width: Math.min(most, Math.max(least, neckline.width.value)) };
  // Each range was kept inside what is possible: between two that miss each other by less there is a width for both.
  if (least - most < 2 * INSIDE_MM) return { ok: true, width: (least + most) / 2 };
  return { ok: false, contradiction: twoWidths(neckline, ranges, shoulderAngle) };
}

type SideWidths = LengthRange & { readonly side: Side };

/** The widths on which this half can have its length. */
function widthsFor(side: Side, read: NeckReadings, shoulderAngle: number): LengthRange {
  const { length } = read;
  if (length === null) return WIDTHS;
  const isDepthRead = read.depth !== null && !read.depth.isEstimate;
  const atLeast = (w: number) => lengthsOn(side, w, read, shoulderAngle).least - length;
  const widest = findRoot(atLeast, WIDTHS.least, length + 1, SOLVED_MM);
  // Too short for its own depth on any width: no width helps, and the half reports it by itself.
  if (!widest.converged) return WIDTHS;
  if (!isDepthRead) return { least: WIDTHS.least, most: widest.value - INSIDE_MM };
  const atMost = (w: number) => lengthsOn(side, w, read, shoulderAngle).most - length;
  const narrowest = findRoot(atMost, WIDTHS.least, widest.value, SOLVED_MM);
  return { least: narrowest.converged ? narrowest.value + INSIDE_MM : WIDTHS.least, most: widest.value - INSIDE_MM };
}

/** Front and back ask for necks of different width: the length of either may have been misread. */
function twoWidths(
  neckline: BlockReadings["neckline"],
  ranges: readonly SideWidths[],
  shoulderAngle: number,
): Contradiction {
  const byWidth = [...ranges].sort((a, b) => b.least - a.least);
  const [wide, narrow] = [at(byWidth, 0), at(byWidth, 1)];
  const longer = lengthsOn(narrow.side, wide.least, neckline[narrow.side], shoulderAngle).least;
  const shorter = lengthsOn(wide.side, narrow.most, neckline[wide.side], shoulderAngle).most;
  const narrowPath = `neckline.${narrow.side}Length` as const;
  const widePath = `neckline.${wide.side}Length` as const;
  const [narrowLength, wideLength] = [neckline[narrow.side].length ?? 0, neckline[wide.side].length ?? 0];
  return {
    about: "neckline",
    readings: [
      { path: narrowPath, value: narrowLength },
      { path: widePath, value: wideLength },
    ],
    range: { least: longer, most: Number.POSITIVE_INFINITY },
    ways: smallestFirst([
      wayUp(narrowPath, narrowLength, longer + 2 * INSIDE_MM),
      wayDown(widePath, wideLength, shorter - 2 * INSIDE_MM),
    ]),
  };
}
