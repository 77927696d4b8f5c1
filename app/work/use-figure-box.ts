import { useRef, useState } from "react";
import { getAtPath } from "./spec-path";
import { useWork, useWorkStore } from "./work-context";
import { beginGesture } from "./work-store";

export type FigureRead =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly message: string };

type Figure = {
  /** Where the figure is in the garment. */
  readonly path: string;
  /** The figure of the garment as it is written in the box; empty where there is none. */
  readonly written: string;
  readonly read: (text: string) => FigureRead;
};

/**
 * A figure of the garment in a box. A readable one redrafts at once; an unreadable one stays in the box with its reason, and the garment
 * has the figure again that it had before the typing. An empty box means "not given". The typing in one box is one step of the history.
 */
export function useFigureBox({ path, written, read }: Figure) {
  const store = useWorkStore();
  const [isFocused, setFocused] = useState(false);
  const gesture = useRef<{ readonly end: () => void; readonly before: unknown } | null>(null);
  const typed = useWork((work) => work.typed[path]);
  const { setField, setTyped, setLit } = store.getState();
  const reading = typed === undefined || typed.trim() === "" ? null : read(typed);
  const isUnreadable = reading !== null && !reading.ok;

  const onText = (text: string) => {
    const before = gesture.current ? gesture.current.before : getAtPath(store.getState().spec, path);
    setTyped(path, text);
    if (text.trim() === "") return setField(path, undefined);
    // On the way to an unreadable figure its first digits may have been read: no garment is kept with those.
    const now = read(text);
    setField(path, now.ok ? now.value : before);
  };
  const onBegin = () => {
    setFocused(true);
    setLit(path);
    gesture.current ??= { end: beginGesture(store), before: getAtPath(store.getState().spec, path) };
  };
  const onEnd = () => {
    setFocused(false);
    setLit(null);
    if (!isUnreadable && typed !== undefined) setTyped(path, null);
    gesture.current?.end();
    gesture.current = null;
  };
  return {
    value: isFocused || isUnreadable ? (typed ?? written) : written,
    problem: isUnreadable && !isFocused ? reading.message : undefined,
    onText,
    onBegin,
    onEnd,
  };
}
