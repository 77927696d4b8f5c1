import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { freePort, startPostgres } from "../scripts/machine/postgres.mjs";
import { serve } from "../scripts/machine/server.mjs";

export type RunningApp = {
  readonly url: string;
  readonly databaseUrl: string;
  readonly stopDatabase: () => void;
  readonly restartDatabase: () => void;
  readonly close: () => Promise<void>;
};

/** The built app on a database of its own, with the demo data; both are thrown away on close. */
export async function startApp(): Promise<RunningApp> {
  const folder = mkdtempSync(join(tmpdir(), "gamine-test-"));
  // The postgres user has to be able to enter it.
  chmodSync(folder, 0o755);
  const postgres = await startPostgres({ folder: join(folder, "postgres"), durable: false });
  const server = await serve({ root: process.cwd(), databaseUrl: postgres.url, port: await freePort(), quiet: true });
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
