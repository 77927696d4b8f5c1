import { Agent, get } from "node:http";

/**
 * How long the pages take when many are asked for at once: npx tsx scripts/measure-load.ts http://127.0.0.1:4173 [ROUNDS]. Wanted, with
 * 20,000 clients and 100,000 garments (scripts/seed-many.ts): under 100 ms at the median and 300 ms at the 99th percentile, 20 at a time.
 */
const [base = "http://127.0.0.1:4173", rounds = "600"] = process.argv.slice(2);
const AT_ONCE = 20;
const WARM_UP = 60;

/** Whoever asks shares the machine with the server, and is not to take more of it than need be. */
const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE });

function page(path: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const pieces: Buffer[] = [];
    get(new URL(path, base), { agent }, (response) => {
      response.on("data", (piece: Buffer) => pieces.push(piece));
      response.on("end", () => {
        if (response.statusCode === 200) resolve(Buffer.concat(pieces).toString());
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

async function times(path: (i: number) => string, count: number): Promise<readonly number[]> {
  const taken: number[] = [];
  let next = 0;
  const work = async () => {
    while (next < count) {
      const i = next++;
      const begun = performance.now();
      await page(path(i));
      taken.push(performance.now() - begun);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, work));
  return taken.sort((a, b) => a - b);
}

const clients = await linksOn("/clients", /\/clients\/[0-9a-f-]{36}/g);
const garments = await linksOn("/", /\/garments\/[0-9a-f-]{36}\/\w+/g);
const WORDS = ["linen", "velvet coat", "Berta", "Holm 1", "nightgown", "no such thing", "a", "tweed dress 12"];
const one = (of: readonly string[]) => (i: number) => of[i % of.length] ?? "/";

/** What somebody who moves about in the open app asks for: the data of a page without its frame. */
const dataOf = (path: string) =>
  path.startsWith("/?") ? path.replace("/?", "/_root.data?") : path.replace(/^([^?]+)/, "$1.data");

const PAGES: Readonly<Record<string, (i: number) => string>> = {
  worktable: (i) => `/?page=${i % 50}`,
  clients: (i) => `/clients?page=${i % 50}`,
  client: one(clients),
  garment: one(garments),
  search: (i) => `/search?q=${encodeURIComponent(one(WORDS)(i))}`,
};

console.log(`${"".padEnd(18)}${"median ms".padStart(12)}${"99th ms".padStart(12)}`);
async function tell(name: string, path: (i: number) => string): Promise<void> {
  await times(path, WARM_UP);
  const taken = await times(path, Number(rounds));
  const at = (share: number) => (taken[Math.min(taken.length - 1, Math.floor(taken.length * share))] ?? 0).toFixed(1);
  console.log(`${name.padEnd(18)}${at(0.5).padStart(12)}${at(0.99).padStart(12)}`);
}
for (const [name, path] of Object.entries(PAGES)) {
  await tell(`${name}, whole`, path);
  await tell(`${name}, data`, (i) => dataOf(path(i)));
}

agent.destroy();
