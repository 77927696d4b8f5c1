import { useWorkStore } from "@app/features/garment/work-context";
import { beginGesture } from "@app/features/garment/work-store";
import { capLineHandle, crownHandle, type DraftedSleeve, type Handle, styleHandle } from "@core/garment/index";
import { useMemo, useRef } from "react";
import { DragHandle } from "./drag-handle";
import type { View } from "./view";

type HandlesProps = {
  readonly drafted: DraftedSleeve;
  readonly view: View;
  readonly onLimit: (limit: number | null) => void;
  readonly onHold: (isHeld: boolean) => void;
};

/** What can be taken hold of: the crown and the ends of the cap line, or what a style gives. */
export function SleeveHandles({ drafted, view, onLimit, onHold }: HandlesProps) {
  const store = useWorkStore();
  const endGesture = useRef<(() => void) | null>(null);
  const { outline, frame } = drafted.sleeve;
  // The ranges do not move while one of their handles is dragged: only the figures that they are reckoned from move them.
  const crown = useMemo(() => crownHandle(drafted), [drafted]);
  const capLine = useMemo(() => capLineHandle(drafted), [drafted]);
  const { change } = store.getState();
  const shared = {
    view,
    onLimit,
    onBegin: () => {
      endGesture.current ??= beginGesture(store);
      onHold(true);
    },
    onEnd: () => {
      onHold(false);
      endGesture.current?.();
      endGesture.current = null;
    },
  };
  const move = (handle: Handle) => (value: number) => change(handle.changeTo(value));
  if (drafted.styled) {
    return drafted.styled.handles.map((one) => {
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
