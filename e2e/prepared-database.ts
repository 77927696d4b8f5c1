import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { TestProject } from "vitest/node";
import { startPostgres } from "../scripts/machine/postgres.mjs";
import { prepare } from "../scripts/machine/server.mjs";

declare module "vitest" {
  interface ProvidedContext {
    /** A folder with a stopped database that is up to date and holds the demo: every test file works on a copy of its own. */
    readonly preparedDatabase: string;
  }
}

/** Makes the database once for all files: making it anew took three seconds of each. */
export default async function setup({ provide }: TestProject) {
  const folder = mkdtempSync(join(tmpdir(), "gamine-prepared-"));
  // The postgres user has to be able to enter it.
  chmodSync(folder, 0o755);
  const postgres = await startPostgres({ folder: join(folder, "postgres"), durable: false });
  prepare({ root: process.cwd(), databaseUrl: postgres.url, quiet: true });
  postgres.stop();
  provide("preparedDatabase", join(folder, "postgres"));
  return () => rmSync(folder, { recursive: true, force: true });
}
