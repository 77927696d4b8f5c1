import { MEASURING_ORDER, type MeasureId } from "../body";
import type { LineDrawing } from "../toile";
import shown from "./shown.json";

/** What is shown of a starting point before a garment is begun from it. */
export type ShownPoint = {
  /** The measures that its garment is drafted by, in the order of the tape. */
  readonly reads: readonly MeasureId[];
  /** Worn by a middle body; null where it is not worn by itself, as a sleeve alone is not. */
  readonly worn: LineDrawing | null;
};

/** Written by `npx tsx scripts/draw-starting-points.ts` from the starting points; a test holds them to it. */
const SHOWN = shown as unknown as Readonly<Record<string, ShownPoint>>;

/** What is shown of one of the program's starting points; of a workroom's own every measure is asked, and it is not drawn worn. */
export function shownOf(pointId: string): ShownPoint {
  return SHOWN[pointId] ?? { reads: MEASURING_ORDER.flatMap(({ ids }) => ids), worn: null };
}
