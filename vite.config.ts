import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vite";

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

export default defineConfig({
  plugins: [reactRouter()],
  resolve: { tsconfigPaths: true },
  ssr: { noExternal: BUNDLED_ON_SERVER },
  optimizeDeps: {
    include: ["@chakra-ui/react", "lucide-react", "zustand", "d3-zoom", "d3-selection", "tinykeys"],
  },
  build: { chunkSizeWarningLimit: 900 },
});
