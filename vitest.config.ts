import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    include: ["{core,exporting,importing,cli,database,app,scripts}/**/*.test.ts"],
    // Tests that start the command line share two cores with all the others.
    testTimeout: 30_000,
    benchmark: { include: ["bench/**/*.bench.ts"] },
  },
});
