import { join } from "node:path";
import { run, startChild } from "./run.mjs";

const READY_WITHIN_MS = 300_000;

/** Brings the database up to date, and fills an empty one with the demo. */
export function prepare({ root, databaseUrl, quiet = false }) {
  const env = { ...process.env, DATABASE_URL: databaseUrl };
  run(process.execPath, ["--import", "tsx", "database/prepare.ts"], { cwd: root, env, quiet });
}

/**
 * @param {{ root: string, databaseUrl: string, port: number, secret: string, processes?: number, isPrepared?: boolean, quiet?: boolean,
 *   onStarted?: (pid: number | undefined) => void }} how
 *
 * Prepares the database, unless it is so already, serves the built app on loopback, and returns once it answers.
 */
export async function serve({
  root,
  databaseUrl,
  port,
  secret,
  processes = undefined,
  isPrepared = false,
  quiet = false,
  onStarted = () => {},
}) {
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    HOST: "127.0.0.1",
    PORT: String(port),
    NODE_ENV: "production",
    GAMINE_SECRET: secret,
    ...(processes && { GAMINE_PROCESSES: String(processes) }),
  };
  if (!isPrepared) prepare({ root, databaseUrl, quiet });
  const server = startChild(process.execPath, [join(root, "scripts", "machine", "app-server.mjs")], {
    cwd: root,
    env,
    stdio: ["ignore", quiet ? "ignore" : "inherit", quiet ? "ignore" : "inherit"],
  });
  // Known to whoever has to clean up before anything else can go wrong.
  onStarted(server.child.pid);
  const url = `http://127.0.0.1:${port}`;
  try {
    await ready(url, server);
  } catch (error) {
    await server.stop();
    throw error;
  }
  return { url, ...server };
}

async function ready(url, { child }) {
  const until = Date.now() + READY_WITHIN_MS;
  while (Date.now() < until) {
    if (child.exitCode !== null) throw new Error("The server ended before it answered.");
    try {
      const answer = await fetch(`${url}/health`, {
        signal: AbortSignal.timeout(10_000),
        headers: { connection: "close" },
      });
      if (answer.ok) return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
  }
  throw new Error(`The server did not answer at ${url} within five minutes.`);
}
