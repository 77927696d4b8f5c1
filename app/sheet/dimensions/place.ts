import type { Dimension } from "@core/draft/index";
import { along, type Path, type Point, pathLength } from "@core/geometry/index";
import { type Size, toScreen, type View } from "../view";
import { type Ground, groundOf, type Rect } from "./ground";

/**
 * Where a figure is written: beside a share of its distance or its edge, and the rest lies so many pixels from there. So it follows the
 * draft through a pan or a drag without being placed anew. `line`: how far a distance is drawn beside where it is; null where it has no
 * line. `isLed`: a thread leads from the words to their place.
 */
export type Placed = {
  readonly share: number;
  readonly text: Point;
  readonly line: { readonly offset: Point } | null;
  readonly isLed: boolean;
};

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

export const TEXT_HEIGHT_PX = 18;
const CLEAR_PX = 3;
const APART_PX = 6;
/** So short a distance is drawn where it is, its words led out. */
const SHORT_PX = 30;
const OFFSETS = [0, 16, -16, 28, -28, 42, -42] as const;
const SHARES = [0.5, 0.38, 0.62, 0.26, 0.74] as const;
const GAPS = [7, 15, 27, 43, 63] as const;
const RADII = [12, 24, 40, 60, 84] as const;
const DIRECTIONS = Array.from({ length: 16 }, (_, i) => (i * Math.PI) / 8);
/** Words farther from their place than this are led to it by a thread. */
const LED_FROM_PX = 20;
const SAME_PLACE_PX = 4;

type Candidate = {
  readonly text: Point;
  readonly share: number;
  readonly at: Point;
  readonly offset: Point | null;
  readonly cost: number;
};
type Segment = readonly [Point, Point];
type Taken = { readonly rects: Rect[]; readonly segments: Segment[] };

/**
 * Finds a place for each figure, those of findings first, then by rank, then short before long: never on a line, on other words or out of
 * the sheet. What finds none is left out; `before` keeps a figure where it was as far as it can.
 */
export function placeAll(
  sheet: Sheet,
  all: readonly ToPlace[],
  before: ReadonlyMap<string, Placed> = new Map(),
): ReadonlyMap<string, Placed> {
  const forText = groundOf(sheet.size, sheet);
  const forLines = groundOf(sheet.size, { lines: sheet.lines, rects: [] });
  const taken: Taken = { rects: [], segments: [] };
  const places = new Map<string, Placed>();
  const order = [...all].sort(
    (a, b) =>
      Number(b.isFound) - Number(a.isFound) ||
      a.dimension.rank - b.dimension.rank ||
      spanOf(a.dimension, sheet.view) - spanOf(b.dimension, sheet.view),
  );
  for (const one of order) {
    const was = before.get(one.dimension.id);
    const found = cheapest(one, sheet, forText, forLines, taken, was);
    if (!found) continue;
    const { share, at, text, offset } = found;
    const placed: Placed = {
      share,
      text: { x: text.x - at.x, y: text.y - at.y },
      line: offset && { offset },
      isLed: isLed(found, one, sheet.view),
    };
    places.set(one.dimension.id, placed);
    taken.rects.push(rectOf(text, one.width));
    taken.segments.push(...segmentsOf(one.dimension, placed, sheet.view));
  }
  return places;
}

/** The rectangle that words of this width take round their middle. Pixels. */
export function rectOf({ x, y }: Point, width: number): Rect {
  return { left: x - width / 2, right: x + width / 2, top: y - TEXT_HEIGHT_PX / 2, bottom: y + TEXT_HEIGHT_PX / 2 };
}

const grown = (rect: Rect, by: number): Rect => ({
  left: rect.left - by,
  top: rect.top - by,
  right: rect.right + by,
  bottom: rect.bottom + by,
});

function spanOf({ place, value }: Dimension, view: View): number {
  return place.as === "distance"
    ? Math.hypot(place.to.x - place.from.x, place.to.y - place.from.y) * view.scale
    : value * view.scale;
}

