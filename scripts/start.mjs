import { randomBytes } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { buildIfStale } from "./machine/build.mjs";
import { installNpmPackages } from "./machine/packages.mjs";
import { isPortFree, startPostgres } from "./machine/postgres.mjs";
import { isAlive, startChild } from "./machine/run.mjs";
import { serve } from "./machine/server.mjs";

const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
/** Where the database, the secret and the marks of a running app lie: GAMINE_HOME says another folder. */
const HOME = process.env.GAMINE_HOME || join(ROOT, ".gamine");
const RUN_FILE = join(HOME, "running.json");
const DEFAULT_PORT = 4173;
const PORTS_TO_TRY = 16;
const WATCH_MS = 500;
const TOO_SOON_MS = 5000;
const MOST_AT_ONCE = 3;
/** A server that a killed start left behind has so long to answer what it was asked. */
const LEFT_SERVER_PATIENCE_MS = 4000;
/** Browsers refuse to open these, whatever listens there. */
const REFUSED_BY_BROWSERS = [
  2049, 3659, 4045, 4190, 5060, 5061, 6000, 6566, 6665, 6666, 6667, 6668, 6669, 6679, 6697, 10080,
];

const stops = [];
let isStopping = false;

async function stopAll(status) {
  if (isStopping) return;
  isStopping = true;
  for (const stop of stops.reverse()) {
    try {
      await stop();
    } catch (error) {
      console.error(error.message);
    }
  }
  process.exit(status);
}

/** Settings that would leave doors open or have the server end at once. */
function lookAtSettings() {
  const { GAMINE_URL, GAMINE_PROXY } = process.env;
  if (GAMINE_URL && !(URL.canParse(GAMINE_URL) && /^https?:$/.test(new URL(GAMINE_URL).protocol)))
    throw new Error(`GAMINE_URL=${GAMINE_URL} is no address. Give one like https://gamine.example.org`);
  if (GAMINE_PROXY === "1" && !GAMINE_URL)
    throw new Error(
      "GAMINE_PROXY=1 says that a proxy stands before the server: give the address from outside as well, with GAMINE_URL=https://…",
    );
}

async function start() {
  lookAtSettings();
  mkdirSync(HOME, { recursive: true });
  await takeOver();
  stops.push(() => rmSync(RUN_FILE, { force: true }));
  writeFileSync(RUN_FILE, JSON.stringify({ pid: process.pid }), { mode: 0o600 });
  const port = await choosePort();
  installNpmPackages(ROOT);
  const isDevelopment = process.argv.includes("--dev");
  if (!isDevelopment) buildIfStale(ROOT);
  const databaseUrl = process.env.DATABASE_URL || (await ownDatabase());
  const url = isDevelopment ? develop(databaseUrl, port) : await serveBuilt(databaseUrl, port);
  console.log(`\nGamine is at ${url}\nCtrl-C stops it.`);
}

/** What sessions are signed with: made once, and kept from the other people of this machine. */
function secret() {
  if (process.env.GAMINE_SECRET) return process.env.GAMINE_SECRET;
  const file = join(HOME, "secret");
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString("base64url"), { mode: 0o600 });
  return readFileSync(file, "utf8").trim();
}

async function ownDatabase() {
  const postgres = await startPostgres({ folder: join(HOME, "postgres") });
  // Killed, it is started again: what it had said was kept is kept.
  const watching = setInterval(() => {
    if (isStopping || postgres.isRunning()) return;
    console.error("The database ended by itself and is started again.");
    try {
      postgres.restart();
    } catch (error) {
      console.error(error.message);
    }
  }, WATCH_MS);
  stops.push(() => {
    clearInterval(watching);
    postgres.stop();
  });
  return postgres.url;
}

