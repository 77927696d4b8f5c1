import { PHONE, useNarrow } from "@app/components/use-narrow";
import type { Box } from "@core/geometry/index";
import { ChevronLeft, ChevronRight } from "lucide-react";
import { useState } from "react";

/** A part of a draft that can be looked at by itself: a half of the bodice, a piece. */
export type SheetPart = { readonly name: string; readonly box: Box };

const NONE: readonly SheetPart[] = [];

/**
 * On a phone one part of a draft fills the sheet at a time, the next by a swipe or a press; elsewhere all of it is shown. `box` is what the
 * sheet shows then.
 */
export function useParts(whole: Box, parts: readonly SheetPart[] = NONE) {
  const isPhone = useNarrow(PHONE);
  const [at, setAt] = useState(0);
  const part = parts.length > 1 && isPhone ? (parts[at % parts.length] ?? null) : null;
  if (!part) return { box: whole };
  const turn = (by: 1 | -1) => setAt((at + by + parts.length) % parts.length);
  return {
    box: part.box,
    onSwipe: turn,
    chooser: (
      <div className="sheet-parts not-printed">
        <button type="button" aria-label="The part before" onClick={() => turn(-1)}>
          <ChevronLeft size={20} aria-hidden />
        </button>
        <output>{part.name}</output>
        <button type="button" aria-label="The next part" onClick={() => turn(1)}>
          <ChevronRight size={20} aria-hidden />
        </button>
      </div>
    ),
  };
}
