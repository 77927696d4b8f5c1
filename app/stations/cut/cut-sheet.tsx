import { FigureSheet } from "@app/sheet/dimensions/figure-sheet";
import { PlainPath } from "@app/sheet/drawn";
import { PieceMarks } from "@app/sheet/piece-marks";
import { PieceName } from "@app/sheet/piece-name";
import { partsOf, piecesOnSheet, viewOnPiece } from "@app/sheet/pieces-on-sheet";
import { useWork } from "@app/work/work-context";
import { allowanceDimensions, type CutPiece } from "@core/cut/index";
import { arranged } from "@core/pattern/index";
import type { LinesShown } from "@exporting/line-choice";
import { useMemo } from "react";

const ASPECT = 1.15;
/** Between pieces there is room for their allowances. */
const BETWEEN_MM = 90;

const NONE: readonly never[] = [];

type Props = { readonly pieces: readonly CutPiece[]; readonly lines: LinesShown };

/** All pieces with what is added to them. */
export function CutSheet({ pieces, lines }: Props) {
  const layout = useMemo(
    () =>
      arranged(
        pieces.map(({ piece }) => piece),
        ASPECT,
        BETWEEN_MM,
      ),
    [pieces],
  );
  const box = useMemo(() => ({ left: -20, top: -20, right: layout.width + 20, bottom: layout.height + 20 }), [layout]);
  const own = useWork((work) => work.spec.allowances.edges ?? NONE);
  const parts = useMemo(() => partsOf(layout.pieces, box), [layout, box]);
  const onSheet = useMemo(
    () =>
      piecesOnSheet(
        layout.pieces,
        lines === "stitching" ? [] : allowanceDimensions(pieces, layout.pieces, own),
        ({ id }) => {
          const cutting = pieces.find(({ piece }) => piece.id === id)?.cutting;
          return cutting ? [cutting] : [];
        },
      ),
    [pieces, layout, lines, own],
  );
  return (
    <FigureSheet
      station="cut"
      box={box}
      parts={parts}
      {...onSheet}
      label={`The ${pieces.length} pieces with their allowances, drawn to scale`}
    >
      {(view) =>
        layout.pieces.map(({ piece, x, y }, i) => {
          const cut = pieces.find((one) => one.piece.id === piece.id);
          const own = viewOnPiece(view, { x, y });
          if (!cut) return null;
          const isCut = lines !== "stitching" && cut.cutting !== null;
          const shown = isCut ? { ...piece, notches: cut.notches } : piece;
          return (
            <g key={piece.id} data-cut={piece.id}>
              {isCut && cut.cutting && <PlainPath path={cut.cutting} view={own} className="seam cutting-line" />}
              {(lines !== "cutting" || !isCut) && (
                <PlainPath path={piece.outline} view={own} className={isCut ? "sewn-line" : "seam"} />
              )}
              {piece.darts.map((dart, k) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two legs of a dart begin at one point
                <PlainPath key={k} path={dart} view={own} className="guide dart" />
              ))}
              <PieceMarks piece={shown} view={own} />
              <PieceName piece={piece} number={i + 1} view={own} />
            </g>
          );
        })
      }
    </FigureSheet>
  );
}
