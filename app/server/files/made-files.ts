import { join } from "node:path";
import { download } from "@app/server/download";
import { type FileAsked, type MadeFile, makeGarmentFile } from "@exporting/index";
import { Piscina } from "piscina";

/** So many files are made at a time by each process; a file takes a second of a processor. */
const THREADS = 1;
/** So many wait; whoever asks then is told to ask again. */
const MOST_WAITING = 24;
/** So many of one person, or of one link, wait or are made at a time: nobody takes all the turns. */
const MOST_OF_ONE = 3;
/** No file takes longer, and a garment for which one does is none that can be drawn. */
const PATIENCE_MS = 120_000;
/** More than this no pattern needs. */
const MOST_MEMORY_MB = 1024;
const IDLE_MS = 60_000;

let pool: Piscina<FileAsked, MadeFile> | null = null;

function threads(): Piscina<FileAsked, MadeFile> {
  pool ??= new Piscina({
    // It is built beside the server.
    filename: join(process.cwd(), "build", "files", "files-worker.js"),
    minThreads: 0,
    maxThreads: THREADS,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
  });
  return pool;
}

const asking = new Map<string, number>();

const TOO_MANY = "Three files are being made for you already: wait for them, then ask again.";
const BUSY = "Many files are being made at the moment. Ask again in a few seconds.";
const TOO_LONG = "This file took too long to make. Try it with fewer pieces, or ask again in a moment.";

/**
 * A garment's file, made in a thread of its own, so that no page waits for it. `asker` is the person or the link that asks: each has so many
 * at a time. Every answer that is no file is a sentence.
 */
export async function madeFile(asker: string, asked: FileAsked, signal: AbortSignal): Promise<Response> {
  const before = asking.get(asker) ?? 0;
  if (before >= MOST_OF_ONE) return later(TOO_MANY, 429);
  asking.set(asker, before + 1);
  try {
    const made = await make(asked, AbortSignal.any([signal, AbortSignal.timeout(PATIENCE_MS)]));
    return made.ok ? download(made.body, made.type, made.name) : new Response(made.sentence, { status: made.status });
  } catch (error) {
    const why = error instanceof Error ? error.message : "";
    // The pool says in these words that as many wait as may.
    if (/queue/i.test(why)) return later(BUSY, 503);
    console.error(error);
    return later(TOO_LONG, 503);
  } finally {
    const left = (asking.get(asker) ?? 1) - 1;
    if (left > 0) asking.set(asker, left);
    else asking.delete(asker);
  }
}

/** While the app is developed there is no built thread beside it. */
const make = (asked: FileAsked, signal: AbortSignal): Promise<MadeFile> =>
  import.meta.env.DEV ? makeGarmentFile(asked) : threads().run(asked, { signal });

const later = (sentence: string, status: number) => new Response(sentence, { status, headers: { "retry-after": "5" } });
