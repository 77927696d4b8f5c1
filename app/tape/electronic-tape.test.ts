import { type TapeReading as Kept, listenToPracticeTape, type TapeReadings } from "@app/server/practice-tape";
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
  /** Readings kept in a list, which is told of as a database does: later, and without saying what is new. */
  function tape() {
    const kept: Kept[] = [];
    const watching = new Set<{ readonly onMore: () => void; readonly onLost: () => void }>();
    const readings: TapeReadings = {
      after: async (number) => kept.filter((reading) => reading.number > number),
      watch: (onMore, onLost) => {
        const watcher = { onMore, onLost };
        watching.add(watcher);
        return () => watching.delete(watcher);
      },
    };
    const settled = () => new Promise((resolve) => setTimeout(resolve));
    return {
      readings,
      press: async (mm: number) => {
        kept.push({ number: kept.length + 1, mm });
        for (const { onMore } of watching) onMore();
        await settled();
      },
      lose: () => [...watching].forEach(({ onLost }) => void onLost()),
      watchers: () => watching.size,
    };
  }
  function line() {
    const sent: number[] = [];
    let drops = 0;
    return {
      sent,
      drops: () => drops,
      end: { send: ({ number }: Kept) => void sent.push(number), drop: () => void drops++ },
    };
  }

  it("repeats every third reading, and drops the line before every fourth without losing it", async () => {
    const { readings, press } = tape();
    const first = line();
    await listenToPracticeTape(readings, 0, first.end);
    for (const mm of [300, 310, 320, 330]) await press(mm);
    expect(first.sent).toEqual([1, 2, 3, 3]);
    expect(first.drops()).toBe(1);
    const again = line();
    await listenToPracticeTape(readings, 3, again.end);
    expect(again.sent).toEqual([4]);
  });

  it("sends what several presses at once read in order, each once", async () => {
    const { readings, press } = tape();
    const ours = line();
    await listenToPracticeTape(readings, 0, ours.end);
    await Promise.all([press(300), press(310)]);
    expect(ours.sent).toEqual([1, 2]);
  });

  it("does not send to a line that has gone, and no longer waits for it", async () => {
    const { readings, press, watchers } = tape();
    const gone = line();
    const stop = await listenToPracticeTape(readings, 0, gone.end);
    stop();
    await press(300);
    expect(gone.sent).toEqual([]);
    expect(watchers()).toBe(0);
  });

  it("drops the line when nothing can be heard of any more", async () => {
    const { readings, lose, watchers } = tape();
    const ours = line();
    await listenToPracticeTape(readings, 0, ours.end);
    lose();
    expect(ours.drops()).toBe(1);
    expect(watchers()).toBe(0);
  });
});
