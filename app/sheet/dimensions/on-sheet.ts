import type { Dimension } from "@core/draft/index";
import { flatten, type Path, type Point } from "@core/geometry/index";
import { formatLength, type Tape } from "@core/tape/index";
import { type Size, SMALL_PX, toScreen, type View } from "../view";
import { clearOf, placeAll, type ToPlace } from "./place";
import { type PlacedLetter, placeLetters, rectsOfLetters, rectsOfPoints, type SheetLetter } from "./place-letters";
import type { Placed } from "./placed";
import type { Rect } from "./rect";
import { textWidth } from "./text-width";

/** All that lies on a sheet on which figures are written. Millimetres. */
export type OnSheet = {
  readonly dimensions: readonly Dimension[];
  readonly drawn: readonly Path[];
  readonly letters: readonly SheetLetter[];
  readonly handlesAt: readonly Point[];
  /** What else is written on it, in pixels, by how it is looked at. */
  readonly wordsAt?: (view: View) => readonly Rect[];
};

/** Where every figure and every letter of a sheet stands. */
export type Places = { readonly figures: ReadonlyMap<string, Placed>; readonly letters: readonly PlacedLetter[] };
export const NO_PLACES: Places = { figures: new Map(), letters: [] };

type Looked = { readonly view: View; readonly size: Size };

/** Chords a cubic: enough for cells of four pixels. */
const CHORDS = 10;
const HANDLE_PX = 10;
/** A sign of a finding stands left of its figure, within its place. */
export const SIGN_PX = 23;

/** What is to be placed: each figure as this tape shows it, those of findings with room for their sign. */
export function toPlace(
  { dimensions }: Pick<OnSheet, "dimensions">,
  tape: Tape,
  found: ReadonlySet<string>,
): readonly ToPlace[] {
  return dimensions.map((dimension) => {
    const isFound = found.has(dimension.id);
    const text = formatLength(dimension.value, tape, { withUnit: false });
    return { dimension, width: textWidth(text) + (isFound ? SIGN_PX : 0), isFound };
  });
}

/** Places the letters, then every figure at once; a figure that has a place `before` keeps it as far as it can. */
export function placesOn(
  { drawn, letters, handlesAt, wordsAt }: Omit<OnSheet, "dimensions">,
  all: readonly ToPlace[],
  { view, size }: Looked,
  before: Places = NO_PLACES,
): Places {
  const lines = onScreen(drawn, view);
  const handles = handleRects(handlesAt, view);
  const placedLetters = placeLetters(letters, lines, handles, size, view);
  const words = rectsOfLetters(placedLetters, view);
  const rects = [
    ...words,
    ...(wordsAt?.(view) ?? []),
    ...rectsOfPoints(placedLetters, view),
    ...handles,
    ...keptFree(size),
  ];
  return {
    figures: placeAll({ size, view, lines, rects, letters: words }, all, before.figures),
    letters: placedLetters,
  };
}

/** Which figures still lie clear of the lines as they are drawn while a handle is held, and of each other. */
export function stillClear(
  { drawn, handlesAt }: Omit<OnSheet, "dimensions">,
  all: readonly ToPlace[],
  { view, size }: Looked,
  { figures }: Places,
): ReadonlySet<string> {
  const lines = onScreen(drawn, view);
  return clearOf({ size, view, lines, rects: handleRects(handlesAt, view), letters: [] }, all, figures);
}

/** Paths as points along them, in pixels. */
export function onScreen(drawn: readonly Path[], view: View): readonly (readonly Point[])[] {
  return drawn.map((path) => flatten(path, CHORDS).map((p) => toScreen(view, p)));
}

function handleRects(handlesAt: readonly Point[], view: View): readonly Rect[] {
  return handlesAt.map((at) => {
    const { x, y } = toScreen(view, at);
    return { left: x - HANDLE_PX, right: x + HANDLE_PX, top: y - HANDLE_PX, bottom: y + HANDLE_PX };
  });
}

/** The rulers, the tools on the right and the row along the bottom: nothing is written under them. */
function keptFree({ width, height }: Size): readonly Rect[] {
  return [
    { left: 0, right: width, top: 0, bottom: 24 },
    { left: 0, right: 24, top: 0, bottom: height },
    { left: width - 60, right: width, top: height - 156, bottom: height },
    // On a phone the row stands at the top, where there is more room beside a draft than under it.
    ...(width < SMALL_PX ? [{ left: 0, right: width - 60, top: height - 54, bottom: height }] : []),
    width < SMALL_PX
      ? { left: width - 130, right: width, top: 24, bottom: 74 }
      : { left: 0, right: 330, top: height - 50, bottom: height },
  ];
}
