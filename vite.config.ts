import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";
import { reactRouter } from "@react-router/dev/vite";
import { defineConfig, type Plugin } from "vite";

/** Bundled into the server build: loading these few hundred small files one by one doubles the start-up time. */
const BUNDLED_ON_SERVER = [
  /^@chakra-ui\//,
  /^@ark-ui\//,
  /^@zag-js\//,
  /^@emotion\//,
  /^@floating-ui\//,
  /^@internationalized\//,
  /^@pandacss\//,
  "lucide-react",
];

const WRITES_VARIABLES = "getPreflightCss(), getGlobalCss(), getTokenCss()";

/**
 * The components' variables come to a page in its style sheet, written once on the server. Chakra's system writes them again wherever it
 * is made, and keeps what nobody asks for: in a browser on a slow machine, a twentieth of a second of every opening.
 */
const variablesOnTheServer: Plugin = {
  name: "variables-on-the-server",
  applyToEnvironment: ({ name }) => name === "client",
  transform(code, id) {
    if (!id.endsWith("/styled-system/system.js")) return null;
    if (!code.includes(WRITES_VARIABLES))
      throw new Error("Chakra's system writes its variables in another way: look at vite.config.ts.");
    return { code: code.replace(WRITES_VARIABLES, ""), map: null };
  },
};

function pack(file: string): void {
  const content = readFileSync(file);
  const params = { [constants.BROTLI_PARAM_SIZE_HINT]: content.length };
  writeFileSync(`${file}.br`, brotliCompressSync(content, { params }));
  writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
}

/** Scripts and styles are packed once, as small as can be, when the app is built: packed at every asking they were a fifth larger. */
const packedOnce: Plugin = {
  name: "packed-once",
  applyToEnvironment: ({ name }) => name === "client",
  writeBundle({ dir = "" }, bundle) {
    for (const name of Object.keys(bundle)) if (/\.(?:js|css|svg)$/.test(name)) pack(join(dir, name));
  },
};

/** The list of all routes is a script too, and is written only while the server is built. */
const routesPackedOnce: Plugin = {
  name: "routes-packed-once",
  applyToEnvironment: ({ name }) => name === "ssr",
  writeBundle() {
    const assets = "build/client/assets";
    for (const name of readdirSync(assets)) if (/^manifest-.*\.js$/.test(name)) pack(join(assets, name));
  },
};

export default defineConfig({
  plugins: [reactRouter(), variablesOnTheServer, packedOnce, routesPackedOnce],
  resolve: { tsconfigPaths: true },
  ssr: { noExternal: BUNDLED_ON_SERVER },
  optimizeDeps: {
    include: ["@chakra-ui/react", "lucide-react", "zustand", "d3-zoom", "d3-selection", "tinykeys"],
  },
  build: { chunkSizeWarningLimit: 900 },
});