async function serveBuilt(databaseUrl, port) {
  const url = `http://127.0.0.1:${port}`;
  // The address of the database is for scripts of whoever keeps this machine, and for nobody else on it.
  const running = (child) =>
    writeFileSync(RUN_FILE, JSON.stringify({ pid: process.pid, url, server: child, databaseUrl }), { mode: 0o600 });
  const begin = (isPrepared) =>
    serve({ root: ROOT, databaseUrl, port, secret: secret(), isPrepared, onStarted: (child) => running(child) });
  let server = await begin(false);
  stops.push(() => server.stop());
  watch(performance.now(), 0);
  return url;

  /** Starts the server again when it ended by itself; one that ends at once again and again would not serve the next time either. */
  async function watch(began, endedAtOnce) {
    await server.ended;
    if (isStopping) return;
    console.error("The server ended by itself.");
    const times = performance.now() - began < TOO_SOON_MS ? endedAtOnce + 1 : 0;
    if (times === MOST_AT_ONCE) return stopAll(1);
    try {
      server = await begin(true);
      console.error("It is started again.");
      watch(performance.now(), times);
    } catch (error) {
      console.error(error.message);
      stopAll(1);
    }
  }
}

function develop(databaseUrl, port) {
  const env = { ...process.env, DATABASE_URL: databaseUrl, GAMINE_SECRET: secret(), PORT: String(port) };
  const child = startChild(
    "sh",
    ["-c", `node --import tsx database/prepare.ts && npx react-router dev --host 127.0.0.1 --port ${port}`],
    { cwd: ROOT, env },
  );
  stops.push(child.stop);
  child.ended.then(() => stopAll(1));
  return `http://127.0.0.1:${port}`;
}

/** Refuses where another start runs. What is left of one that was killed is stopped, and waited for: the same port is free again then. */
async function takeOver() {
  if (!existsSync(RUN_FILE)) return;
  const before = readRunFile();
  if (before && before.pid !== process.pid && isAlive(before.pid) && runs(before.pid, "start.mjs")) {
    console.error(
      `Gamine is already running${before.url ? ` at ${before.url}` : ""} (process ${before.pid}). Stop that one first with Ctrl-C.`,
    );
    process.exit(1);
  }
  console.log("The last start did not end cleanly; its marks are cleared.");
  if (before?.server && isAlive(before.server) && runs(before.server, "app-server.mjs")) {
    console.log("Its server was still running and is stopped.");
    await stopServer(before.server, before.url);
  }
  rmSync(RUN_FILE, { force: true });
}

/** Lets a server answer what it was asked, and ends it; returns once it is gone and nobody listens at its address any more. */
async function stopServer(pid, url) {
  const port = url ? Number(new URL(url).port) : null;
  const isGone = async () => !runs(pid, "app-server.mjs") && (port === null || (await isPortFree(port)));
  for (const signal of ["SIGTERM", "SIGKILL"]) {
    try {
      process.kill(-pid, signal);
    } catch {
      // it ended meanwhile
    }
    for (const until = Date.now() + LEFT_SERVER_PATIENCE_MS; Date.now() < until; ) {
      if (await isGone()) return;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  }
}

function readRunFile() {
  try {
    return JSON.parse(readFileSync(RUN_FILE, "utf8"));
  } catch {
    return null;
  }
}

/** A process number is used again sooner or later: it is only ours if it runs our program. */
function runs(pid, program) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, "utf8").includes(program);
  } catch {
    return false;
  }
}

async function choosePort() {
  const asked = process.env.PORT;
  if (asked !== undefined && asked !== "") {
    if (/^\d+$/.test(asked) && Number(asked) > 0 && Number(asked) < 65536) {
      if (REFUSED_BY_BROWSERS.includes(Number(asked)))
        throw new Error(`Port ${asked} is one that browsers refuse to open. Choose another, or leave PORT away.`);
      if (await isPortFree(Number(asked))) return Number(asked);
      throw new Error(`Port ${asked} is taken by another program. Choose another with PORT=…, or leave PORT away.`);
    }
    throw new Error(`PORT=${asked} is not a port. Give a number from 1 to 65535, or leave PORT away.`);
  }
  for (let port = DEFAULT_PORT; port < DEFAULT_PORT + PORTS_TO_TRY; port++) {
    if (await isPortFree(port)) {
      if (port !== DEFAULT_PORT)
        console.log(`Port ${DEFAULT_PORT} is taken by another program; ${port} is used instead.`);
      return port;
    }
  }
  throw new Error(
    `Ports ${DEFAULT_PORT} to ${DEFAULT_PORT + PORTS_TO_TRY - 1} are all taken. Give a free one with PORT=…`,
  );
}

for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"]) process.on(signal, () => stopAll(0));
try {
  await start();
} catch (error) {
  console.error(`\n${error.message}`);
  await stopAll(1);
}
