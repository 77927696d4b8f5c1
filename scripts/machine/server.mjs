import { join } from "node:path";
import { run, startChild } from "./run.mjs";

const READY_WITHIN_MS = 60_000;

/** Migrates the database, serves the built app on loopback, and returns once it answers. */
export async function serve({ root, databaseUrl, port, quiet = false }) {
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    HOST: "127.0.0.1",
    PORT: String(port),
    NODE_ENV: "production",
  };
  run(process.execPath, ["--import", "tsx", "database/prepare.ts"], { cwd: root, env, quiet });
  const program = join(root, "node_modules", "@react-router", "serve", "bin.js");
  const server = startChild(process.execPath, [program, "build/server/index.js"], {
    cwd: root,
    env,
    stdio: ["ignore", "ignore", quiet ? "ignore" : "inherit"],
  });
  const url = `http://127.0.0.1:${port}`;
  await ready(url, server);
  return { url, ...server };
}

async function ready(url, { child }) {
  const until = Date.now() + READY_WITHIN_MS;
  while (Date.now() < until) {
    if (child.exitCode !== null) throw new Error("The server ended before it answered.");
    try {
      await fetch(url, { signal: AbortSignal.timeout(10_000), headers: { connection: "close" } });
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
  }
  throw new Error(`The server did not answer at ${url} within a minute.`);
}
