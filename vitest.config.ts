import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    include: ["{core,exporting,importing,cli,database,app,scripts}/**/*.test.ts"],
    // Tests that start the command line share two cores with all the others.
    testTimeout: 30_000,
    // Left to itself Vitest keeps one core free, which of two is half of them.
    maxWorkers: "100%",
    benchmark: { include: ["bench/**/*.bench.ts"] },
  },
});
