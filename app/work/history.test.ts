import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { canRedo, canUndo, changed, ended, type History, NO_HISTORY, opened, redone, undone } from "./history";

type Now = { readonly history: History<number>; readonly state: number };
const begun: Now = { history: NO_HISTORY, state: 0 };
const to = ({ history, state }: Now, next: number): Now =>
  next === state ? { history, state } : { history: changed(history, state), state: next };

describe("a history", () => {
  it("goes back over every step to where it began, and forward again to where it was", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 40 }), (states) => {
        let now = states.reduce(to, begun);
        const last = now.state;
        let steps = 0;
        for (let back = undone(now.history, now.state); back; back = undone(now.history, now.state)) {
          now = back;
          steps++;
        }
        expect(now.state).toBe(0);
        for (let on = redone(now.history, now.state); on; on = redone(now.history, now.state)) {
          now = on;
          steps--;
        }
        expect([now.state, steps]).toEqual([last, 0]);
      }),
    );
  });

  it("takes a gesture as one step, and one that ends where it began as none", () => {
    const held = opened(begun.history, 0);
    const dragged = [1, 2, 3].reduce(to, { history: held, state: 0 });
    expect(canUndo(dragged.history, 3)).toBe(true);
    expect(ended(dragged.history, 3).past).toEqual([0]);
    const back = to(dragged, 0);
    expect(canUndo(back.history, 0)).toBe(false);
    expect(ended(back.history, 0).past).toEqual([]);
  });

  it("ends the gesture before when another begins, and its late end changes nothing", () => {
    const typing = opened(begun.history, 0);
    const typed = to({ history: typing, state: 0 }, 1);
    const drag = opened(typed.history, 1);
    expect(drag.past).toEqual([0]);
    expect(ended(drag, 1, typing.gesture)).toBe(drag);
  });

  it("undoes what an open gesture has done so far, and forgets what could be redone once something new is done", () => {
    const held = to({ history: opened(begun.history, 0), state: 0 }, 4);
    const back = undone(held.history, 4);
    expect(back?.state).toBe(0);
    expect(back && canRedo(back.history, 0)).toBe(true);
    expect(back && changed(back.history, 0).future).toEqual([]);
  });

  it("keeps no more than two hundred steps", () => {
    const now = Array.from({ length: 500 }, (_, i) => i + 1).reduce(to, begun);
    expect(now.history.past).toHaveLength(200);
    expect(now.history.past[0]).toBe(300);
  });
});
