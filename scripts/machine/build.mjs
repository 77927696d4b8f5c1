import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { run } from "./run.mjs";

/** What the built app is made from. */
const SOURCES = [
  "app",
  "core",
  "database",
  "exporting",
  "importing",
  "package-lock.json",
  "vite.config.ts",
  "vite.files.config.ts",
  "react-router.config.ts",
  "tsconfig.json",
];

/** Builds the app when any of its sources has changed since the last build. */
export function buildIfStale(root) {
  const stamp = join(root, "build", ".sources");
  const wanted = fingerprint(root);
  if (
    existsSync(join(root, "build", "server", "index.js")) &&
    existsSync(join(root, "build", "files", "files-worker.js")) &&
    existsSync(stamp) &&
    readFileSync(stamp, "utf8") === wanted
  )
    return;
  console.log("Building the app …");
  run("npm", ["run", "build"], { cwd: root, quiet: true, env: { ...process.env, NODE_ENV: "production" } });
  writeFileSync(stamp, wanted);
}

function fingerprint(root) {
  const hash = createHash("sha256");
  for (const path of SOURCES.flatMap((source) => filesUnder(root, source)).sort()) {
    hash.update(path).update(readFileSync(join(root, path)));
  }
  return hash.digest("hex");
}

function filesUnder(root, path) {
  const full = join(root, path);
  if (!existsSync(full)) return [];
  try {
    return readdirSync(full, { withFileTypes: true }).flatMap((entry) => filesUnder(root, join(path, entry.name)));
  } catch {
    return [path];
  }
}
