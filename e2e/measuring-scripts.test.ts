import { spawn } from "node:child_process";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"), 2);
});

afterAll(async () => app?.close());

/** Runs one of the scripts to its end, and gives what it printed. */
function run(
  script: string,
  words: readonly string[],
): Promise<{ readonly status: number | null; readonly printed: string }> {
  const env = { ...process.env, DATABASE_URL: app.databaseUrl };
  const child = spawn("npx", ["tsx", `scripts/${script}`, ...words], { env });
  let printed = "";
  for (const stream of [child.stdout, child.stderr]) stream.on("data", (part: Buffer) => (printed += part.toString()));
  return new Promise((resolve) => child.on("exit", (status) => resolve({ status, printed })));
}

describe("the scripts that measure", () => {
  it.each([
    ["measure-drag.ts", () => [app.url, "20"], /Crown, 20 frames[\s\S]*input to painted frame: median \d/],
    ["measure-opening.ts", () => [app.url, "1"], /first handle: median [1-9]/],
    // Many garments push those of the demo off the first page, where the scripts above look for one.
    ["seed-many.ts", () => ["40", "60", "8"], /40 clients, 60 garments and 8 photographs were added/],
    ["measure-load.ts", () => [app.url, "5", "2"], /garment +\d[\s\S]*\n0 failed/],
  ] as const)("%s: runs to its end and tells its figures", async (script, words, says) => {
    const { status, printed } = await run(script, words());
    expect(printed).toMatch(says);
    expect(status).toBe(0);
  });
});
