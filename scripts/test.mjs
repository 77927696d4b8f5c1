import { spawnSync } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { buildIfStale } from "./machine/build.mjs";
import { installDebianPackages, installNpmPackages } from "./machine/packages.mjs";

/** Everything that has to hold, in one run: types, lint with the layer rule, unit tests, and the browser tests on the built app. */
const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const reports = mkdtempSync(join(tmpdir(), "gamine-reports-"));
const started = Date.now();
let passed = 0;
let failed = 0;

function step(name, act) {
  console.log(`\n— ${name}`);
  try {
    act();
  } catch (error) {
    failed++;
    console.error(error.message);
  }
}

/** A check that passes or fails as a whole. */
function check(name, words) {
  step(name, () => {
    const { status } = spawnSync("npx", ["--no-install", ...words], { cwd: ROOT, stdio: "inherit" });
    if (status === 0) passed++;
    else failed++;
  });
}

/** A Vitest run, counted test by test from its report. */
function tests(name, words) {
  step(name, () => {
    const report = join(reports, `${name.replace(/\W+/g, "-")}.json`);
    const { status } = spawnSync(
      "npx",
      [
        "--no-install",
        "vitest",
        "run",
        ...words,
        "--reporter=default",
        "--reporter=json",
        `--outputFile.json=${report}`,
      ],
      { cwd: ROOT, stdio: "inherit" },
    );
    if (!existsSync(report)) throw new Error(`${name} left no report.`);
    const counted = JSON.parse(readFileSync(report, "utf8"));
    passed += counted.numPassedTests;
    failed += counted.numFailedTests;
    // A file that could not even be loaded has no failed test of its own.
    if (status !== 0 && counted.numFailedTests === 0) failed++;
  });
}

installNpmPackages(ROOT);
check("routes' types", ["react-router", "typegen"]);
check("types", ["tsc", "--noEmit"]);
check("lint and format", ["biome", "check", "."]);
check("layers", [
  "depcruise",
  "--config",
  ".dependency-cruiser.cjs",
  "app",
  "cli",
  "core",
  "database",
  "exporting",
  "importing",
]);
check("nothing unused", ["knip"]);
tests("unit tests", []);
step("what the browser tests need", () => {
  installDebianPackages(
    ["chromium", "chromium-driver"],
    () => existsSync("/usr/bin/chromium") && existsSync("/usr/bin/chromedriver"),
    "Chromium with its driver",
  );
  buildIfStale(ROOT);
});
tests("browser tests", ["--config", "vitest.e2e.config.ts"]);

rmSync(reports, { recursive: true, force: true });
console.log(`\nTook ${Math.round((Date.now() - started) / 1000)} seconds.`);
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
