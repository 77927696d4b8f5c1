import type { Dimension } from "@core/draft/index";
import type { Point } from "@core/geometry/index";
import { type Size, toScreen, type View } from "../view";
import { type Candidate, candidatesOf, SHORT_PX, spanOf } from "./candidates";
import { type Ground, groundOf } from "./ground";
import { anchorOf, type Placed, rectOf, segmentsOf } from "./placed";
import { crossesRect, grown, isOver, nearestOnRect, type Rect, type Segment, segmentsCross } from "./rect";

export type ToPlace = {
  readonly dimension: Dimension;
  /** What is written, in pixels across. */
  readonly width: number;
  /** What was found about it is placed before all others. */
  readonly isFound: boolean;
};

type Sheet = {
  readonly size: Size;
  readonly view: View;
  /** What is drawn, as points along it, in pixels. */
  readonly lines: readonly (readonly Point[])[];
  /** Letters, points and handles, in pixels. */
  readonly rects: readonly Rect[];
  /** The letters by themselves: no line of a figure runs through one. */
  readonly letters: readonly Rect[];
};

const CLEAR_PX = 3;
const APART_PX = 6;
/** Words farther from their place than this are led to it by a thread. */
const LED_FROM_PX = 20;
const SAME_PLACE_PX = 4;

type Taken = { readonly rects: Rect[]; readonly segments: Segment[] };
type Grounds = { readonly forText: Ground; readonly forLines: Ground };
/** A place that was found, with what it covers and draws. */
type Found = {
  readonly placed: Placed;
  readonly rect: Rect;
  readonly drawn: readonly Segment[];
  readonly cost: number;
};

/**
 * Finds a place for each figure, those of findings first, then by rank, then short before long: never on a line, on other words or out of
 * the sheet. What finds none is left out; `before` keeps a figure where it was as far as it can.
 */
export function placeAll(
  sheet: Sheet,
  all: readonly ToPlace[],
  before: ReadonlyMap<string, Placed> = new Map(),
): ReadonlyMap<string, Placed> {
  const grounds = {
    forText: groundOf(sheet.size, sheet),
    forLines: groundOf(sheet.size, { lines: sheet.lines, rects: [] }),
  };
  const taken: Taken = { rects: [], segments: [] };
  const places = new Map<string, Placed>();
  const order = [...all].sort(
    (a, b) =>
      Number(b.isFound) - Number(a.isFound) ||
      a.dimension.rank - b.dimension.rank ||
      spanOf(a.dimension, sheet.view) - spanOf(b.dimension, sheet.view),
  );
  for (const one of order) {
    const found = cheapest(one, sheet, grounds, taken, before.get(one.dimension.id));
    if (!found) continue;
    places.set(one.dimension.id, found.placed);
    taken.rects.push(found.rect);
    taken.segments.push(...found.drawn);
  }
  return places;
}

function cheapest(one: ToPlace, sheet: Sheet, grounds: Grounds, taken: Taken, was: Placed | undefined): Found | null {
  let best: Found | null = null;
  for (const candidate of candidatesOf(one.dimension, one.width, sheet.view)) {
    const cost = candidate.cost - (isSamePlace(candidate, was) ? SAME_PLACE_GAIN : 0);
    if (best !== null && cost >= best.cost) continue;
    const rect = rectOf(candidate.text, one.width);
    if (!isFreeForWords(rect, grounds, taken)) continue;
    const placed = placedAt(candidate, one, sheet.view);
    const drawn = segmentsOf(one.dimension, placed, sheet.view);
    if (!isFreeForLines(drawn, candidate, sheet, grounds, taken)) continue;
    const led = placed.isLed ? drawn.at(-1) : undefined;
    const whole = cost + (led && grounds.forLines.shareOver(...led) > MOST_ALONG ? LED_OVER_COST : 0);
    if (best === null || whole < best.cost) best = { placed, rect, drawn, cost: whole };
  }
  return best;
}

/** A figure rather stays where it was. */
const SAME_PLACE_GAIN = 12;

function isSamePlace({ text, at }: Candidate, was: Placed | undefined): boolean {
  return was !== undefined && Math.hypot(text.x - at.x - was.text.x, text.y - at.y - was.text.y) < SAME_PLACE_PX;
}

function isFreeForWords(rect: Rect, { forText }: Grounds, { rects, segments }: Taken): boolean {
  const clear = grown(rect, CLEAR_PX);
  const apart = grown(rect, APART_PX);
  return (
    forText.isFree(clear) &&
    !rects.some((other) => isOver(apart, other)) &&
    !segments.some((segment) => crossesRect(segment, clear))
  );
}

/** No line of a figure runs over words or over another's; one beside its own place not along what is drawn, over a letter or out of the sheet. */
function isFreeForLines(
  drawn: readonly Segment[],
  { offset }: Candidate,
  { size, letters }: Sheet,
  { forLines }: Grounds,
  { rects, segments }: Taken,
): boolean {
  if (drawn.some((segment) => rects.some((other) => crossesRect(segment, grown(other, CLEAR_PX))))) return false;
  if (drawn.some((segment) => segments.some((other) => segmentsCross(segment, other)))) return false;
  if (!offset || (offset.x === 0 && offset.y === 0)) return true;
  const [line] = drawn;
  return (
    (line === undefined || !(forLines.shareOver(...line) > MOST_ALONG || isOutside(line, size))) &&
    !drawn.some((segment) => letters.some((letter) => crossesRect(segment, letter)))
  );
}

/** A line beside a drawn one would be taken for it where it lies on it for more than this share. */
const MOST_ALONG = 0.34;
const LED_OVER_COST = 60;

const isOutside = (line: Segment, { width, height }: Size) =>
  line.some(({ x, y }) => x < 0 || y < 0 || x > width || y > height);

function placedAt(candidate: Candidate, one: ToPlace, view: View): Placed {
  const { share, at, text, offset } = candidate;
  return {
    share,
    text: { x: text.x - at.x, y: text.y - at.y },
    line: offset && { offset },
    isLed: isLed(candidate, one, view),
  };
}

function isLed({ text, at, offset }: Candidate, { dimension, width }: ToPlace, view: View): boolean {
  const from = { x: at.x + (offset?.x ?? 0), y: at.y + (offset?.y ?? 0) };
  const nearest = nearestOnRect(rectOf(text, width), from);
  const isFar = Math.hypot(nearest.x - from.x, nearest.y - from.y) > LED_FROM_PX;
  return (
    isFar || dimension.place.as === "place" || (dimension.place.as === "distance" && spanOf(dimension, view) < SHORT_PX)
  );
}

/** Which of the placed figures still lie clear of what is drawn now: while a line is dragged the others are not written. */
export function clearOf(
  sheet: Sheet,
  all: readonly ToPlace[],
  places: ReadonlyMap<string, Placed>,
): ReadonlySet<string> {
  const ground = groundOf(sheet.size, sheet);
  const clear = new Set<string>();
  const rects: Rect[] = [];
  for (const { dimension, width } of all) {
    const placed = places.get(dimension.id);
    if (!placed) continue;
    const at = toScreen(sheet.view, anchorOf(dimension, placed.share));
    const rect = rectOf({ x: at.x + placed.text.x, y: at.y + placed.text.y }, width);
    if (!ground.isFree(grown(rect, 1)) || rects.some((other) => isOver(rect, other))) continue;
    rects.push(rect);
    clear.add(dimension.id);
  }
  return clear;
}
