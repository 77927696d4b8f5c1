import type { DraftedSleeve, SewnSleeve } from "@core/drafting/index";
import { capLineHandle, crownHandle, type DragRange, styleHandle } from "@core/garment/index";
import { useMemo } from "react";
import { DragHandle, type DragHandleProps } from "./drag-handle";
import { useHandleGesture } from "./use-handle-gesture";
import type { View } from "./view";

type HandlesProps = {
  readonly drafted: DraftedSleeve;
  readonly view: View;
  readonly onLimit: (limit: number | null) => void;
  readonly onHold: (isHeld: boolean) => void;
};

type Shared = Pick<DragHandleProps, "view" | "onLimit" | "onBegin" | "onEnd">;
type Move = (handle: DragRange) => (value: number) => void;

/** What can be taken hold of: the crown and the ends of the cap line, or what a style gives. */
export function SleeveHandles({ drafted, view, onLimit, onHold }: HandlesProps) {
  const { move, ...gesture } = useHandleGesture(onHold);
  const shared: Shared = {
    view,
    onLimit,
    ...gesture,
  };
  const { handles } = drafted;
  if (drafted.family === "bodice" || handles.length > 0) {
    return handles.map((one) => {
      const handle = styleHandle(drafted, one);
      return (
        <DragHandle
          key={one.name}
          {...shared}
          name={one.name}
          at={one.at}
          handle={handle}
          gain={one.gain}
          onMove={move(handle)}
        />
      );
    });
  }
  return <PlainHandles drafted={drafted} shared={shared} move={move} />;
}

function PlainHandles({
  drafted,
  shared,
  move,
}: {
  readonly drafted: SewnSleeve;
  readonly shared: Shared;
  readonly move: Move;
}) {
  const { outline, frame } = drafted.sleeve;
  // The ranges do not move while one of their handles is dragged: only the figures that they are reckoned from move them.
  const crown = useMemo(() => crownHandle(drafted), [drafted]);
  const capLine = useMemo(() => capLineHandle(drafted), [drafted]);
  return (
    <>
      <DragHandle
        {...shared}
        name="Crown"
        at={outline.crown}
        handle={crown}
        gain={{ x: 0, y: -1 }}
        onMove={move(crown)}
      />
      <DragHandle
        {...shared}
        name="Front end of the cap line"
        at={outline.frontEnd}
        handle={capLine}
        gain={{ x: 2, y: 0 }}
        onMove={move(capLine)}
      />
      <DragHandle
        {...shared}
        name="Back end of the cap line"
        at={{ x: outline.backEnd.x, y: frame.height }}
        handle={capLine}
        gain={{ x: -2, y: 0 }}
        onMove={move(capLine)}
      />
    </>
  );
}
