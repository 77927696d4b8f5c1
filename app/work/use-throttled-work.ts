import { useEffect, useRef, useState } from "react";
import { useWorkStore } from "./work-context";
import type { WorkState } from "./work-store";

/** Boxes and panels follow a drag this far behind: often enough to be read, seldom enough to leave the frames to the sheet. */
const BEHIND_MS = 160;

/**
 * A part of the work for everything but the sheet: the newest, at most every so often, and always the last one. Nothing is
 * drawn again while the part stays the same.
 */
export function useThrottledWork<Part>(
  select: (work: WorkState) => Part,
  isSame: (a: Part, b: Part) => boolean = Object.is,
): Part {
  const store = useWorkStore();
  const latest = useRef({ select, isSame });
  latest.current = { select, isSame };
  const [part, setPart] = useState(() => select(store.getState()));
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let last = 0;
    const follow = () => {
      timer = undefined;
      last = performance.now();
      setPart((before) => {
        const now = latest.current.select(store.getState());
        return latest.current.isSame(before, now) ? before : now;
      });
    };
    const onChange = () => {
      timer ??= setTimeout(follow, Math.max(0, BEHIND_MS - (performance.now() - last)));
    };
    follow();
    const unsubscribe = store.subscribe(onChange);
    return () => {
      unsubscribe();
      clearTimeout(timer);
    };
  }, [store]);
  return part;
}
