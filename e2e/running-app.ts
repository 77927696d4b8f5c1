import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { freePort, startPostgres } from "../scripts/machine/postgres.mjs";
import { run } from "../scripts/machine/run.mjs";
import { serve } from "../scripts/machine/server.mjs";

export type RunningApp = {
  readonly url: string;
  readonly databaseUrl: string;
  readonly stopDatabase: () => void;
  readonly restartDatabase: () => void;
  readonly close: () => Promise<void>;
};

/**
 * The built app on a database of its own, a copy of the `prepared` one or made anew with the demo data; both are thrown away on close. One
 * process serves it, as the other core has the browser, unless more are asked for.
 */
export async function startApp(prepared?: string, processes = 1): Promise<RunningApp> {
  const folder = mkdtempSync(join(tmpdir(), "gamine-test-"));
  // The postgres user has to be able to enter it.
  chmodSync(folder, 0o755);
  // With its owner, who alone may start it.
  if (prepared) {
    run("cp", ["-a", prepared, join(folder, "postgres")], { quiet: true });
    rmSync(join(folder, "postgres", "belongs-to"));
  }
  const postgres = await startPostgres({ folder: join(folder, "postgres"), durable: false });
  const server = await serve({
    root: process.cwd(),
    databaseUrl: postgres.url,
    port: await freePort(),
    secret: "of tests alone, and of nobody else",
    processes,
    isPrepared: prepared !== undefined,
    quiet: !process.env.LOUD,
  });
  return {
    url: server.url,
    databaseUrl: postgres.url,
    stopDatabase: postgres.stop,
    restartDatabase: postgres.restart,
    close: async () => {
      await server.stop();
      postgres.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
