import type { LetteredPoint } from "@core/draft/index";
import type { Point } from "@core/geometry/index";
import { type Size, toScreen, type View } from "../view";
import { groundOf } from "./ground";
import { isOver, type Rect } from "./rect";

/** A lettered point, or a word for what lies there, which has no point. */
export type SheetLetter = LetteredPoint & { readonly isWord?: true };

/** A letter beside its point: the middle of the letter, in pixels from the point. */
export type PlacedLetter = { readonly point: SheetLetter; readonly by: Point };

const HEIGHT_PX = 14;
const CHARACTER_PX = 8.5;
const CLEAR_PX = 1.5;
const GAPS = [10, 14, 19, 25, 32] as const;
/** Up and down first: beside a seam that runs down there is more room at its ends than across it. */
const TURNS = [-0.25, -0.75, 0.25, 0.75, 0, 1, -0.5, 0.5] as const;

/**
 * Every letter beside its point where nothing is drawn and no other letter stands; the nearest such place. Of a point that is crowded all
 * round the letter stands above it.
 */
export function placeLetters(
  points: readonly SheetLetter[],
  lines: readonly (readonly Point[])[],
  handles: readonly Rect[],
  size: Size,
  view: View,
): readonly PlacedLetter[] {
  const ground = groundOf(size, { lines, rects: handles });
  const taken: Rect[] = [];
  return points.map((point) => {
    const at = toScreen(view, point.at);
    const half = (point.letter.length * CHARACTER_PX) / 2;
    const rectAt = (by: Point): Rect => ({
      left: at.x + by.x - half - CLEAR_PX,
      right: at.x + by.x + half + CLEAR_PX,
      top: at.y + by.y - HEIGHT_PX / 2,
      bottom: at.y + by.y + HEIGHT_PX / 2,
    });
    const by = GAPS.flatMap((gap) =>
      TURNS.map((turn) => ({
        x: Math.cos(turn * Math.PI) * (gap + half - 4),
        y: Math.sin(turn * Math.PI) * gap,
      })),
    ).find((one) => {
      const rect = rectAt(one);
      return ground.isFree(rect) && !taken.some((other) => isOver(rect, other));
    });
    const placed = by ?? { x: 0, y: -GAPS[0] };
    taken.push(rectAt(placed));
    return { point, by: placed };
  });
}

/** What the letters cover, in pixels. */
export function rectsOfLetters(placed: readonly PlacedLetter[], view: View): readonly Rect[] {
  return placed.map(({ point, by }) => {
    const at = toScreen(view, point.at);
    const half = (point.letter.length * CHARACTER_PX) / 2;
    return { left: at.x + by.x - half, right: at.x + by.x + half, top: at.y + by.y - 7, bottom: at.y + by.y + 7 };
  });
}

/** What their points cover, in pixels. */
export function rectsOfPoints(placed: readonly PlacedLetter[], view: View): readonly Rect[] {
  return placed
    .filter(({ point }) => !point.isWord)
    .map(({ point }) => {
      const { x, y } = toScreen(view, point.at);
      return { left: x - 3, right: x + 3, top: y - 3, bottom: y + 3 };
    });
}
