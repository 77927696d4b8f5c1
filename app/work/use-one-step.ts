import { useRef } from "react";
import { useWorkStore } from "./work-context";
import { beginGesture } from "./work-store";

/** What a part of the page needs so that all that a pressed hand changes there is one step of the history. */
export function useOneStep() {
  const store = useWorkStore();
  const endGesture = useRef<(() => void) | null>(null);
  const end = () => {
    endGesture.current?.();
    endGesture.current = null;
  };
  return {
    onPointerDownCapture: () => {
      endGesture.current ??= beginGesture(store);
    },
    onPointerUpCapture: end,
    onPointerCancelCapture: end,
  };
}
