import type { Dimension, LetteredPoint } from "@core/draft/index";
import { flatten, type Path, type Point } from "@core/geometry/index";
import { formatLength, type Tape } from "@core/tape/index";
import { useEffect, useMemo, useRef, useState } from "react";
import { type Size, toScreen, type View } from "../view";
import type { Rect } from "./ground";
import { clearOf, type Placed, placeAll, type ToPlace } from "./place";
import { type PlacedLetter, placeLetters, rectsOfLetters, rectsOfPoints } from "./place-letters";
import { textWidth } from "./text-width";

/** A lettered point, or a word for what lies there, which has no point. */
export type SheetLetter = LetteredPoint & { readonly isWord?: true };

/** All that lies on the sheet where figures are written. Millimetres. */
export type OnSheet = {
  readonly dimensions: readonly Dimension[];
  readonly drawn: readonly Path[];
  readonly letters: readonly SheetLetter[];
  readonly handlesAt: readonly Point[];
};

/** Chords a cubic: enough for cells of four pixels. */
const CHORDS = 10;
const HANDLE_PX = 10;
/** After a zoom figures are placed anew once the hand rests. */
const REST_MS = 120;

type Places = { readonly figures: ReadonlyMap<string, Placed>; readonly letters: readonly PlacedLetter[] };
const NONE: Places = { figures: new Map(), letters: [] };

/**
 * Where every figure and letter of a sheet stands. Found for all at once, so that none moves when more of them are shown; kept while a handle
 * is held, when `clear` says which of them still lie clear of the lines as they are drawn then.
 */
export function usePlaces(
  { dimensions, drawn, letters, handlesAt }: OnSheet,
  {
    view,
    size,
    isHeld,
    tape,
    found,
  }: {
    readonly view: View;
    readonly size: Size | null;
    readonly isHeld: boolean;
    readonly tape: Tape;
    readonly found: string;
  },
) {
  const [settled, setSettled] = useState(view.scale);
  useEffect(() => {
    if (view.scale === settled) return;
    const timer = setTimeout(() => setSettled(view.scale), REST_MS);
    return () => clearTimeout(timer);
  }, [view.scale, settled]);
  const before = useRef<Places>(NONE);
  const latest = useRef({ view });
  latest.current = { view };
  const toPlace = useMemo((): readonly ToPlace[] => {
    const ofFindings = new Set(found.split(" "));
    return dimensions.map((dimension) => {
      const isFound = ofFindings.has(dimension.id);
      const text = formatLength(dimension.value, tape, { withUnit: false });
      return { dimension, width: textWidth(text) + (isFound ? SIGN_PX : 0), isFound };
    });
  }, [dimensions, tape, found]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a pan moves figures with the draft and places none anew; a zoom does once it rests
  const places = useMemo((): Places => {
    if (!size) return NONE;
    if (isHeld) return before.current;
    const at = latest.current.view;
    const lines = onScreen(drawn, at);
    const handles = handleRects(handlesAt, at);
    const placedLetters = placeLetters(letters, lines, handles, size, at);
    const words = rectsOfLetters(placedLetters, at);
    const rects = [...words, ...rectsOfPoints(placedLetters, at), ...handles, ...edgesOf(size)];
    const figures = placeAll({ size, view: at, lines, rects, letters: words }, toPlace, before.current.figures);
    return { figures, letters: placedLetters };
  }, [drawn, letters, handlesAt, toPlace, size, isHeld, settled]);
  before.current = places;
  const clear = useMemo(
    () =>
      isHeld && size
        ? clearOf(
            { size, view, lines: onScreen(drawn, view), rects: handleRects(handlesAt, view), letters: [] },
            toPlace,
            places.figures,
          )
        : null,
    [isHeld, size, view, drawn, handlesAt, toPlace, places],
  );
  return { ...places, clear };
}

/** A sign of a finding stands left of its figure, within its place. */
export const SIGN_PX = 23;

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
function edgesOf({ width, height }: Size): readonly Rect[] {
  return [
    { left: 0, right: width, top: 0, bottom: 24 },
    { left: 0, right: 24, top: 0, bottom: height },
    { left: width - 52, right: width, top: height - 132, bottom: height },
    { left: 0, right: 330, top: height - 50, bottom: height },
  ];
}
