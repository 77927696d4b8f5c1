import { useUnit } from "@app/components/preferences";
import { DragHandle } from "@app/features/sheet/drag-handle";
import { FigureAt, PlainPath } from "@app/features/sheet/drawn";
import { useHandleGesture } from "@app/features/sheet/use-handle-gesture";
import type { View } from "@app/features/sheet/view";
import { collarHandle, type DraftedCollar } from "@core/garment/index";
import { along, boxOf, mapPath, type Path, type Point, pathLength, startOf } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";

/** Room between the collar and the neckline drawn beside or below it. */
const BETWEEN_MM = 40;

export type PlacedNeck = { readonly neckline: Path; readonly shoulder: Point; readonly fallLine: Path | null };

/** The joined neckline with its centre back below the collar's; to the right of a collar that is drawn on the front. */
export function joinedBeside({ drawn, draft, drawing }: DraftedCollar): PlacedNeck | null {
  if (!drawing.joined) return null;
  const { neckline, fallLine } = drawing.joined;
  const own = boxOf([neckline, ...(fallLine ? [fallLine] : [])]);
  const collar = boxOf([...drawn.map((piece) => piece.outline), ...draft.lines.map((one) => one.path)]);
  const start = startOf(neckline);
  const isBeside = collar.bottom - collar.top > collar.right - collar.left;
  const move = isBeside
    ? { x: collar.right + BETWEEN_MM - own.left, y: collar.top + BETWEEN_MM - own.top }
    : { x: -start.x, y: collar.bottom + BETWEEN_MM - own.top };
  const place = (p: Point): Point => ({ x: p.x + move.x, y: p.y + move.y });
  return {
    neckline: mapPath(neckline, place),
    shoulder: place(along(neckline, drawing.joined.shoulderAt).point),
    fallLine: fallLine && mapPath(fallLine, place),
  };
}

type Props = {
  readonly collar: DraftedCollar;
  readonly placed: PlacedNeck;
  readonly view: View;
  readonly canHold: boolean;
  readonly onLimit: (limit: number | null) => void;
  readonly onHold: (isHeld: boolean) => void;
};

/** Front and back neckline in one, and below it the line on which the outer edge lies: dragged down, the fall gets longer. */
export function JoinedNeckDrawing({ collar, placed, view, canHold, onLimit, onHold }: Props) {
  const unit = useUnit();
  const { move, ...gesture } = useHandleGesture(onHold);
  const { outer, turnedOver } = collar.drawing;
  const text = (mm: number) => formatLength(mm, unit);
  const { neckline, shoulder, fallLine } = placed;
  const fall = canHold && turnedOver && fallLine ? collarHandle({ field: "fall", value: turnedOver.fall }) : null;
  return (
    <g data-joined-neck>
      <PlainPath path={neckline} view={view} className="guide" />
      <FigureAt
        at={along(neckline, pathLength(neckline) * 0.7).point}
        text={`neckline ${text(pathLength(neckline))}`}
        view={view}
        dx={-10}
        dy={4}
        anchor="end"
      />
      <FigureAt at={shoulder} text="shoulder" view={view} dx={-8} dy={-6} anchor="end" soft />
      {outer && fallLine && (
        <>
          <PlainPath path={fallLine} view={view} className="fall-line" />
          <FigureAt
            at={startOf(fallLine)}
            text={`outer edge lies here: ${text(outer.needed)}`}
            view={view}
            dx={-8}
            dy={36}
            anchor="start"
          />
          {fall && (
            <DragHandle
              {...gesture}
              name="Line the outer edge lies on"
              at={startOf(fallLine)}
              view={view}
              handle={fall}
              gain={{ x: 0, y: 1 }}
              onMove={move(fall)}
              onLimit={onLimit}
            />
          )}
        </>
      )}
    </g>
  );
}
