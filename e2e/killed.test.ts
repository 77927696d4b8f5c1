import { spawn } from "node:child_process";
import { chmodSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { freePort } from "../scripts/machine/postgres.mjs";
import { enterDemo, post } from "./entering";

/** The app as `npm start` runs it, with data of its own. */
let home = "";
let url = "";
let start: ReturnType<typeof spawn>;
let cookie = "";
let garment = "";
let fitting = "";

const SAVES = 200;
const PICTURES = 20;
const AT_ONCE = 10;
/** So often the start script is killed and started again under load. */
const ROUNDS = 3;

beforeAll(async () => {
  home = mkdtempSync(join(tmpdir(), "gamine-killed-"));
  chmodSync(home, 0o755);
  const port = await freePort();
  url = `http://127.0.0.1:${port}`;
  start = run(port);
  await ready();
  cookie = await enterDemo(url);
  const table = await (await fetch(url, { headers: { cookie } })).text();
  garment = /\/garments\/([0-9a-f-]{36})\//.exec(table)?.[1] ?? "";
  const logged = await post(
    url,
    `/garments/${garment}/fittings`,
    { act: "log", takenOn: "2026-11-20", version: "1" },
    cookie,
  );
  fitting = /fittings\/([0-9a-f-]{36})/.exec(logged.headers.get("location") ?? "")?.[1] ?? "";
});

afterAll(async () => {
  const ended = new Promise((done) => start.once("exit", done));
  if (start.kill("SIGINT")) await ended;
  rmSync(home, { recursive: true, force: true });
});

function run(port: number) {
  const env = { ...process.env, GAMINE_HOME: home, PORT: String(port), GAMINE_PROCESSES: "2" };
  return spawn(process.execPath, ["scripts/start.mjs"], { env, stdio: "ignore" });
}

async function ready(): Promise<void> {
  for (let i = 0; i < 6000; i++) {
    const answer = await fetch(`${url}/ready`, { headers: { connection: "close" } }).catch(() => null);
    if (answer?.ok) return;
    await new Promise((done) => setTimeout(done, 100));
  }
  throw new Error("the app did not come back");
}

async function until(what: () => boolean): Promise<void> {
  while (!what()) await new Promise((done) => setTimeout(done, 50));
}

/** Asks for pages without an end, as people do who do not know of a crash; tells which answers were neither a page nor none. */
function askForPages() {
  let isAsking = true;
  const refused: number[] = [];
  const ask = async () => {
    while (isAsking) {
      const answer = await fetch(url, { headers: { cookie } }).catch(() => null);
      if (answer && answer.status !== 200) refused.push(answer.status);
      await answer?.text().catch(() => "");
      if (!answer) await new Promise((done) => setTimeout(done, 20));
    }
  };
  const all = Promise.all(Array.from({ length: 4 }, ask));
  return {
    stop: async () => {
      isAsking = false;
      await all;
      return { refused };
    },
  };
}

/** Who is who, from the marks that the app keeps; nobody while they are being written. */
function marks(): { readonly pid?: number; readonly server?: number } {
  try {
    return JSON.parse(readFileSync(join(home, "running.json"), "utf8"));
  } catch {
    return {};
  }
}
const serverPid = (): number => marks().server ?? 0;

function isAlive(pid: number): boolean {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, "utf8").includes("app-server.mjs");
  } catch {
    return false;
  }
}
const databasePid = (): number =>
  Number(readFileSync(join(home, "postgres", "data", "postmaster.pid"), "utf8").split("\n")[0]);

const nameOf = (round: string, i: number) => `Saved ${round} ${i}`;