function cheapest(
  one: ToPlace,
  sheet: Sheet,
  forText: Ground,
  forLines: Ground,
  taken: Taken,
  was: Placed | undefined,
): Candidate | null {
  let best: Candidate | null = null;
  for (const candidate of candidatesOf(one, sheet.view)) {
    const { at } = candidate;
    const isSame =
      was !== undefined &&
      Math.hypot(candidate.text.x - at.x - was.text.x, candidate.text.y - at.y - was.text.y) < SAME_PLACE_PX;
    const cost = candidate.cost - (isSame ? 12 : 0);
    if (best !== null && cost >= best.cost) continue;
    const rect = rectOf(candidate.text, one.width);
    if (!forText.isFree(grown(rect, CLEAR_PX))) continue;
    if (taken.rects.some((other) => isOver(grown(rect, APART_PX), other))) continue;
    if (taken.segments.some((segment) => crossesRect(segment, grown(rect, CLEAR_PX)))) continue;
    const placed: Placed = {
      share: candidate.share,
      text: { x: candidate.text.x - at.x, y: candidate.text.y - at.y },
      line: candidate.offset && { offset: candidate.offset },
      isLed: isLed(candidate, one, sheet.view),
    };
    const drawn = segmentsOf(one.dimension, placed, sheet.view);
    if (drawn.some((segment) => taken.rects.some((other) => crossesRect(segment, grown(other, CLEAR_PX))))) continue;
    if (drawn.some((segment) => taken.segments.some((other) => segmentsCross(segment, other)))) continue;
    if (candidate.offset && (candidate.offset.x !== 0 || candidate.offset.y !== 0)) {
      const [line] = drawn;
      if (line && (forLines.shareOver(...line) > MOST_ALONG || outside(line, sheet.size))) continue;
      if (drawn.some((segment) => sheet.letters.some((letter) => crossesRect(segment, letter)))) continue;
    }
    const led = placed.isLed ? drawn.at(-1) : undefined;
    const over = led && forLines.shareOver(...led) > MOST_ALONG ? LED_OVER_COST : 0;
    if (best === null || cost + over < best.cost) best = { ...candidate, cost: cost + over };
  }
  return best;
}

/** A line beside a drawn one would be taken for it where it lies on it for more than this share. */
const MOST_ALONG = 0.34;
const LED_OVER_COST = 60;

const outside = (line: Segment, { width, height }: Size) =>
  line.some(({ x, y }) => x < 0 || y < 0 || x > width || y > height);

function candidatesOf({ dimension, width }: ToPlace, view: View): readonly Candidate[] {
  const { place } = dimension;
  switch (place.as) {
    case "distance": {
      const span = spanOf(dimension, view);
      return [
        ...(span < SHORT_PX
          ? around(toScreen(view, anchorOf(dimension, 0.5)), width, true)
          : besideLine(place, view, width, span)),
        ...ledOut(dimension, view, width),
      ];
    }
    case "edge":
      return [...besideEdge(place.path, view, width), ...ledOut(dimension, view, width)];
    case "place":
      return around(toScreen(view, place.at), width, false);
  }
}

/** The place on the draft beside which a figure is written, so far along its distance or its edge. Millimetres. */
export function anchorOf({ place }: Dimension, share: number): Point {
  if (place.as === "place") return place.at;
  if (place.as === "edge") return along(place.path, pathLength(place.path) * share).point;
  const { from, to } = place;
  return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
}

