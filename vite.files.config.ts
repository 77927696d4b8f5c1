import { defineConfig } from "vite";

/** Builds the thread that makes files (app/server/files), which runs beside the server. */
export default defineConfig({
  resolve: { tsconfigPaths: true },
  publicDir: false,
  build: {
    ssr: "app/server/files/files-worker.ts",
    outDir: "build/files",
    emptyOutDir: true,
    rollupOptions: { output: { entryFileNames: "[name].js" } },
  },
});