/** Saves and photographs many at a time, with what is killed in the middle; gives those that were acknowledged. */
async function inTheMiddle(round: string, kill: () => void) {
  const acknowledged: { readonly names: string[]; photographs: string[] } = { names: [], photographs: [] };
  const picture = await sharp({ create: { width: 900, height: 700, channels: 3, background: "#336655" } })
    .jpeg()
    .toBuffer();
  const headers = { cookie, origin: url };
  const save = async (i: number) => {
    const file = { format: "gamine-garment/1", unit: "in", name: nameOf(round, i) };
    const response = await fetch(`${url}/garments/${garment}/save`, {
      method: "POST",
      headers: { ...headers, "content-type": "application/json" },
      body: JSON.stringify({ file, basedOn: 1 }),
    });
    if (response.ok && (await response.json()).saved) acknowledged.names.push(nameOf(round, i));
  };
  const send = async () => {
    const form = new FormData();
    form.set("photograph", new Blob([new Uint8Array(picture)], { type: "image/jpeg" }), "x.jpg");
    const response = await fetch(`${url}/garments/${garment}/fittings/${fitting}/photographs`, {
      method: "POST",
      headers,
      body: form,
    });
    const answer = await response.json();
    if (answer.ok) acknowledged.photographs.push(answer.photograph.id);
  };
  const work = Array.from(
    { length: SAVES },
    (_, i) => () => (i % (SAVES / PICTURES) === 0 ? Promise.all([save(i), send()]) : save(i)),
  );
  let done = 0;
  const worker = async () => {
    for (let next = work.shift(); next; next = work.shift()) {
      // What is not answered is not acknowledged: a person saves again.
      await next().catch(() => new Promise((wait) => setTimeout(wait, 50)));
      if (++done === SAVES / 2) kill();
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, worker));
  await ready();
  return acknowledged;
}

/** Every acknowledged save is a version that can be read whole; every acknowledged photograph is one. */
async function areAllThere({
  names,
  photographs,
}: {
  readonly names: readonly string[];
  readonly photographs: readonly string[];
}) {
  const archive = await fetch(`${url}/garments/${garment}/versions`, { headers: { cookie } });
  expect(archive.status).toBe(200);
  const kept = new Set<string>();
  for (let before = 2_000_000; ; ) {
    const page = await (
      await fetch(`${url}/garments/${garment}/versions?before=${before}`, { headers: { cookie } })
    ).text();
    for (const [, name = ""] of page.matchAll(/Name: (Saved \w+ \d+)[,&]/g)) kept.add(name);
    const older = /\?before=(\d+)"[^>]*>Older/.exec(page)?.[1];
    if (!older) break;
    before = Number(older);
  }
  expect(names.filter((name) => !kept.has(name))).toEqual([]);
  for (const id of photographs) {
    const shown = await fetch(`${url}/photographs/${id}`, { headers: { cookie } });
    const { width } = await sharp(Buffer.from(await shown.arrayBuffer())).metadata();
    expect(width).toBe(900);
  }
}

describe("killed in the middle of saving", () => {
  it("the server comes back by itself with all that it had acknowledged", async () => {
    const acknowledged = await inTheMiddle("server", () => process.kill(-serverPid(), "SIGKILL"));
    expect(acknowledged.names.length).toBeGreaterThan(SAVES / 4);
    await areAllThere(acknowledged);
  });

  it("the database comes back by itself with all that it had acknowledged", async () => {
    const acknowledged = await inTheMiddle("database", () => process.kill(databasePid(), "SIGKILL"));
    expect(acknowledged.names.length).toBeGreaterThan(SAVES / 4);
    await areAllThere(acknowledged);
  });

  it("the start script takes nothing with it, and started again serves at the same port, whatever is being asked for", async () => {
    const port = Number(new URL(url).port);
    const acknowledged = await inTheMiddle("start", () => start.kill("SIGKILL"));
    expect(acknowledged.names.length).toBe(SAVES);
    await areAllThere(acknowledged);
    const asking = askForPages();
    for (let round = 0; round < ROUNDS; round++) {
      if (round > 0) start.kill("SIGKILL");
      const before = serverPid();
      start = run(port);
      await until(() => start.exitCode !== null || (marks().pid === start.pid && marks().server !== before));
      expect(start.exitCode).toBeNull();
      await ready();
      expect(isAlive(before)).toBe(false);
    }
    const { refused } = await asking.stop();
    expect(refused).toEqual([]);
    await areAllThere(acknowledged);
  });
});
