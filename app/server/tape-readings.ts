import { addReading, PRACTICE_TAPE_CHANNEL, readingsAfter } from "@database/queries/practice-tape";
import { Client } from "pg";
import { databaseUrl, theDatabase } from "./connection";
import type { TapeReadings } from "./practice-tape";

type Watcher = { readonly onMore: () => void; readonly onLost: () => void };

/** Who waits for more, by tape; and the one connection on which this process hears of it, open while anybody waits. */
const watchers = new Map<string, Set<Watcher>>();
let listening: Client | null = null;

/** The readings of one practice tape, as all copies of the server know them. */
export function readingsOf(tapeId: string): TapeReadings {
  return {
    after: (number) => readingsAfter(theDatabase(), tapeId, number),
    watch: (onMore, onLost) => {
      const watcher = { onMore, onLost };
      const ofTape = watchers.get(tapeId) ?? new Set<Watcher>();
      watchers.set(tapeId, ofTape.add(watcher));
      listen();
      return () => {
        ofTape.delete(watcher);
        if (ofTape.size === 0 && watchers.get(tapeId) === ofTape) watchers.delete(tapeId);
        if (watchers.size === 0) hangUp();
      };
    },
  };
}

export const pressPracticeTape = (tapeId: string, mm: number): Promise<void> => addReading(theDatabase(), tapeId, mm);

function listen(): void {
  if (listening) return;
  const client = new Client({ connectionString: databaseUrl() });
  listening = client;
  const lose = () => {
    if (listening !== client) return;
    hangUp();
    for (const watcher of [...watchers.values()].flatMap((ofTape) => [...ofTape])) watcher.onLost();
  };
  client.on("notification", ({ payload }) => {
    for (const watcher of [...(watchers.get(payload ?? "") ?? [])]) watcher.onMore();
  });
  client.on("error", lose);
  client.on("end", lose);
  client
    .connect()
    .then(() => client.query(`listen ${PRACTICE_TAPE_CHANNEL}`))
    // What came before the channel was open is looked up once more.
    .then(() => [...watchers.values()].flatMap((ofTape) => [...ofTape]).forEach(({ onMore }) => void onMore()))
    .catch(lose);
}

function hangUp(): void {
  const client = listening;
  listening = null;
  client?.end().catch(() => {});
}
