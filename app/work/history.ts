/** The states that can be gone back to and forward to, oldest first and nearest first. */
export type History<State> = {
  readonly past: readonly State[];
  readonly future: readonly State[];
  /** The gesture that is open, and what was there before it; null while each change is a step of its own. */
  readonly gesture: Gesture<State> | null;
};

/** One drag, or the typing in one box, told apart from another by being another object. */
export type Gesture<State> = { readonly before: State };

export const NO_HISTORY: History<never> = { past: [], future: [], gesture: null };

/** More steps back are not kept. */
const MOST_STEPS = 200;

/** The history after a change from `before`: one step more, or none while a gesture is open. */
export function changed<State>(history: History<State>, before: State): History<State> {
  return history.gesture ? history : { ...history, past: [...history.past, before].slice(-MOST_STEPS), future: [] };
}

/**
 * Opens a gesture over which all changes are one step. One that is still open ends with it: two never overlap, such as when a handle is
 * pressed while a box is typed in.
 */
export function opened<State>(
  history: History<State>,
  now: State,
): History<State> & { readonly gesture: Gesture<State> } {
  return { ...ended(history, now), gesture: { before: now } };
}

/** Ends the gesture that is open; with `which`, only that one. What it changed is one step, and nothing is none. */
export function ended<State>(history: History<State>, now: State, which?: Gesture<State>): History<State> {
  const { gesture } = history;
  if (!gesture || (which && gesture !== which)) return history;
  const free = { ...history, gesture: null };
  return gesture.before === now ? free : changed(free, gesture.before);
}

export const canUndo = <State>({ past, gesture }: History<State>, now: State): boolean =>
  past.length > 0 || (gesture !== null && gesture.before !== now);

export const canRedo = <State>({ future, gesture }: History<State>, now: State): boolean =>
  future.length > 0 && (gesture === null || gesture.before === now);

export type Step<State> = { readonly history: History<State>; readonly state: State };

/** One step back from `now`; null where there is none. */
export function undone<State>(history: History<State>, now: State): Step<State> | null {
  const { past, future } = ended(history, now);
  const state = past.at(-1);
  return state === undefined
    ? null
    : { state, history: { past: past.slice(0, -1), future: [now, ...future], gesture: null } };
}

/** One step forward from `now`; null where there is none. */
export function redone<State>(history: History<State>, now: State): Step<State> | null {
  const { past, future } = ended(history, now);
  const [state, ...rest] = future;
  return state === undefined ? null : { state, history: { past: [...past, now], future: rest, gesture: null } };
}
