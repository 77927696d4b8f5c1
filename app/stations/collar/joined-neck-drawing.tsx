import { DragHandle } from "@app/sheet/drag-handle";
import { PlainPath } from "@app/sheet/drawn";
import { useHandleGesture } from "@app/sheet/use-handle-gesture";
import type { View } from "@app/sheet/view";
import type { DraftedCollar } from "@core/drafting/index";
import { collarHandle } from "@core/garment/index";
import { startOf } from "@core/geometry/index";
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
  const { move, ...gesture } = useHandleGesture(onHold);
  const { outer, turnedOver } = collar.drawing;
  const { neckline, fallLine } = placed;
  const fall = canHold && turnedOver && fallLine ? collarHandle({ field: "fall", value: turnedOver.fall }) : null;
  return (
    <g data-joined-neck>
      <PlainPath path={neckline} view={view} className="guide" />
      {outer && fallLine && (
        <>
          <PlainPath path={fallLine} view={view} className="fall-line" />
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
