import type { Dimension } from "@core/draft/index";
import { along, type Point, pathLength } from "@core/geometry/index";
import { toScreen, type View } from "../view";
import type { Rect, Segment } from "./rect";

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

export const TEXT_HEIGHT_PX = 18;

/** The rectangle that words of this width take round their middle. Pixels. */
export function rectOf({ x, y }: Point, width: number): Rect {
  return { left: x - width / 2, right: x + width / 2, top: y - TEXT_HEIGHT_PX / 2, bottom: y + TEXT_HEIGHT_PX / 2 };
}

/** The place on the draft beside which a figure is written, so far along its distance or its edge. Millimetres. */
export function anchorOf({ place }: Dimension, share: number): Point {
  if (place.as === "place") return place.at;
  if (place.as === "edge") return along(place.path, pathLength(place.path) * share).point;
  const { from, to } = place;
  return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
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
