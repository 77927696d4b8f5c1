import { spawnSync } from "node:child_process";
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { SAMPLE_FILE } from "@core/testing/sample";
import { afterAll, describe, expect, it } from "vitest";
import { run } from "./run";

const folder = mkdtempSync(join(tmpdir(), "gamine-cli-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** The command line as its program runs it, its texts gathered. */
async function draft(...words: readonly string[]) {
  const told = { out: [] as string[], err: [] as string[] };
  const status = await run(words, { out: (text) => told.out.push(text), err: (text) => told.err.push(text) });
  return { status, out: told.out.join(""), err: told.err.join("") };
}

/** The program itself, as a process of its own. */
function spawned(...words: readonly string[]) {
  const done = spawnSync(process.execPath, ["--import", "tsx", "cli/draft.ts", ...words], {
    encoding: "utf8",
    timeout: 600_000,
  });
  return { status: done.status, out: done.stdout, err: done.stderr };
}

function file(name: string, content: unknown): string {
  const path = join(folder, name);
  writeFileSync(path, typeof content === "string" ? content : JSON.stringify(content));
  return path;
}

describe("the command line", () => {
  it("drafts a garment file to a result, exit 0", async () => {
    const { status, out, err } = await draft(file("good.json", SAMPLE_FILE));
    expect(status).toBe(0);
    expect(err).toBe("");
    const result = JSON.parse(out);
    expect(result.format).toBe("gamine-result/1");
    expect(result.figures.find((one: { id: string }) => one.id === "sleeve.cap.front").value).toBeCloseTo(
      8.75 + 0.5625,
      4,
    );
  });

  it("is a program of its own, which writes to its two outputs and ends with its status", async () => {
    const good = file("good.json", SAMPLE_FILE);
    const inHere = await draft(good);
    expect(spawned(good)).toEqual(inHere);
    const bad = spawned(file("bad.json", "{"));
    expect(bad.status).toBe(2);
    expect(bad.out).toBe("");
    expect(JSON.parse(bad.err).issues[0].code).toBe("not-json");
  });

  it("gives a result with its findings, exit 0, where no sleeve fits", async () => {
    const { status, out } = await draft(
      file("wide.json", { ...SAMPLE_FILE, body: { ...SAMPLE_FILE.body, upperArm: 25 } }),
    );
    expect(status).toBe(0);
    const result = JSON.parse(out);
    expect(result.pieces).toEqual([]);
    expect(result.findings[0]).toMatchObject({ code: "no-cap-fits", severity: "fault" });
  });

  it("writes the drawings that are asked for", async () => {
    const out = join(folder, "out");
    const { status } = await draft(file("good.json", SAMPLE_FILE), "--out", out, "--as", "svg,pdf,block-svg,block-dxf");
    expect(status).toBe(0);
    expect(readdirSync(out).sort()).toEqual([
      "block.dxf",
      "block.svg",
      "sheet.svg",
      "sheets-a4.pdf",
      "sheets-letter.pdf",
    ]);
    expect(readFileSync(join(out, "sheets-a4.pdf")).subarray(0, 5).toString()).toBe("%PDF-");
  });

  it("tells the block's curves and what its alterations did, in the file's unit", async () => {
    const result = JSON.parse((await draft("docs/examples/drafted-jacket.json")).out);
    expect(result.block.front.armhole).toMatch(/^M[\d. -]+C/);
    const [lowered] = result.block.alterations;
    expect(lowered).toMatchObject({ kind: "lower-armhole", leftOut: null });
    expect(lowered.by).toBeCloseTo(1.2, 9);
    expect(lowered.after.frontArmhole).toBeGreaterThan(lowered.before.frontArmhole + 0.8);
    expect(new Set(result.steps.map((step: { part: string }) => step.part))).toEqual(
      new Set(["sleeve", "collar", "back", "front", "bodice"]),
    );
  });

  it.each([
    ["not JSON", "{", "not-json"],
    ["a list", [], "wrong-kind"],
    ["an unknown field", { ...SAMPLE_FILE, collor: null }, "unknown-field"],
    ["a negative reading", { ...SAMPLE_FILE, body: { bust: -3 } }, "too-small"],
    ["forty digits", { ...SAMPLE_FILE, body: { bust: "9".repeat(40) } }, "too-large"],
    ["text for a reading", { ...SAMPLE_FILE, body: { bust: "wide" } }, "not-a-length"],
  ])("refuses %s with exit 2 and issues on standard error", async (_name, content, code) => {
    const { status, out, err } = await draft(file("bad.json", content));
    expect(status).toBe(2);
    expect(out).toBe("");
    const { issues } = JSON.parse(err);
    expect(issues[0]).toMatchObject({ code, path: expect.any(String), message: expect.any(String) });
    expect(Object.keys(issues[0]).sort()).toEqual(["bounds", "code", "message", "path", "value"]);
  });

  it.each([
    [["nowhere.json"], "unreadable"],
    [["."], "unreadable"],
    [[], "usage"],
    [["a.json", "--as", "svg"], "usage"],
    [["a.json", "--out"], "usage"],
    [["a.json", "--out", "x", "--as", "plan"], "usage"],
    [["--fast", "a.json"], "usage"],
    [["--many", "nowhere.jsonl"], "unreadable"],
  ])("answers %j with exit 2 and no stack trace", async (words, code) => {
    const { status, err } = await draft(...words);
    expect(status).toBe(2);
    expect(JSON.parse(err).issues[0].code).toBe(code);
    expect(err).not.toMatch(/\n\s+at /);
  });

  it("drafts many, one result a line, and goes on after a line that is no garment", async () => {
    const lines = [
      JSON.stringify(SAMPLE_FILE),
      "nonsense",
      "",
      JSON.stringify({ ...SAMPLE_FILE, unit: "cm", body: { upperArm: 30 } }),
    ];
    const { status, out } = await draft("--many", file("many.jsonl", lines.join("\n")));
    const results = out
      .trim()
      .split("\n")
      .map((line) => JSON.parse(line));
    expect(status).toBe(2);
    expect(results.length).toBe(3);
    expect(results[0].unit).toBe("in");
    expect(results[1].issues[0].code).toBe("not-json");
  });

  it("drafts every example of the documentation", async () => {
    const examples = readdirSync("docs/examples").filter((name) => name.endsWith(".json"));
    expect(examples.length).toBeGreaterThan(0);
    for (const name of examples) {
      expect(existsSync(join("docs/examples", name))).toBe(true);
      expect((await draft(join("docs/examples", name))).status, name).toBe(0);
    }
  });
});
