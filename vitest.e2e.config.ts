import { defineConfig } from "vitest/config";

/** Browser tests: two files at a time, each against an app and a database of its own. */
export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    globalSetup: ["e2e/prepared-database.ts"],
    include: ["e2e/**/*.test.ts"],
    maxWorkers: 2,
    // A hang is still found; how slow a machine is decides nothing.
    testTimeout: 900_000,
    hookTimeout: 900_000,
  },
});
