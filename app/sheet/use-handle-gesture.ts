import { useWorkStore } from "@app/work/work-context";
import { beginGesture } from "@app/work/work-store";
import type { DragRange } from "@core/garment/index";
import { useRef } from "react";

/** What all handles of a sheet share: a drag is one step of the history, and what it moves is changed in the garment. */
export function useHandleGesture(onHold: (isHeld: boolean) => void) {
  const store = useWorkStore();
  const endGesture = useRef<(() => void) | null>(null);
  return {
    onBegin: () => {
      endGesture.current ??= beginGesture(store);
      onHold(true);
    },
    onEnd: () => {
      onHold(false);
      endGesture.current?.();
      endGesture.current = null;
    },
    move: (handle: DragRange) => (value: number) => store.getState().change(handle.changeTo(value)),
  };
}
