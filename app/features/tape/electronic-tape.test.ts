import { createPracticeTape } from "@app/server/practice-tape";
import { describe, expect, it } from "vitest";
import { type EventStream, streamedTape, type TapeReading, type TapeState } from "./electronic-tape";

type Listener = (event: { readonly lastEventId: string; readonly data: string }) => void;

/** An event stream without a browser, whose events the test sends. */
function stream() {
  const listeners: Listener[] = [];
  const made: EventStream & { isClosed: boolean } = {
    onopen: null,
    onerror: null,
    readyState: 1,
    isClosed: false,
    addEventListener: (_type, listener) => listeners.push(listener),
    close: () => {
      made.isClosed = true;
    },
  };
  return {
    made,
    send: (lastEventId: string, data: string) => listeners.forEach((listener) => void listener({ lastEventId, data })),
  };
}

function listening() {
  const { made, send } = stream();
  const readings: TapeReading[] = [];
  const states: TapeState[] = [];
  const stop = streamedTape(() => made).listen(
    (reading) => readings.push(reading),
    (state) => states.push(state),
  );
  return { made, send, readings, states, stop };
}

describe("a tape that streams its readings", () => {
  it("hands each reading over once, in order, whatever is repeated", () => {
    const { send, readings } = listening();
    for (const [number, mm] of [
      ["1", "914.4"],
      ["2", "700"],
      ["2", "700"],
      ["1", "914.4"],
      ["3", "705"],
    ] as const)
      send(number, mm);
    expect(readings).toEqual([
      { number: 1, mm: 914.4 },
      { number: 2, mm: 700 },
      { number: 3, mm: 705 },
    ]);
  });

  it.each([
    ["1", "wide"],
    ["1", "-5"],
    ["1", ""],
    ["1", "1e9"],
    ["x", "300"],
    ["", "300"],
  ])("passes over what is garbled: number %j, length %j", (number, mm) => {
    const { send, readings } = listening();
    send(number, mm);
    send("1", "300");
    expect(readings).toEqual([{ number: 1, mm: 300 }]);
  });

  it("says how the line stands, and ends it", () => {
    const { made, states, stop } = listening();
    made.onopen?.();
    made.onerror?.();
    made.onopen?.();
    stop();
    expect(states).toEqual(["connecting", "listening", "lost", "listening", "off"]);
    expect(made.isClosed).toBe(true);
  });
});

describe("the practice tape", () => {
  function line() {
    const sent: number[] = [];
    let drops = 0;
    return { sent, drops: () => drops, end: { send: (number: number) => sent.push(number), drop: () => void drops++ } };
  }

  it("repeats every third reading, and drops the line before every fourth without losing it", () => {
    const tape = createPracticeTape();
    const first = line();
    tape.listen(0, first.end);
    for (const mm of [300, 310, 320, 330]) tape.press(mm);
    expect(first.sent).toEqual([1, 2, 3, 3]);
    expect(first.drops()).toBe(1);
    const again = line();
    tape.listen(3, again.end);
    expect(again.sent).toEqual([4]);
  });

  it("does not send to a line that has gone", () => {
    const tape = createPracticeTape();
    const gone = line();
    tape.listen(0, gone.end)();
    tape.press(300);
    expect(gone.sent).toEqual([]);
  });
});
