import { useTape } from "@app/components/preferences";
import { DragHandle } from "@app/sheet/drag-handle";
import { FigureAt, PlainPath } from "@app/sheet/drawn";
import { useHandleGesture } from "@app/sheet/use-handle-gesture";
import type { View } from "@app/sheet/view";
import type { DraftedCollar } from "@core/drafting/index";
import { collarHandle } from "@core/garment/index";
import { along, pathLength, startOf } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import type { PlacedNeck } from "./joined-beside";

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
  const tape = useTape();
  const { move, ...gesture } = useHandleGesture(onHold);
  const { outer, turnedOver } = collar.drawing;
  const text = (mm: number) => formatLength(mm, tape);
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
