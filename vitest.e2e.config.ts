import { defineConfig } from "vitest/config";

/** Browser tests: one file at a time, each against an app and a database of its own. */
export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    globalSetup: ["e2e/prepared-database.ts"],
    include: ["e2e/**/*.test.ts"],
    fileParallelism: false,
    testTimeout: 60_000,
    hookTimeout: 120_000,
  },
});