function besideLine(
  { from, to }: { readonly from: Point; readonly to: Point },
  view: View,
  width: number,
  span: number,
): readonly Candidate[] {
  const [a, b] = [toScreen(view, from), toScreen(view, to)];
  const normal = { x: -(b.y - a.y) / span, y: (b.x - a.x) / span };
  return OFFSETS.filter((offset) => Math.abs(offset) <= span).flatMap((offset) =>
    SHARES.flatMap((share) => {
      const at = { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
      return ([1, -1] as const).flatMap((side) =>
        GAPS.map((gap): Candidate => {
          const far = offset + side * (gap + halfAcross(normal, width));
          return {
            share,
            at,
            text: { x: at.x + normal.x * far, y: at.y + normal.y * far },
            offset: { x: normal.x * offset, y: normal.y * offset },
            cost: gap + 0.8 * Math.abs(offset) + 40 * Math.abs(share - 0.5),
          };
        }),
      );
    }),
  );
}

/** How far words of this width reach from their middle, that way. */
const halfAcross = (normal: Point, width: number) =>
  (Math.abs(normal.x) * width) / 2 + (Math.abs(normal.y) * TEXT_HEIGHT_PX) / 2;

/** The piece lies to the right of its outline: words stand inside first. */
function besideEdge(path: Path, view: View, width: number): readonly Candidate[] {
  const length = pathLength(path);
  return SHARES.flatMap((share) => {
    const { point, direction } = along(path, length * share);
    const at = toScreen(view, point);
    const normal = { x: -direction.y, y: direction.x };
    return ([1, -1] as const).flatMap((side) =>
      GAPS.map((gap): Candidate => {
        const far = side * (gap + halfAcross(normal, width));
        return {
          share,
          at,
          text: { x: at.x + normal.x * far, y: at.y + normal.y * far },
          offset: null,
          cost: gap + 40 * Math.abs(share - 0.5) + (side === 1 ? 0 : 4),
        };
      }),
    );
  });
}

/** Where there is no room beside its line, a figure is led out from it by a thread, and the line is left away. */
function ledOut(dimension: Dimension, view: View, width: number): readonly Candidate[] {
  return SHARES.flatMap((share) =>
    around(toScreen(view, anchorOf(dimension, share)), width, false).map((one) => ({
      ...one,
      share,
      cost: one.cost + LED_OUT_COST + 40 * Math.abs(share - 0.5),
    })),
  );
}

const LED_OUT_COST = 110;

function around(at: Point, width: number, hasLine: boolean): readonly Candidate[] {
  return RADII.flatMap((radius) =>
    DIRECTIONS.map((turn): Candidate => {
      const normal = { x: Math.cos(turn), y: Math.sin(turn) };
      const far = radius + halfAcross(normal, width);
      return {
        share: 0.5,
        at,
        text: { x: at.x + normal.x * far, y: at.y + normal.y * far },
        offset: hasLine ? { x: 0, y: 0 } : null,
        cost: radius,
      };
    }),
  );
}

function isLed({ text, at, offset }: Candidate, { dimension, width }: ToPlace, view: View): boolean {
  const from = { x: at.x + (offset?.x ?? 0), y: at.y + (offset?.y ?? 0) };
  const nearest = nearestOnRect(rectOf(text, width), from);
  const isFar = Math.hypot(nearest.x - from.x, nearest.y - from.y) > LED_FROM_PX;
  return (
    isFar || dimension.place.as === "place" || (dimension.place.as === "distance" && spanOf(dimension, view) < SHORT_PX)
  );
}

/** The straight lines that a placed figure draws, in pixels: its distance, the threads to its ends, and what leads to its words. */
export function segmentsOf(dimension: Dimension, placed: Placed, view: View): readonly Segment[] {
  const { place } = dimension;
  const at = toScreen(view, anchorOf(dimension, placed.share));
  const drawn: Segment[] = [];
  if (place.as === "distance" && placed.line) {
    const { offset } = placed.line;
    const [a, b] = [toScreen(view, place.from), toScreen(view, place.to)];
    const [from, to] = [
      { x: a.x + offset.x, y: a.y + offset.y },
      { x: b.x + offset.x, y: b.y + offset.y },
    ];
    drawn.push([from, to]);
    if (offset.x !== 0 || offset.y !== 0) drawn.push([shortOf(a, from), from], [shortOf(b, to), to]);
  }
  if (placed.isLed) {
    const start = { x: at.x + (placed.line?.offset.x ?? 0), y: at.y + (placed.line?.offset.y ?? 0) };
    const text = { x: at.x + placed.text.x, y: at.y + placed.text.y };
    const way = Math.hypot(text.x - start.x, text.y - start.y);
    const [ux, uy] = [(text.x - start.x) / way, (text.y - start.y) / way];
    drawn.push([
      { x: start.x + ux * SHORT_OF_PX, y: start.y + uy * SHORT_OF_PX },
      {
        x: text.x - ux * (TEXT_HEIGHT_PX / 2 + Math.abs(ux) * 10),
        y: text.y - uy * (TEXT_HEIGHT_PX / 2 + Math.abs(ux) * 10),
      },
    ]);
  }
  return drawn;
}

/** A thread ends so far short of its place. */
const SHORT_OF_PX = 4;

function shortOf(place: Point, towards: Point): Point {
  const way = Math.hypot(towards.x - place.x, towards.y - place.y);
  if (way <= SHORT_OF_PX) return towards;
  return {
    x: place.x + ((towards.x - place.x) * SHORT_OF_PX) / way,
    y: place.y + ((towards.y - place.y) * SHORT_OF_PX) / way,
  };
}

const isOver = (a: Rect, b: Rect) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

function nearestOnRect({ left, top, right, bottom }: Rect, { x, y }: Point): Point {
  return { x: Math.min(right, Math.max(left, x)), y: Math.min(bottom, Math.max(top, y)) };
}

function crossesRect([a, b]: Segment, { left, top, right, bottom }: Rect): boolean {
  const inside = ({ x, y }: Point) => x > left && x < right && y > top && y < bottom;
  if (inside(a) || inside(b)) return true;
  const corners: readonly Point[] = [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ];
  return corners.some((corner, i) => segmentsCross([a, b], [corner, corners[(i + 1) % 4] ?? corner]));
}

/** Whether two stretches cross within both; touching at an end is no crossing. */
export function segmentsCross([a, b]: Segment, [c, d]: Segment): boolean {
  const turn = (p: Point, q: Point, r: Point) => (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
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
