import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { run, succeeds } from "./run.mjs";

const NPM_TIMEOUT_MS = 15 * 60_000;

/** Installs the npm packages when the lock has changed since they were last installed. */
export function installNpmPackages(root) {
  const lock = readFileSync(join(root, "package-lock.json"));
  const wanted = createHash("sha256").update(lock).digest("hex");
  const stamp = join(root, "node_modules", ".gamine-installed");
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === wanted) return;
  console.log("Installing the npm packages (about a minute the first time) …");
  // Not `npm ci`: a lock made on one platform can lack another's optional binaries, which ci refuses and install does not.
  run("npm", ["install", "--no-audit", "--no-fund", "--include=dev"], {
    cwd: root,
    timeout: NPM_TIMEOUT_MS,
    env: { ...process.env, NODE_ENV: "" },
  });
  mkdirSync(join(root, "node_modules"), { recursive: true });
  writeFileSync(stamp, wanted);
}

/** Installs Debian packages unless `isThere` finds what they bring. */
export function installDebianPackages(packages, isThere, purpose) {
  if (isThere()) return;
  const isRoot = process.getuid?.() === 0;
  const asRoot = isRoot ? [] : ["sudo", "-n"];
  const command = [...asRoot, "apt-get", "install", "-y", "-qq", "--no-install-recommends", ...packages];
  const byHand = `sudo apt-get install ${packages.join(" ")}`;
  if (!succeeds("sh", ["-c", "command -v apt-get"]) || (!isRoot && !succeeds("sudo", ["-n", "true"]))) {
    throw new Error(`${purpose} is missing and cannot be installed from here. Install it by hand: ${byHand}`);
  }
  console.log(`Installing ${purpose} from Debian's packages …`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  const update = [...asRoot, "apt-get", "update", "-qq"];
  run(update[0], update.slice(1), { env, quiet: true });
  run(command[0], command.slice(1), { env, quiet: true });
  if (!isThere()) throw new Error(`${purpose} was installed and still is not found. Try by hand: ${byHand}`);
}
