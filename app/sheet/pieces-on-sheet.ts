import type { Dimension } from "@core/draft/index";
import { type Box, boxOf, line, mapPath, type Path, type Point } from "@core/geometry/index";
import type { Piece, PlacedPiece } from "@core/pattern/index";
import type { OnSheet } from "./dimensions/on-sheet";
import { nameRect } from "./piece-name";
import type { SheetPart } from "./use-parts";
import { toScreen, type View } from "./view";

/** The mark of a button or a notch takes so much room round its place. */
const MARK_PX = 8;

/** How a piece is looked at that lies elsewhere on the sheet than its own coordinates say. */
export function viewOnPiece(view: View, { x, y }: Pick<PlacedPiece, "x" | "y">): View {
  return { ...view, x: view.x + x * view.scale, y: view.y + y * view.scale };
}

/** What lies on a sheet of all pieces: their figures, their lines where they lie, their names and marks. `more`: lines of a piece beside its own. */
export function piecesOnSheet(
  placed: readonly PlacedPiece[],
  dimensions: readonly Dimension[],
  more: (piece: Piece) => readonly Path[] = () => [],
): OnSheet {
  return {
    dimensions,
    drawn: placed.flatMap(({ piece, x, y }) => {
      const move = (p: Point): Point => ({ x: p.x + x, y: p.y + y });
      const { outline, folds, darts, grain, lines = [], buttons = [] } = piece;
      return [
        outline,
        ...folds,
        ...darts,
        ...lines.map(({ path }) => path),
        ...buttons.map(({ hole }) => hole),
        line(grain.from, grain.to),
        ...more(piece),
      ].map((path) => mapPath(path, move));
    }),
    letters: [],
    handlesAt: [],
    wordsAt: (view) =>
      placed.flatMap(({ piece, x, y }, i) => {
        const own = viewOnPiece(view, { x, y });
        const marks = [...piece.notches.map(({ at }) => at), ...(piece.buttons ?? []).map(({ at }) => at)];
        return [
          nameRect({ piece, number: i + 1, view: own }),
          ...marks.map((at) => {
            const p = toScreen(own, at);
            return { left: p.x - MARK_PX, right: p.x + MARK_PX, top: p.y - MARK_PX, bottom: p.y + MARK_PX };
          }),
        ];
      }),
  };
}

/** All pieces, then each by itself. */
export function partsOf(placed: readonly PlacedPiece[], whole: Box): readonly SheetPart[] {
  return [
    { name: "All pieces", box: whole },
    ...placed.map(({ piece, x, y }, i) => {
      const { left, right, top, bottom } = boxOf([piece.outline]);
      return {
        name: `${i + 1} ${piece.name}`,
        box: { left: left + x, right: right + x, top: top + y, bottom: bottom + y },
      };
    }),
  ];
}
