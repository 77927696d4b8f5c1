import { fork } from "node:child_process";
import fc from "fast-check";
import { readGarment } from "../core/spec";
import { anyGarmentFile } from "../core/testing/any-garment";
import { brokenLaws } from "../core/testing/laws";

/**
 * Tries the laws of `core/testing/laws` on many garments: npx tsx scripts/try-garments.ts [SEED] [HOW MANY]. What breaks one is counted,
 * with the number of its first garment; with a third figure only that garment is tried, and printed. A garment that takes longer
 * than eight seconds is counted as never ending, and the next one goes on.
 */
const [seed = 1, count = 2000, only] = process.argv.slice(2).map(Number);
const STUCK_MS = 8000;
const FROM = "GAMINE_TRY_FROM";

type Told = { readonly index: number; readonly broken: readonly string[] } | { readonly starts: number };

function files() {
  return fc.sample(anyGarmentFile, { numRuns: count, seed });
}

function tryOne(file: unknown): readonly string[] {
  const read = readGarment(file);
  if (!read.ok) return [`cannot be read: ${read.issues[0]?.message}`];
  try {
    const { garment, broken } = brokenLaws(read.spec);
    const parts = (["block", "sleeve", "collar"] as const).map((part) =>
      garment.spec[part] === null ? `(${part} not wanted)` : garment[part] ? `(${part} drawn)` : `(${part} not drawn)`,
    );
    return [...parts, ...broken.map(({ law, what }) => `${law}: ${what}`)];
  } catch (error) {
    return [`throws: ${error instanceof Error ? `${error.message} ${error.stack?.split("\n")[1]?.trim()}` : error}`];
  }
}

function work(from: number): void {
  for (const [index, file] of files().entries()) {
    if (index < from) continue;
    process.send?.({ starts: index } satisfies Told);
    process.send?.({ index, broken: tryOne(file) } satisfies Told);
  }
  process.disconnect?.();
}

function lead(): void {
  const found = new Map<string, { count: number; first: number }>();
  const note = (what: string, index: number) => {
    const key = what.replace(/-?\d+(\.\d+)?(e-?\d+)?/g, "#").slice(0, 170);
    const known = found.get(key) ?? { count: 0, first: index };
    found.set(key, { ...known, count: known.count + 1 });
  };
  const start = (from: number) => {
    const worker = fork(import.meta.filename, process.argv.slice(2), { env: { ...process.env, [FROM]: `${from}` } });
    let [at, since] = [from, Number.POSITIVE_INFINITY];
    const watch = setInterval(() => {
      if (Date.now() - since < STUCK_MS) return;
      note("never ends", at);
      clearInterval(watch);
      worker.kill("SIGKILL");
      start(at + 1);
    }, 500);
    worker.on("message", (told: Told) => {
      since = Date.now();
      if ("starts" in told) at = told.starts;
      else for (const what of told.broken) note(what, told.index);
    });
    worker.on("disconnect", () => {
      clearInterval(watch);
      if (at < count - 1) return;
      for (const [what, { count: times, first }] of [...found].sort((a, b) => b[1].count - a[1].count))
        console.log(`${times}\t${what}\te.g. ${first}`);
    });
  };
  start(0);
}

const from = process.env[FROM];
if (only !== undefined) {
  const file = files()[only];
  console.log(JSON.stringify(file, null, 1), tryOne(file));
} else if (from !== undefined) work(Number(from));
else lead();
