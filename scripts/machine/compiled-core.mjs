import { readdirSync } from "node:fs";
import { join } from "node:path";
import { build } from "vite";

/** Below node_modules, since the test runner leaves what lies there to Node. */
const COMPILED = "node_modules/.cache/gamine/core";

/**
 * Compiles the core once, as the app is compiled, and has every test import the compiled files. The test runner wraps each call from
 * one module to another; for work as fine-grained as drafting that made the tests take two and a half times as long.
 * For single runs: while watching, the core is the source as it stands.
 *
 * @param {string} root folder of the project
 * @returns {Promise<import("vite").Plugin>} what sends the tests' imports there
 */
export async function compiledCore(root) {
  const sources = new Map(
    readdirSync(join(root, "core"), { recursive: true, encoding: "utf8" })
      .filter((file) => file.endsWith(".ts") && !file.endsWith(".test.ts") && !file.startsWith("testing"))
      .map((file) => [join(root, "core", file), file.replace(/\.ts$/, "")]),
  );
  await build({
    configFile: false,
    root,
    logLevel: "warn",
    publicDir: false,
    resolve: { tsconfigPaths: true },
    build: {
      ssr: true,
      outDir: COMPILED,
      emptyOutDir: true,
      minify: false,
      sourcemap: true,
      rollupOptions: {
        input: Object.fromEntries([...sources].map(([path, name]) => [name, path])),
        preserveEntrySignatures: "strict",
        output: { entryFileNames: "[name].mjs", chunkFileNames: "parts/[name].mjs" },
      },
    },
  });
  return {
    name: "compiled-core",
    enforce: "pre",
    async resolveId(source, importer) {
      const found = await this.resolve(source, importer, { skipSelf: true });
      const name = found && sources.get(found.id);
      return name ? join(root, COMPILED, `${name}.mjs`) : found;
    },
  };
}
