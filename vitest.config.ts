import { defineConfig } from "vitest/config";
import { BaseSequencer } from "vitest/node";
import { compiledCore } from "./scripts/machine/compiled-core.mjs";

const isWatching = !process.argv.includes("run") && !process.argv.includes("--run");

/** The laws and the women take longest by far: begun last, one of them would run on alone. */
class LongestFirst extends BaseSequencer {
  override async sort(...[files]: Parameters<BaseSequencer["sort"]>) {
    const sorted = await super.sort(files);
    const isLong = ({ moduleId }: (typeof files)[number]) => moduleId.includes("/core/testing/");
    return [...sorted.filter(isLong), ...sorted.filter((file) => !isLong(file))];
  }
}

export default defineConfig(async () => ({
  plugins: isWatching ? [] : [await compiledCore(import.meta.dirname)],
  resolve: { tsconfigPaths: true },
  test: {
    include: ["{core,exporting,importing,cli,database,app,scripts}/**/*.test.ts"],
    // A hang is still found; how slow a machine is decides nothing.
    testTimeout: 900_000,
    // Left to itself Vitest keeps one core free, which of two is half of them.
    maxWorkers: "100%",
    // What is tested here keeps nothing from one test to the next, so that each worker loads it once.
    isolate: false,
    sequence: { sequencer: LongestFirst },
    benchmark: { include: ["bench/**/*.bench.ts"] },
  },
}));
