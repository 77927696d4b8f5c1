import { defineConfig } from "vitest/config";
import { compiledCore } from "./scripts/machine/compiled-core.mjs";

const isWatching = !process.argv.includes("run") && !process.argv.includes("--run");

export default defineConfig(async () => ({
  plugins: isWatching ? [] : [await compiledCore(import.meta.dirname)],
  resolve: { tsconfigPaths: true },
  test: {
    include: ["{core,exporting,importing,cli,database,app,scripts}/**/*.test.ts"],
    // Tests that start the command line share two cores with all the others.
    testTimeout: 30_000,
    // Left to itself Vitest keeps one core free, which of two is half of them.
    maxWorkers: "100%",
    // What is tested here keeps nothing from one test to the next, so that each worker loads it once.
    isolate: false,
    benchmark: { include: ["bench/**/*.bench.ts"] },
  },
}));
