import { Agent, get } from "node:http";
import { enterDemo } from "../e2e/entering";

/**
 * How long the pages take when many are asked for: npx tsx scripts/measure-load.ts http://127.0.0.1:4173 [A SECOND] [SECONDS]. Asked for at
 * an even rate, whether those before are answered or not. Wanted, with 20,000 clients, 100,000 garments and 50,000 photographs
 * (scripts/seed-many.ts), on two processes: under 100 ms at the median and 300 ms at the 99th percentile, at 50 a second for a minute.
 */
const [base = "http://127.0.0.1:4173", rate = "50", seconds = "60"] = process.argv.slice(2);
const WARM_UP_S = 5;
const PATIENCE_MS = 10_000;

/** Whoever asks shares the machine with the server, and is not to take more of it than need be. */
const agent = new Agent({ keepAlive: true, maxSockets: 64 });
const cookie = await enterDemo(base);

function page(path: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const pieces: Buffer[] = [];
    get(new URL(path, base), { agent, headers: { cookie }, timeout: PATIENCE_MS }, (response) => {
      response.on("data", (piece: Buffer) => pieces.push(piece));
      response.on("end", () => {
        if (response.statusCode !== undefined && response.statusCode < 300) resolve(Buffer.concat(pieces).toString());
        else reject(new Error(`${path} answers ${response.statusCode}`));
      });
    }).on("error", reject);
  });
}

/** Addresses of this kind that the first pages of a list link to. */
async function linksOn(list: string, kind: RegExp): Promise<readonly string[]> {
  const texts = await Promise.all([0, 1, 2, 3, 4, 5, 6, 7].map((n) => page(`${list}?page=${n}`)));
  return [...new Set(texts.flatMap((text) => text.match(kind) ?? []))];
}

const clients = await linksOn("/clients", /\/clients\/[0-9a-f-]{36}/g);
const garments = await linksOn("/", /\/garments\/[0-9a-f-]{36}/g);
const SHELVES = ["in-hand", "due", "fitting", "findings", "cut", "done"];
const WORDS = ["linen", "velvet coat", "Berta", "Holm 1", "shawl", "no such thing", "bishop", "tweed dress 12"];
const one = (of: readonly string[]) => (i: number) => of[i % of.length] ?? "/";

const PAGES: Readonly<Record<string, (i: number) => string>> = {
  worktable: (i) => `/?show=${one(SHELVES)(i)}&page=${Math.floor(i / SHELVES.length) % 20}`,
  search: (i) => `/search?q=${encodeURIComponent(one(WORDS)(i))}`,
  client: one(clients),
  garment: (i) => `${one(garments)(i)}/sleeve`,
  "version overlay": (i) => `${one(garments)(i)}/versions`,
};
const names = Object.keys(PAGES);
const taken = new Map<string, number[]>(names.map((name) => [name, []]));
const failed: string[] = [];

/** Asks at an even rate for so long, each kind of page in its turn. */
async function ask(forSeconds: number, isCounted: boolean): Promise<void> {
  const all: Promise<void>[] = [];
  const begun = performance.now();
  for (let i = 0; i < Number(rate) * forSeconds; i++) {
    const due = begun + (i * 1000) / Number(rate);
    const early = due - performance.now();
    if (early > 0) await new Promise((resolve) => setTimeout(resolve, early));
    const name = names[i % names.length] ?? "";
    const path = PAGES[name]?.(Math.floor(i / names.length)) ?? "/";
    // From when it was due: a caller that falls behind is not to make the answers look quick.
    all.push(
      page(path).then(
        () => void (isCounted && taken.get(name)?.push(performance.now() - due)),
        (error: Error) => void failed.push(error.message),
      ),
    );
  }
  await Promise.all(all);
}

await ask(WARM_UP_S, false);
await ask(Number(seconds), true);
console.log(`${rate} a second for ${seconds} s`);
console.log(`${"".padEnd(18)}${"median ms".padStart(12)}${"99th ms".padStart(12)}`);
const tell = (name: string, times: readonly number[]) => {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) =>
    (sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0).toFixed(1);
  console.log(`${name.padEnd(18)}${at(0.5).padStart(12)}${at(0.99).padStart(12)}`);
};
for (const name of names) tell(name, taken.get(name) ?? []);
tell("all", [...taken.values()].flat());
console.log(`${failed.length} failed${failed.length > 0 ? `: ${[...new Set(failed)].slice(0, 5).join("; ")}` : ""}`);
agent.destroy();
