import { at } from "@core/data/index";
import { type Cubic, cubicPoint, mapPath, mostBend, type Path, type Point, readPathData } from "@core/geometry/index";
import type { LineStyle, TextMark } from "./mark";
import { type PatternSheet, placedPoint } from "./pattern-sheet";

/** A line of the sheet in its place: what plotters and drawing programs are given. Millimetres, y down. */
export type Stroke = { readonly style: LineStyle; readonly isClosed: boolean; readonly path: Path };

/** All lines of the sheet as curves, in their order. */
export function strokesOf({ pieces }: PatternSheet): readonly Stroke[] {
  return pieces.flatMap((piece) =>
    piece.marks.flatMap((mark) => {
      if (mark.kind !== "line") return [];
      const isClosed = mark.data.endsWith("Z");
      return mark.data
        .replace(/Z$/, "")
        .split(/(?=M)/)
        .flatMap((run): Stroke[] => {
          const path = readPathData(run);
          return path ? [{ style: mark.style, isClosed, path: mapPath(path, (p) => placedPoint(p, piece)) }] : [];
        });
    }),
  );
}

/** All that is written on the sheet, in its place. */
export function textsOf({ pieces }: PatternSheet): readonly TextMark[] {
  return pieces.flatMap((piece) =>
    piece.marks.flatMap((mark) =>
      mark.kind === "text" ? [{ ...mark, at: placedPoint(mark.at, piece), turn: mark.turn + piece.turn }] : [],
    ),
  );
}

/** The path as points whose chords leave its curves by no more than `tolerance`. Millimetres. */
export function chordsOf(path: Path, tolerance: number): readonly Point[] {
  const [first] = path;
  if (!first) return [];
  return [first[0], ...path.flatMap((cubic) => pointsAfterStart(cubic, tolerance))];
}

function pointsAfterStart(cubic: Cubic, tolerance: number): readonly Point[] {
  const count = Math.max(1, Math.ceil(Math.sqrt(mostBend(cubic) / (8 * tolerance))));
  return Array.from({ length: count }, (_, i) => (i + 1 === count ? cubic[3] : cubicPoint(cubic, (i + 1) / count)));
}

/** The length of all pen-up moves of strokes drawn in this order, from the origin. */
export function travelOf(strokes: readonly Stroke[]): number {
  let from: Point = { x: 0, y: 0 };
  let travel = 0;
  for (const { path } of strokes) {
    const [start, end] = [at(path, 0)[0], at(path, path.length - 1)[3]];
    travel += Math.hypot(start.x - from.x, start.y - from.y);
    from = end;
  }
  return travel;
}
