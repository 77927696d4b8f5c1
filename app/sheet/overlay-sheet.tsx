import { Sheet } from "@app/sheet/sheet";
import { toScreen } from "@app/sheet/view";
import type { OverlaidPiece, Overlay } from "@core/compare/index";
import { type PointerEvent, type ReactNode, useMemo } from "react";

/** A place on a piece, as shares of its width and height from the upper left. */
export type PlaceOnPiece = { readonly on: string; readonly x: number; readonly y: number };

type Props = {
  readonly overlay: Overlay;
  readonly label: string;
  /** What is pressed on a piece, where that is asked for. */
  readonly onPlace?: ((place: PlaceOnPiece) => void) | undefined;
  readonly marks?: readonly (PlaceOnPiece & { readonly number: number })[];
};

/** Two garments over each other: the one under it in a broken line, the one over it in ink. */
export function OverlaySheet({ overlay, label, onPlace, marks = [] }: Props) {
  const box = useMemo(() => ({ left: 0, top: 0, right: overlay.width, bottom: overlay.height }), [overlay]);
  return (
    <Sheet box={box} label={label}>
      {(view) => {
        const origin = toScreen(view, { x: 0, y: 0 });
        const transform = `translate(${origin.x} ${origin.y}) scale(${view.scale})`;
        return (
          <>
            {overlay.pieces.map((piece) => (
              <g key={piece.id} data-overlaid={piece.id}>
                <g transform={transform}>
                  {piece.over !== null && (
                    <path className="piece-cloth" d={piece.over} vectorEffect="non-scaling-stroke" />
                  )}
                  {piece.under !== null && (
                    <path className="overlay-under" d={piece.under} vectorEffect="non-scaling-stroke" />
                  )}
                  {piece.over !== null && <path className="seam" d={piece.over} vectorEffect="non-scaling-stroke" />}
                  {onPlace && (
                    <path
                      className="overlay-press"
                      d={piece.over ?? piece.under ?? ""}
                      onPointerDown={(event) => {
                        event.stopPropagation();
                        onPlace(placeOn(event, piece));
                      }}
                    />
                  )}
                </g>
                <Name view={view} piece={piece} />
                {marks
                  .filter(({ on }) => on === piece.id)
                  .map((mark) => {
                    const at = toScreen(view, inBox(piece, mark));
                    return (
                      <MarkOn key={`${mark.number} ${mark.x} ${mark.y}`} x={at.x} y={at.y}>
                        {mark.number}
                      </MarkOn>
                    );
                  })}
              </g>
            ))}
          </>
        );
      }}
    </Sheet>
  );
}

function placeOn(event: PointerEvent<SVGPathElement>, piece: OverlaidPiece): PlaceOnPiece {
  const { left, right, top, bottom } = piece.box;
  const matrix = event.currentTarget.getScreenCTM()?.inverse();
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  const share = (value: number, from: number, to: number) => Math.min(1, Math.max(0, (value - from) / (to - from)));
  return { on: piece.id, x: share(at.x, left, right), y: share(at.y, top, bottom) };
}

const inBox = ({ box }: OverlaidPiece, { x, y }: PlaceOnPiece) => ({
  x: box.left + x * (box.right - box.left),
  y: box.top + y * (box.bottom - box.top),
});

function Name({ view, piece }: { readonly view: Parameters<typeof toScreen>[0]; readonly piece: OverlaidPiece }) {
  const at = toScreen(view, { x: (piece.box.left + piece.box.right) / 2, y: piece.box.top });
  const only = piece.under === null ? ", new" : piece.over === null ? ", gone" : "";
  return (
    <text className="figure-soft" x={at.x} y={at.y - 5} textAnchor="middle">
      {piece.name}
      {only}
    </text>
  );
}

const MARK_PX = 10;

/** A numbered mark for what was seen at a place. */
export function MarkOn({ x, y, children }: { readonly x: number; readonly y: number; readonly children: ReactNode }) {
  return (
    <g className="seen-mark">
      <circle cx={x} cy={y} r={MARK_PX} />
      <text x={x} y={y + 4} textAnchor="middle">
        {children}
      </text>
    </g>
  );
}
