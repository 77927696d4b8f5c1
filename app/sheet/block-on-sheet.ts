import { blockDimensions, dartHandle, type Garment } from "@core/garment/index";
import { boxOf } from "@core/geometry/index";
import type { OnSheet } from "./dimensions/on-sheet";
import type { PlacedHalf, placeBlock } from "./placed-block";

/** What lies on the sheet of a block: its figures, the lines of both halves as they lie there, their letters and what is dragged. */
export function blockOnSheet(garment: Garment, placed: ReturnType<typeof placeBlock>): OnSheet {
  const halves = [placed.back, placed.front];
  const dart = dartHandle(garment);
  return {
    dimensions: blockDimensions(garment, { back: placed.back.place, front: placed.front.place }),
    drawn: halves.flatMap(({ seams, guides }) => [...seams, ...guides].map(({ path }) => path)),
    letters: halves.flatMap((half) => [...half.points, nameOf(half)]),
    handlesAt: dart ? [placed.front.place(dart.at)] : [],
  };
}

/** Which half it is, and what of it was made up, in its middle. */
function nameOf({ side, seams, madeUpAt }: PlacedHalf) {
  const { left, right, top, bottom } = boxOf(seams.map(({ path }) => path));
  return {
    letter: madeUpAt ? `${side}, side and hem made up` : side,
    name: side,
    at: { x: left + (right - left) * (side === "back" ? 0.3 : 0.7), y: top + (bottom - top) * 0.42 },
    isWord: true as const,
  };
}
