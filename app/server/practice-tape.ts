export type TapeReading = { readonly number: number; readonly mm: number };

/** Where the readings of a tape are kept, numbered from 1, so that whichever copy of the server is asked knows them. */
export type TapeReadings = {
  readonly after: (number: number) => Promise<readonly TapeReading[]>;
  /** Calls `onMore` whenever there are more, and `onLost` once if that cannot be known any longer; the returned function stops it. */
  readonly watch: (onMore: () => void, onLost: () => void) => () => void;
};

export type TapeLine = {
  readonly send: (reading: TapeReading) => void;
  /** The line is dead; whoever listens has to connect again. */
  readonly drop: () => void;
};

/** As real ones do: every third reading is sent twice, and before every fourth the line drops. */
const REPEATED_EVERY = 3;
const DROPPED_EVERY = 4;

/**
 * A stand-in for a tape in the hand: hands over every reading after `number`, now and as they come, in order. The returned function stops it.
 */
export async function listenToPracticeTape(
  readings: TapeReadings,
  number: number,
  line: TapeLine,
): Promise<() => void> {
  let last = number;
  let isOver = false;
  const drop = () => {
    if (isOver) return;
    stop();
    line.drop();
  };
  const deliver = (found: readonly TapeReading[], isLive: boolean) => {
    for (const reading of found) {
      if (isOver || reading.number <= last) continue;
      if (isLive && reading.number % DROPPED_EVERY === 0) return drop();
      last = reading.number;
      line.send(reading);
      if (reading.number % REPEATED_EVERY === 0) line.send(reading);
    }
  };
  // What comes while the earlier ones are still being looked up waits for them.
  let waiting: Promise<void> = Promise.resolve();
  const lookUp = (isLive: boolean) => {
    waiting = waiting.then(async () => deliver(isOver ? [] : await readings.after(last), isLive)).catch(drop);
    return waiting;
  };
  const unwatch = readings.watch(() => void lookUp(true), drop);
  function stop() {
    isOver = true;
    unwatch();
  }
  await lookUp(false);
  return stop;
}
