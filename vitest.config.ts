import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    include: ["{core,exporting,importing,cli,database,app,scripts}/**/*.test.ts"],
    benchmark: { include: ["bench/**/*.bench.ts"] },
  },
});
