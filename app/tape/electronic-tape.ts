/** One reading, numbered by the tape from 1 so that a repeat is known for one. */
export type TapeReading = { readonly number: number; readonly mm: number };

export type TapeState = "off" | "connecting" | "listening" | "lost";

/**
 * An electronic tape as the screens know it. The practice tape below is one; a tape on a wire or by radio would be another,
 * written as one more function of this shape.
 */
export type ElectronicTape = {
  /** Begins to listen; the returned function ends it. Readings come in order, each once. */
  readonly listen: (onReading: (reading: TapeReading) => void, onState: (state: TapeState) => void) => () => void;
};

type Incoming = { readonly lastEventId: string; readonly data: string };

/** What an event stream of the browser offers, as far as it is used: for tests without a browser. */
export type EventStream = {
  onopen: (() => void) | null;
  onerror: (() => void) | null;
  addEventListener: (type: "reading", listener: (event: Incoming) => void) => void;
  close: () => void;
  readonly readyState: number;
};

const CLOSED = 2;

/**
 * A tape that sends its readings as server-sent events. The browser connects again by itself when the line drops, and says which
 * reading it had last; what arrives twice is passed over.
 */
export function streamedTape(open: () => EventStream): ElectronicTape {
  return {
    listen: (onReading, onState) => {
      onState("connecting");
      const stream = open();
      let last = 0;
      stream.onopen = () => onState("listening");
      stream.onerror = () => onState(stream.readyState === CLOSED ? "off" : "lost");
      stream.addEventListener("reading", (event) => {
        const reading = readReading(event);
        if (!reading || reading.number <= last) return;
        last = reading.number;
        onReading(reading);
      });
      return () => {
        stream.close();
        onState("off");
      };
    },
  };
}

/** Nothing a body measures; a garbled reading is not passed on. */
const LONGEST_MM = 3000;

function readReading({ lastEventId, data }: Incoming): TapeReading | null {
  const number = Number(lastEventId);
  const mm = Number(data);
  if (!Number.isInteger(number) || number < 1 || data.trim() === "") return null;
  return mm > 0 && mm <= LONGEST_MM ? { number, mm } : null;
}
