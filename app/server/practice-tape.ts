/** What an electronic tape is to the server: readings are numbered from 1, and can be asked for from any number on. */
export type TapeDevice = {
  /** Hands over every reading after `number`, now and as they come; the returned function stops it. */
  readonly listen: (number: number, line: TapeLine) => () => void;
};

export type TapeLine = {
  readonly send: (number: number, mm: number) => void;
  /** The line is dead; whoever listens has to connect again. */
  readonly drop: () => void;
};

/** A stand-in for a tape in the hand: its button is pressed by calling `press`. */
export type PracticeTape = TapeDevice & { readonly press: (mm: number) => void };

/** As real ones do: every third reading is sent twice, and before every fourth the line drops. */
const REPEATED_EVERY = 3;
const DROPPED_EVERY = 4;
/** A tape remembers what it read last, for whoever connects again. */
const REMEMBERED = 50;

export function createPracticeTape(): PracticeTape {
  let count = 0;
  let readings: { readonly number: number; readonly mm: number }[] = [];
  const lines = new Set<TapeLine>();
  const deliver = (line: TapeLine, number: number, mm: number) => {
    line.send(number, mm);
    if (number % REPEATED_EVERY === 0) line.send(number, mm);
  };
  return {
    press: (mm) => {
      count++;
      const number = count;
      readings = [...readings, { number, mm }].slice(-REMEMBERED);
      for (const line of [...lines]) {
        if (number % DROPPED_EVERY === 0) {
          lines.delete(line);
          line.drop();
        } else deliver(line, number, mm);
      }
    },
    listen: (after, line) => {
      for (const { number, mm } of readings) if (number > after) deliver(line, number, mm);
      lines.add(line);
      return () => lines.delete(line);
    },
  };
}

const MOST_TAPES = 200;
const tapes = new Map<string, PracticeTape>();

/** The practice tape of one page. A device is a thing of one place: it lives in this process, and is forgotten with it. */
export function practiceTape(id: string): PracticeTape {
  const known = tapes.get(id);
  if (known) return known;
  const [oldest] = tapes.keys();
  if (tapes.size >= MOST_TAPES && oldest !== undefined) tapes.delete(oldest);
  const made = createPracticeTape();
  tapes.set(id, made);
  return made;
}
