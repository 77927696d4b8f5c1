import type { Box } from "@core/geometry/index";
import type { Tape } from "@core/tape/index";
import { useEffect, useMemo, useRef, useState } from "react";
import type { Size, View } from "../view";
import { NO_PLACES, type OnSheet, type Places, placesOn, stillClear, toPlace } from "./on-sheet";

/** After a zoom figures are placed anew once the hand rests. */
const REST_MS = 120;

type Looked = {
  readonly view: View;
  readonly size: Size | null;
  /** What of the draft the sheet shows when it is fitted: of another part of it other figures find a place. */
  readonly box: Box;
  readonly isHeld: boolean;
  readonly tape: Tape;
  /** The figures at which something was found, by their ids with spaces between. */
  readonly found: string;
};

/**
 * Where every figure and letter of a sheet stands. Found for all at once, so that none moves when more of them are shown; kept while a handle
 * is held, when `clear` says which of them still lie clear of the lines as they are drawn then.
 */
export function usePlaces({ dimensions, drawn, letters, handlesAt, wordsAt }: OnSheet, looked: Looked) {
  const { view, size, box, isHeld, tape, found } = looked;
  const [settled, setSettled] = useState(view.scale);
  useEffect(() => {
    if (view.scale === settled) return;
    const timer = setTimeout(() => setSettled(view.scale), REST_MS);
    return () => clearTimeout(timer);
  }, [view.scale, settled]);
  const before = useRef<Places>(NO_PLACES);
  const latest = useRef(view);
  latest.current = view;
  const all = useMemo(() => toPlace({ dimensions }, tape, new Set(found.split(" "))), [dimensions, tape, found]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a pan moves figures with the draft and places none anew; a zoom does once it rests
  const places = useMemo((): Places => {
    if (!size) return NO_PLACES;
    if (isHeld) return before.current;
    return placesOn({ drawn, letters, handlesAt, wordsAt }, all, { view: latest.current, size }, before.current);
  }, [drawn, letters, handlesAt, wordsAt, all, size, box, isHeld, settled]);
  before.current = places;
  const clear = useMemo(
    () => (isHeld && size ? stillClear({ drawn, letters, handlesAt }, all, { view, size }, places) : null),
    [isHeld, size, view, drawn, letters, handlesAt, all, places],
  );
  return { ...places, clear };
}
